import { describe, expect, it } from 'vitest';
import { easyScene, renderScene, type Scene } from '../scene.testing';
import { findCard } from './findCard';
import { tiltDeg } from './plausible';

/** A small picture of a card alone, so that it is drawn quickly. */
const scene = (over: Partial<Scene> = {}, card: Partial<NonNullable<Scene['card']>> = {}): Scene => {
  const easy = easyScene({ widthPx: 640, heightPx: 480, pxPerMm: 4.2, seams: [], ...over });
  if (easy.card) easy.card = { ...easy.card, middle: { x: 0, y: 0 }, ...card };
  return easy;
};

/** Largest distance of a corner from where it is, whichever corner is counted first, pixels. */
function worst(found: ReturnType<typeof findCard>, truth: readonly { x: number; y: number }[]): number {
  if (!found) return Infinity;
  const turns = [0, 1, 2, 3].map((turn) =>
    Math.max(
      ...truth.map(({ x, y }, i) => {
        const corner = found[(i + turn) % 4];
        return Math.hypot(corner.x - x, corner.y - y);
      }),
    ),
  );
  return Math.min(...turns);
}

describe('a card in a picture', () => {
  it.each([
    ['straight from above', scene()],
    ['leaning 22° in poor light', scene({ tiltDeg: 22, tiltTowardsDeg: 130, light: { least: 0.35, fromDeg: 60 } })],
    ['turned, plain, on a pattern', scene({ ground: 'twill', groundDepth: 0.2 }, { angleDeg: 31, printed: false })],
  ])('is found to a pixel, %s', (_, one) => {
    const picture = renderScene(one);
    expect(worst(findCard(picture), picture.truth.card ?? [])).toBeLessThan(1);
  });

  it('is not taken for one when it is no card: a sheet of other sides, or one that leaves the picture', () => {
    expect(findCard(renderScene(scene({}, { widthMm: 85.6, heightMm: 85 })))).toBeNull();
    expect(findCard(renderScene(scene({}, { middle: { x: 60, y: 0 } })))).toBeNull();
    expect(findCard(renderScene(scene({ card: null })))).toBeNull();
  });

  it('tells how far the camera leans', () => {
    const picture = renderScene(scene({ tiltDeg: 20, tiltTowardsDeg: 40 }));
    const card = findCard(picture);
    expect(card).not.toBeNull();
    if (card) expect(Math.abs(tiltDeg(card, picture.width, picture.height) - 20)).toBeLessThan(5);
  });
});
