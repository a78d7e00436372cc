import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Needle } from './needles';
import { MOST_IN_PACK, needlePacks } from './packs';

const JEANS: Needle = { point: 'jeans', nm: 90 };
const SHARP: Needle = { point: 'sharp', nm: 70 };
const one = (id: string, needle: Needle, hours: number, pack = 'pack of 5', where = 'tin') => ({
  id,
  needle,
  pack,
  where,
  hours,
});
const packs = (needles: ReturnType<typeof one>[]) => needlePacks(needles, ({ hours }) => hours);

describe('needles in their packs', () => {
  it('are together where point, size, pack and place are the same, the most worn first', () => {
    const [pack, ...more] = packs([one('a', JEANS, 0), one('b', JEANS, 3.4), one('c', JEANS, 0)]);
    expect(more).toEqual([]);
    expect(pack.needles.map(({ id }) => id)).toEqual(['b', 'a', 'c']);
  });

  it('are apart where any of these differs', () => {
    const found = packs([
      one('a', JEANS, 0),
      one('b', SHARP, 0),
      one('c', JEANS, 0, 'pack of 3'),
      one('d', JEANS, 0, 'pack of 5', 'drawer'),
    ]);
    expect(found).toHaveLength(4);
  });

  it('keep every needle once, in packs that are sold', () =>
    fc.assert(
      fc.property(
        fc.array(fc.record({ size: fc.constantFrom(70, 80, 90), hours: fc.nat(9) }), { maxLength: 60 }),
        (all) => {
          const needles = all.map(({ size, hours }, i) => one(`n${i}`, { point: 'universal', nm: size }, hours));
          const found = packs(needles);
          expect(found.flatMap(({ needles: of }) => of.map(({ id }) => id)).sort()).toEqual(
            needles.map(({ id }) => id).sort(),
          );
          for (const { needles: of } of found) expect(of.length).toBeLessThanOrEqual(MOST_IN_PACK);
        },
      ),
    ));
});
