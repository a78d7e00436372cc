import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { FAMILIES, type Family, FAMILY } from '../../cloth';
import { NEEDLE_SIZES } from '../../units';
import { seamContext, seamNm, usualNm } from '../../physics';
import { answer } from '../match';
import { matchInputSchema, type MatchRequest } from '../question';

const cloth = (family: Family, more: Partial<MatchRequest['cloth']> = {}) => ({
  structure: FAMILY[family].structure,
  family,
  ...more,
});
const both = (
  first: MatchRequest['cloth'],
  second: MatchRequest['cloth'],
  kind: MatchRequest['operation']['kind'] = 'join',
) => answer(matchInputSchema.parse({ cloth: first, operation: { kind, second } }));

describe('two different fabrics in one seam', () => {
  it('are sewn the same whichever comes first', () => {
    fc.assert(
      fc.property(fc.constantFrom(...FAMILIES), fc.constantFrom(...FAMILIES), (a, b) => {
        const [one, other] = [both(cloth(a), cloth(b)), both(cloth(b), cloth(a))];
        expect(one.setup, `${a} with ${b}`).toEqual(other.setup);
        expect([one.plan.secure, one.plan.press, one.plan.leader]).toEqual([
          other.plan.secure,
          other.plan.press,
          other.plan.leader,
        ]);
      }),
      { numRuns: 120 },
    );
  });

  it('never get a ballpoint through denim, canvas or coat-weight wool', () => {
    const tough = [cloth('denim'), cloth('canvas'), cloth('wool', { massGsm: 450 })];
    const knits = FAMILIES.filter((family) => FAMILY[family].structure === 'knit');
    for (const one of tough)
      for (const knit of knits)
        expect(both(one, cloth(knit)).setup?.needle.point, `${one.family} with ${knit}`).not.toMatch(/ball|stretch/);
  });

  it('are pierced by at most two sizes above what the finer one wants', () => {
    const sizes = NEEDLE_SIZES.map(({ nm }) => nm);
    fc.assert(
      fc.property(fc.constantFrom(...FAMILIES), fc.constantFrom(...FAMILIES), (a, b) => {
        const seam = seamContext({ ...cloth(a), traits: [] }, { kind: 'join', second: { ...cloth(b), traits: [] } });
        const finest = Math.min(...seam.each.map(({ profile }) => usualNm(profile)));
        const at = sizes.findLastIndex((nm) => nm <= finest);
        const most = sizes[Math.min(sizes.length - 1, Math.max(at, 0) + 2)];
        expect(seamNm({ ...seam, thicknessMm: 1 })).toBeLessThanOrEqual(Math.max(most, finest));
      }),
    );
  });

  it('warn of a cutting point beside loops', () => {
    const { setup, cautions } = both(cloth('leather', { thicknessMm: 1.2 }), cloth('rib'));
    expect(setup?.needle.point).toBe('leather');
    expect(cautions.join()).toMatch(/cutting point next to knitted loops/);
    expect(both(cloth('leather', { thicknessMm: 1.2 }), cloth('poplin')).cautions.join()).not.toMatch(/loops/);
  });

  it('are named, and the second by number where both have one name', () => {
    const notes = (a: MatchRequest['cloth'], b: MatchRequest['cloth']) => both(a, b).plan.notes.join(' ');
    expect(notes(cloth('velvet', { name: 'Plum velvet' }), cloth('lawn', { name: 'White lawn' }))).toMatch(
      /Sew with Plum velvet on top, pile up, and White lawn on the feed/,
    );
    expect(notes(cloth('poplin'), cloth('poplin'))).toMatch(/the first fabric and the second fabric/);
  });

  it('have a French seam only where both are fine', () => {
    expect(both(cloth('silk'), cloth('chiffon')).plan.seam).toMatch(/^French/);
    expect(both(cloth('silk'), cloth('wool')).plan.seam).not.toMatch(/French/);
  });
});

describe('the hem of a knit', () => {
  it('is never one single straight line', () => {
    const knits = FAMILIES.filter((family) => FAMILY[family].structure === 'knit');
    fc.assert(
      fc.property(fc.constantFrom(...knits), fc.integer({ min: 0, max: 30 }), fc.boolean(), (family, give, twins) => {
        const { setup } = answer(
          matchInputSchema.parse({
            cloth: cloth(family),
            operation: { kind: 'hem', requiredGive: give },
            ...(!twins && { kit: { needles: [{ point: 'ballpoint', nm: 80 }] } }),
          }),
        );
        if (setup?.stitch === 'straight') expect(setup.needle.gapMm, family).toBeDefined();
      }),
      { numRuns: 60 },
    );
  });

  it('goes one way as more stretch is asked for: two rows, then a zigzag, then three steps', () => {
    const order = ['straight', 'zigzag', 'three-step-zigzag'];
    for (const family of ['jersey', 'slinky-jersey', 'rib', 'swim'] as const) {
      const most = FAMILY[family].stretchAcross[1];
      const stitches = Array.from({ length: Math.floor(most / 2) }, (_, i) => 2 * i).flatMap(
        (requiredGive) =>
          answer(
            matchInputSchema.parse({
              cloth: cloth(family, { stretchAcross: most }),
              operation: { kind: 'hem', requiredGive },
            }),
          ).setup?.stitch ?? [],
      );
      const places = stitches.map((stitch) => order.indexOf(stitch));
      expect(places, family).toEqual([...places].sort((a, b) => a - b));
    }
  });
});
