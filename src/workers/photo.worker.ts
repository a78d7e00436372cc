import { expose } from 'comlink';
import { fitWithin } from '@/core/photo';

/** A picture small enough to keep, as a data address. */
export interface SmallPhoto {
  data: string;
  widthPx: number;
  heightPx: number;
}

/** Longest side of a kept picture, pixels: sharp on a whole phone screen, about a tenth of a megabyte. */
const LONGEST_PX = 1000;

const api = {
  /** Shrinks a picture; null when the file is not one that can be read. */
  async shrink(file: Blob): Promise<SmallPhoto | null> {
    const picture = await createImageBitmap(file).catch(() => null);
    if (!picture) return null;
    const { width, height } = fitWithin(picture.width, picture.height, LONGEST_PX);
    const canvas = new OffscreenCanvas(width, height);
    const pen = canvas.getContext('2d');
    if (!pen) return null;
    pen.drawImage(picture, 0, 0, width, height);
    picture.close();
    const small = await canvas.convertToBlob({ type: 'image/jpeg', quality: 0.82 });
    return { data: await dataAddress(small), widthPx: width, heightPx: height };
  },
};
export type PhotoWorker = typeof api;

async function dataAddress(blob: Blob): Promise<string> {
  const bytes = new Uint8Array(await blob.arrayBuffer());
  let text = '';
  // In slices: a call takes only so many arguments.
  for (let i = 0; i < bytes.length; i += 8192) text += String.fromCharCode(...bytes.subarray(i, i + 8192));
  return `data:${blob.type};base64,${btoa(text)}`;
}

expose(api);
