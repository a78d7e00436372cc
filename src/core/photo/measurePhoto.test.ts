import { describe, expect, it } from 'vitest';
import { measurePhoto, type PhotoSeam } from '.';
import { easyScene, renderScene } from './scene.testing';
import { DIFFICULTIES, randomScene } from './scenes.testing';

const card = { scale: { from: 'card' }, kind: null, line: null, most: 1 } as const;
const within = (value: number, truth: number, share: number) => Math.abs(value / truth - 1) <= share;

/** Half the size of the bench's pictures: the same px to a stitch, drawn four times as fast. */
const SCALE = 0.45;
const SEEDS = Array.from({ length: 10 }, (_, i) => i + 31);

describe('rendered pictures with known truth', () => {
  it.each(DIFFICULTIES)(
    '$name: pitch within 1.5 %, count within 1 in 40, skipped stitches, width within 5 %, never sure and wrong',
    (difficulty) => {
      const missed: string[] = [];
      let read = 0;
      for (const seed of SEEDS) {
        const { truth, ...picture } = renderScene(randomScene(seed, difficulty, SCALE));
        const measured = measurePhoto(picture, card);
        if ('blocked' in measured) continue;
        read += 1;
        const [seam] = measured.seams;
        if (seam.confidence > 0.7) expect(within(seam.pitchMm, truth.pitchMm, 0.05), `seed ${seed}`).toBe(true);
        const right =
          within(seam.pitchMm, truth.pitchMm, 0.02) &&
          Math.abs(seam.count - truth.count) <= Math.max(1, truth.count / 40) &&
          seam.skipped === truth.skipped &&
          (truth.widthMm === 0 ? seam.widthMm === 0 : within(seam.widthMm, truth.widthMm, 0.05));
        if (!right) missed.push(`seed ${seed}: ${seam.kind} ${seam.pitchMm} of ${truth.pitchMm}`);
      }
      expect(read).toBeGreaterThanOrEqual(8);
      expect(missed.length, missed.join('; ')).toBeLessThanOrEqual(1);
    },
  );
});

describe('one easy picture', () => {
  const scene = easyScene(
    { widthPx: 560, heightPx: 300, pxPerMm: 5, card: null },
    { pitchMm: 3, penetrations: 27, middle: { x: 0, y: 0 }, angleDeg: -8, skips: [9] },
  );
  const picture = renderScene(scene);
  const typed = { ...card, scale: { from: 'typed', mmPerPx: 0.2 } } as const;
  const seamOf = (over = {}): PhotoSeam => {
    const measured = measurePhoto(picture, { ...typed, ...over });
    if ('blocked' in measured) throw new Error(measured.blocked[0].code);
    return measured.seams[0];
  };

  it('places each penetration on the thread, from the left, and says which are missing', () => {
    const seam = seamOf();
    const seen = seam.penetrations.filter((one) => one.seen);
    expect(seam.skipped).toBe(1);
    expect(seen.length).toBe(picture.truth.penetrations.length);
    seen.forEach(({ xPx, yPx }, i) => {
      const true_ = picture.truth.penetrations[i];
      expect(Math.hypot(xPx - true_.x, yPx - true_.y)).toBeLessThan(2.5);
    });
    expect(seam.angleDeg).toBeGreaterThan(7);
    expect(seam.angleDeg).toBeLessThan(9);
  });

  it('gives the same numbers again, and the same for a line that is shown', () => {
    const seam = seamOf();
    expect(seamOf()).toEqual(seam);
    const [first, last] = [seam.way[0], seam.way[seam.way.length - 1]];
    expect(Math.abs(seamOf({ line: [first, last] }).pitchMm / seam.pitchMm - 1)).toBeLessThan(0.01);
  });

  it('tells how far it is, up to the end', () => {
    const shares: number[] = [];
    measurePhoto(picture, typed, (share) => shares.push(share));
    expect(shares.length).toBeGreaterThan(3);
    expect([...shares].sort((a, b) => a - b)).toEqual(shares);
  });
});
