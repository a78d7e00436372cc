import { expect, it } from 'vitest';
import { matchInputSchema } from '../question';
import { answer } from '../match';
import { bestStitches } from './bestStitches';

const seam = (family: string, structure: string) =>
  matchInputSchema.parse({ cloth: { family, structure }, operation: { kind: 'join' } });

it('is the recommended setting first, then the best with other stitches, each stitch once', () => {
  const input = seam('jersey', 'knit');
  const found = bestStitches(input, 3);
  expect(found[0]).toEqual(answer(input).setup);
  expect(new Set(found.map(({ stitch }) => stitch)).size).toBe(3);
  expect(bestStitches(input, 2)).toEqual(found.slice(0, 2));
});

it('is no stitch that does not serve', () => {
  const { rejected } = answer(seam('vinyl', 'coated'));
  const found = bestStitches(seam('vinyl', 'coated'), 12);
  expect(found.length).toBeGreaterThan(0);
  expect(found.length).toBeLessThan(12);
  expect(rejected.length).toBeGreaterThan(0);
});
