import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { THREAD_FIBRES } from '../kit';
import { seamStrength, strengthInputSchema } from '.';

const seam = (more: object = {}) =>
  seamStrength(
    strengthInputSchema.parse({ lengthMm: 2.54, thread: { fibre: 'polyester', tex: 27 }, threadN: 10, ...more }),
  );

describe('the strength of a seam', () => {
  it('is enough from what its use needs on', () => {
    // 10 stitches an inch × 6 N × 1.5 is just what everyday use needs.
    expect(seam({ threadN: 6, use: 'daily' }).use).toEqual({ needsN: 90, isEnough: true });
    expect(seam({ threadN: 5.99, use: 'daily' }).use?.isEnough).toBe(false);
  });

  it('lets the thread break first, unless the fabric is the weaker of the two', () => {
    const on = (massGsm: number) => seam({ fabric: { structure: 'woven', massGsm } }).fabric?.breaksFirst;
    expect(on(94)).toBe('thread');
    expect(on(93)).toBe('fabric');
  });

  it('without a maker’s figure comes from fibre and Tex, in proportion', () => {
    const by = (tex: number) => seam({ threadN: undefined, thread: { fibre: 'cotton', tex } }).perInchN;
    expect(by(60)).toBeCloseTo(2 * by(30), 9);
  });

  it('falls with the stitch length and rises with the thread, on any fibre', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...THREAD_FIBRES),
        fc.double({ min: 0.5, max: 5.5, noNaN: true }),
        fc.integer({ min: 16, max: 100 }),
        (fibre, lengthMm, tex) => {
          const of = (l: number, t: number) =>
            seam({ threadN: undefined, lengthMm: l, thread: { fibre, tex: t } }).perInchN;
          expect(of(lengthMm + 0.5, tex)).toBeLessThan(of(lengthMm, tex));
          expect(of(lengthMm, tex + 1)).toBeGreaterThan(of(lengthMm, tex));
        },
      ),
    );
  });

  it('asks for a length above nothing and a known use', () => {
    expect(strengthInputSchema.safeParse({ lengthMm: 0, thread: { fibre: 'silk', tex: 16 } }).success).toBe(false);
    expect(
      strengthInputSchema.safeParse({ lengthMm: 2, thread: { fibre: 'silk', tex: 16 }, use: 'sails' }).success,
    ).toBe(false);
  });
});
