import { decode as decodePng } from 'fast-png';
import { decode as decodeJpeg } from 'jpeg-js';
import type { Pixels } from '../src/core/photo';

/** The largest picture that is read, million pixels: a phone takes 12 to 50. */
const MOST_MEGAPIXELS = 60;

/**
 * A picture out of a PNG or JPEG file, upright.
 *
 * @param bytes - of the file
 * @returns the pixels; null when it is neither, damaged, or larger than 60 megapixels
 */
export function readPicture(bytes: Uint8Array): Pixels | null {
  try {
    if (bytes[0] === 0x89 && bytes[1] === 0x50) return fromPng(bytes);
    if (bytes[0] === 0xff && bytes[1] === 0xd8) return fromJpeg(bytes);
    return null;
  } catch {
    // Both readers throw many kinds of error at a damaged file; each means that it cannot be read.
    return null;
  }
}

function fromPng(bytes: Uint8Array): Pixels | null {
  const { width, height, data, channels, depth, palette } = decodePng(bytes);
  if (width * height > MOST_MEGAPIXELS * 1e6) return null;
  const pixels = new Uint8ClampedArray(width * height * 4);
  const shift = depth === 16 ? 8 : 0;
  // One, two and four bits a pixel hold a few to the byte.
  const perByte = depth < 8 ? 8 / depth : 1;
  const rowBytes = Math.ceil(width / perByte);
  const sample = (i: number, c: number): number => {
    if (perByte === 1) return data[i * channels + c] >> shift;
    const [x, y] = [i % width, Math.floor(i / width)];
    const packed = data[y * rowBytes + Math.floor(x / perByte)] >> (8 - depth * ((x % perByte) + 1));
    const value = packed & ((1 << depth) - 1);
    return palette ? value : (value * 255) / ((1 << depth) - 1);
  };
  for (let i = 0; i < width * height; i += 1) {
    const grey = channels < 3;
    const colour = palette ? palette[sample(i, 0)] : [sample(i, 0), sample(i, grey ? 0 : 1), sample(i, grey ? 0 : 2)];
    pixels.set([colour[0], colour[1], colour[2], 255], i * 4);
  }
  return { width, height, data: pixels };
}

function fromJpeg(bytes: Uint8Array): Pixels {
  const decoded = decodeJpeg(bytes, {
    useTArray: true,
    formatAsRGBA: true,
    maxResolutionInMP: MOST_MEGAPIXELS,
    maxMemoryUsageInMB: 2048,
  });
  // The types of the package leave out the Exif block that it gives.
  const { width, height, data, exifBuffer } = decoded as typeof decoded & { exifBuffer?: Uint8Array };
  return upright({ width, height, data }, exifBuffer ? orientationOf(exifBuffer) : 1);
}

/** Orientation out of the Exif block of a JPEG (Exif 2.32, tag 0x0112): 1 upright … 8; 1 where none is said. */
function orientationOf(exif: Uint8Array): number {
  // The reader leaves the last zero of “Exif” before the block.
  const skip = exif[0] === 0 ? 1 : 0;
  const view = new DataView(exif.buffer, exif.byteOffset + skip, exif.length - skip);
  const little = view.getUint16(0) === 0x4949;
  const list = view.getUint32(4, little);
  for (let i = 0; i < view.getUint16(list, little); i += 1) {
    const entry = list + 2 + 12 * i;
    if (view.getUint16(entry, little) === 0x0112) return view.getUint16(entry + 8, little);
  }
  return 1;
}

/** The picture turned and mirrored as its orientation says. */
function upright(pixels: Pixels, orientation: number): Pixels {
  if (orientation < 2 || orientation > 8) return pixels;
  const turned = orientation > 4;
  const { width: w, height: h, data } = pixels;
  const [width, height] = turned ? [h, w] : [w, h];
  const from: Record<number, (x: number, y: number) => number> = {
    2: (x, y) => y * w + (w - 1 - x),
    3: (x, y) => (h - 1 - y) * w + (w - 1 - x),
    4: (x, y) => (h - 1 - y) * w + x,
    5: (x, y) => x * w + y,
    6: (x, y) => (h - 1 - x) * w + y,
    7: (x, y) => (h - 1 - x) * w + (w - 1 - y),
    8: (x, y) => x * w + (w - 1 - y),
  };
  const to = new Uint8ClampedArray(data.length);
  const place = from[orientation];
  for (let y = 0; y < height; y += 1)
    for (let x = 0; x < width; x += 1) {
      const at = place(x, y) * 4;
      to.set(data.subarray(at, at + 4), (y * width + x) * 4);
    }
  return { width, height, data: to };
}
