import { encode as encodePng } from 'fast-png';
import { encode as encodeJpeg } from 'jpeg-js';
import { describe, expect, it } from 'vitest';
import { easyScene, renderScene } from '../src/core/photo/scene.testing';
import { readPicture } from './picture';
import { runCommand } from './run';

/** Two by one pixels, black and white. */
const two = { width: 2, height: 1, data: new Uint8Array([0, 0, 0, 255, 255, 255, 255, 255]) };

/** A JPEG of 16 × 8, black on the left, with an Exif block that says how it is turned. */
function turnedJpeg(orientation: number): Uint8Array {
  const data = new Uint8Array(16 * 8 * 4).fill(255);
  for (let y = 0; y < 8; y += 1) for (let x = 0; x < 8; x += 1) data.fill(0, (y * 16 + x) * 4, (y * 16 + x) * 4 + 3);
  const jpeg = encodeJpeg({ width: 16, height: 8, data }, 95).data;
  const tiff = [0x4d, 0x4d, 0, 42, 0, 0, 0, 8, 0, 1, 0x01, 0x12, 0, 3, 0, 0, 0, 1, 0, orientation, 0, 0, 0, 0, 0, 0];
  const block = [0x45, 0x78, 0x69, 0x66, 0, 0, ...tiff];
  return new Uint8Array([0xff, 0xd8, 0xff, 0xe1, 0, block.length + 2, ...block, ...jpeg.subarray(2)]);
}

describe('a picture file', () => {
  it('is read as PNG in colour and in grey', () => {
    expect(readPicture(encodePng({ ...two, channels: 4 }))).toMatchObject({ width: 2, height: 1 });
    const grey = readPicture(encodePng({ width: 2, height: 1, channels: 1, data: new Uint8Array([7, 200]) }));
    expect(Array.from(grey?.data ?? [])).toEqual([7, 7, 7, 255, 200, 200, 200, 255]);
  });

  it.each([
    [1, 16, 'left'],
    [3, 16, 'right'],
    [6, 8, 'top'],
    [8, 8, 'bottom'],
  ])('is turned upright: orientation %i', (orientation, width, side) => {
    const picture = readPicture(turnedJpeg(orientation));
    expect(picture?.width).toBe(width);
    const at = (x: number, y: number) => picture?.data[(y * (picture?.width ?? 0) + x) * 4] ?? -1;
    const black = { left: at(1, 3), right: at(width - 2, 3), top: at(3, 1), bottom: at(3, 14) }[side];
    expect(black).toBeLessThan(60);
  });

  it('that is none, or is cut off, is not read', () => {
    expect(readPicture(new TextEncoder().encode('{"format":"bobbet-card"}'))).toBeNull();
    expect(readPicture(encodePng({ ...two, channels: 4 }).subarray(0, 40))).toBeNull();
    expect(readPicture(new Uint8Array())).toBeNull();
  });
});

describe('bobbet photo', () => {
  const scene = easyScene(
    { widthPx: 560, heightPx: 300, pxPerMm: 5, card: null },
    { pitchMm: 3, penetrations: 27, middle: { x: 0, y: 0 } },
  );
  const png = encodePng({ ...renderScene(scene), channels: 4 });
  const run = (...words: string[]) =>
    runCommand(
      ['photo', ...words],
      () => '',
      undefined,
      (file) => {
        if (file === 'none.png') throw Object.assign(new Error('no'), { code: 'ENOENT' });
        return file === 'text.png' ? new TextEncoder().encode('no picture') : png;
      },
    );

  it('measures a picture, with where each number comes from', () => {
    const { exit, out } = run('seam.png', '--mm-per-px', '0.2', '--detail');
    expect(exit).toBe(0);
    const answer = JSON.parse(out);
    expect(answer).toMatchObject({
      count: 26,
      skipped: 0,
      widthMm: 0,
      provenance: { pitchMm: 'measured', confidence: 'model' },
    });
    expect(Math.abs(answer.pitchMm - 3)).toBeLessThan(0.045);
    expect(answer.positions).toHaveLength(27);
    expect(answer.positions[0]).toEqual({ xPx: expect.any(Number), yPx: expect.any(Number) });
  });

  it('refuses what it cannot measure, and other stitches', () => {
    expect(JSON.parse(run('seam.png', '--card').out).blocked[0].code).toBe('photo.scale-missing');
    expect(JSON.parse(run('seam.png', '--stitch', 'overlock').out).blocked[0].code).toBe('photo.stitch-not-read');
  });

  it.each<[string[], RegExp]>([
    [[], /^file: expected one picture, got none/],
    [['a.png', 'b.png'], /^file: expected one picture, got 2/],
    [['a.png', '--mm-per-px', '0'], /^--mm-per-px: expected mm to the pixel/],
    [['a.png', '--mm-per-px', 'wide'], /^--mm-per-px: .*got wide/],
    [['a.png', '--mm-per-px'], /^--mm-per-px: .*got nothing/],
    [['a.png', '--stitch'], /^--stitch: expected straight or zigzag/],
    [['a.png', '--blur'], /^--blur: photo has no such option/],
    [['a.png', '--card', '--mm-per-px', '0.1'], /^--card: a scale is typed as well/],
    [['none.png'], /^file: cannot read "none.png" \(ENOENT\)/],
    [['text.png'], /^file: "text.png" is not a PNG or JPEG picture/],
  ])('%j', (words, message) => {
    const { exit, out, error } = run(...words);
    expect(exit).toBe(2);
    expect(out).toBe('');
    expect(error).toMatch(message);
  });
});
