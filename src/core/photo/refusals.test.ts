import { describe, expect, it } from 'vitest';
import { measurePhoto, type Pixels } from '.';
import type { PhotoQuestion } from './measurePhoto';
import { refusedBy } from './refusals';
import { easyScene, renderScene, type Scene, type SceneSeam } from './scene.testing';

const asked = (over: Partial<PhotoQuestion> = {}): PhotoQuestion => ({
  scale: { from: 'typed', mmPerPx: 0.2 },
  kind: null,
  line: null,
  most: 1,
  ...over,
});
const codeOf = (pixels: Pixels, question = asked()): string => {
  const measured = measurePhoto(pixels, question);
  return 'blocked' in measured ? measured.blocked[0].code : `measured ${measured.seams[0].pitchMm}`;
};
const small = (over: Partial<Scene> = {}, seam: Partial<SceneSeam> = {}): Scene =>
  easyScene(
    { widthPx: 520, heightPx: 300, pxPerMm: 5, card: null, ...over },
    { pitchMm: 3, penetrations: 27, middle: { x: 0, y: 0 }, ...seam },
  );
const flat = (width: number, height: number, light: number): Pixels => ({
  width,
  height,
  data: new Uint8ClampedArray(width * height * 4).fill(light),
});

describe('pictures that are refused', () => {
  it('an easy one is not', () => expect(codeOf(renderScene(small()))).toMatch(/^measured 3\.0/));

  it.each<[string, () => Pixels, Partial<PhotoQuestion>]>([
    ['photo.picture-too-small', () => flat(119, 400, 120), {}],
    ['photo.picture-empty', () => flat(300, 300, 120), {}],
    ['photo.light-dark', () => flat(300, 300, 9), {}],
    ['photo.light-burnt', () => flat(300, 300, 255), {}],
    ['photo.scale-missing', () => renderScene(small()), { scale: { from: 'card' } }],
    ['photo.seam-missing', () => renderScene(small({ seams: [], ground: 'plain' })), {}],
    ['photo.picture-blurred', () => renderScene(small({ blurPx: 7, noise: 0.5 })), {}],
    [
      'photo.stitches-too-small',
      () => renderScene(small({ pxPerMm: 1.1, ground: 'plain' })),
      { scale: { from: 'typed', mmPerPx: 1 / 1.1 } },
    ],
    ['photo.seam-too-short', () => renderScene(small({}, { penetrations: 5 })), {}],
  ])('%s', (code, picture, question) => expect(codeOf(picture(), asked(question))).toBe(code));

  it('the edge of a patterned scrap is no line of stitching', () => {
    const table = [60, 40, 30] as const;
    const scene = small({ seams: [], ground: 'twill', groundDepth: 0.15, scrap: { halfX: 46, halfY: 20, table } });
    expect(codeOf(renderScene(scene))).toMatch(/^photo\./);
  });

  it('a card seen from too far aside', () => {
    const corners = [
      { x: 100, y: 120 },
      { x: 420, y: 120 },
      { x: 470, y: 220 },
      { x: 50, y: 220 },
    ] as const;
    expect(codeOf(renderScene(small()), asked({ scale: { from: 'corners', corners } }))).toBe('photo.picture-tilted');
  });

  it('each says what to do better, and by how much it is off where that is a number', () => {
    const { blocked } = refusedBy('photo.picture-too-small', 80, 120, 'px');
    expect(blocked[0]).toMatchObject({ actual: 80, limit: 120, unit: 'px' });
    expect(blocked[0].text).toMatch(/Take a photo/);
  });
});
