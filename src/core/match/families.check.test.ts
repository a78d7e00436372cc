import { describe, expect, it } from 'vitest';
import { FAMILY, type Family } from '../cloth';
import type { NeedlePoint } from '../kit';
import type { StitchId } from '../stitch';
import { answer, matchInputSchema, type MatchRequest } from '.';

const ask = (cloth: MatchRequest['cloth'], operation: MatchRequest['operation'], more: Partial<MatchRequest> = {}) =>
  answer(matchInputSchema.parse({ cloth, operation, ...more }));
const plain = (family: Family) => ({ structure: FAMILY[family].structure, family });

interface Usual {
  points: NeedlePoint[];
  nm: [number, number];
  stitches: StitchId[];
  lengthMm: [number, number];
}

const KNIT: Usual = {
  points: ['ballpoint'],
  nm: [80, 90],
  stitches: ['zigzag', 'triple-straight', 'lightning'],
  lengthMm: [2, 2.5],
};
const LIGHT: Usual = { points: ['universal', 'sharp'], nm: [60, 70], stitches: ['straight'], lengthMm: [1.5, 2] };
const MEDIUM: Usual = { points: ['universal', 'sharp'], nm: [70, 80], stitches: ['straight'], lengthMm: [2, 2.6] };
const STRONG: Usual = { points: ['jeans'], nm: [90, 100], stitches: ['straight'], lengthMm: [2.5, 3] };

// A plain seam in a usual weight of each family: the range the trade names, two neighbouring sizes or three (common practice).
const JOINS: [Family, Usual][] = [
  ['jersey', { ...KNIT, nm: [70, 80] }],
  ['slinky-jersey', { ...KNIT, points: ['stretch'], nm: [65, 75] }],
  ['rib', KNIT],
  ['double-knit', KNIT],
  ['scuba', KNIT],
  ['fleece', KNIT],
  ['sweater-knit', KNIT],
  ['swim', { ...KNIT, points: ['stretch'], nm: [75, 90], stitches: ['zigzag', 'three-step-zigzag'], lengthMm: [1, 2] }],
  ['lace', { ...KNIT, nm: [60, 70] }],
  ['mesh', { ...KNIT, nm: [60, 70] }],
  ['lawn', { ...MEDIUM, nm: [70, 75], lengthMm: [2, 2.5] }],
  ['poplin', MEDIUM],
  ['viscose-woven', MEDIUM],
  ['double-gauze', MEDIUM],
  ['silk', LIGHT],
  ['satin', LIGHT],
  ['chiffon', LIGHT],
  ['lining', LIGHT],
  ['ripstop', { ...LIGHT, points: ['sharp'], lengthMm: [2, 3] }],
  ['waterproof', { ...MEDIUM, points: ['sharp'], lengthMm: [2.5, 3] }],
  ['linen', { ...MEDIUM, nm: [80, 90] }],
  ['wool', { ...MEDIUM, nm: [80, 90] }],
  ['corduroy', { ...MEDIUM, nm: [80, 90] }],
  ['velvet', { ...MEDIUM, nm: [70, 80], lengthMm: [2, 2.5] }],
  ['hand-woven', { ...MEDIUM, points: ['universal'], nm: [90, 90], lengthMm: [2.5, 2.5] }],
  ['denim', STRONG],
  ['canvas', STRONG],
  ['leather', { points: ['leather'], nm: [90, 110], stitches: ['straight'], lengthMm: [3, 4] }],
  ['suede', { points: ['leather'], nm: [90, 110], stitches: ['straight'], lengthMm: [3, 4] }],
  ['vinyl', { points: ['jeans', 'sharp'], nm: [90, 110], stitches: ['straight'], lengthMm: [3, 4] }],
  ['neoprene', { points: ['jeans'], nm: [100, 100], stitches: ['zigzag', 'bridging'], lengthMm: [3, 3.5] }],
  ['quilt-sandwich', { points: ['quilting', 'sharp'], nm: [75, 90], stitches: ['straight'], lengthMm: [2.5, 3.5] }],
];

describe('practice: a plain seam is sewn as the trade would start it', () => {
  it.each(JOINS)('%s', (family, usual) => {
    const { setup } = ask(plain(family), { kind: 'join' });
    expect(usual.points).toContain(setup!.needle.point);
    expect(setup!.needle.nm).toBeGreaterThanOrEqual(usual.nm[0]);
    expect(setup!.needle.nm).toBeLessThanOrEqual(usual.nm[1]);
    expect(usual.stitches).toContain(setup!.stitch);
    expect(setup!.lengthMm).toBeGreaterThanOrEqual(usual.lengthMm[0]);
    expect(setup!.lengthMm).toBeLessThanOrEqual(usual.lengthMm[1]);
  });

  it.each(['silk', 'satin', 'chiffon', 'leather', 'vinyl', 'neoprene'] as const)(
    '%s is never back-stitched',
    (family) => {
      expect(ask(plain(family), { kind: 'join' }).plan.secure).toBe('knot');
    },
  );

  it.each(['neoprene', 'leather', 'vinyl', 'ripstop', 'satin', 'waterproof'] as const)(
    '%s keeps every pin hole, so it is not pinned through the piece',
    (family) => {
      expect(ask(plain(family), { kind: 'join' }).plan.hold).not.toContain('pins');
    },
  );

  it.each(['velvet', 'corduroy', 'fleece', 'faux-fur', 'suede'] as const)('%s is cut all one way', (family) => {
    const { plan } = ask(plain(family), { kind: 'join' });
    if (FAMILY[family].structure !== 'hide') expect(plan.cut.oneWay).toBe(true);
    expect(plan.cut.layers).toBe('single');
  });
});

describe('practice: pressure', () => {
  it.each(['jersey', 'slinky-jersey', 'rib', 'sweater-knit', 'swim'] as const)('is light on %s', (family) => {
    expect(ask(plain(family), { kind: 'join' }).setup!.pressure).toBeLessThanOrEqual(0.25);
  });

  it('is lighter than normal on velvet, and normal on poplin and denim', () => {
    expect(ask(plain('velvet'), { kind: 'join' }).setup!.pressure).toBeLessThan(0.5);
    expect(ask(plain('poplin'), { kind: 'join' }).setup!.pressure).toBe(0.5);
    expect(ask(plain('denim'), { kind: 'join' }).setup!.pressure).toBe(0.5);
  });

  it('is lowest on a knit that recovers poorly', () => {
    const limp = { ...plain('jersey'), stretchAcross: 60, recovery: 65 };
    expect(ask(limp, { kind: 'join' }).setup!.pressure).toBe(0);
  });
});

describe('practice: needle size follows weight', () => {
  it.each(['poplin', 'denim', 'jersey', 'silk', 'wool'] as const)(
    'a heavier %s never gets a thinner needle',
    (family) => {
      const [low, , high] = FAMILY[family].massGsm;
      let before = 0;
      for (let massGsm = low; massGsm <= high; massGsm += (high - low) / 8) {
        const { setup } = ask({ ...plain(family), massGsm, thicknessMm: 0.5 }, { kind: 'join' });
        expect(setup!.needle.nm).toBeGreaterThanOrEqual(before);
        before = setup!.needle.nm;
      }
    },
  );
});

describe('practice: schools', () => {
  it.each([
    ['zigzag', 'zigzag'],
    ['triple-straight', 'triple-straight'],
    ['slanted', 'lightning'],
  ] as const)('"%s" for knits sews %s', (school, stitch) => {
    const { setup } = ask(
      { ...plain('jersey'), stretchAcross: 40 },
      { kind: 'join' },
      { schools: { 'knit-stitch': school } },
    );
    expect(setup!.stitch).toBe(stitch);
  });

  it('raised pressure on thin silk is above normal', () => {
    const { setup } = ask(plain('silk'), { kind: 'join' }, { schools: { 'thin-silk-pressure': 'raise' } });
    expect(setup!.pressure).toBeGreaterThan(0.5);
  });

  it('a walking foot always on is on for poplin too', () => {
    const { setup } = ask(plain('poplin'), { kind: 'join' }, { schools: { 'walking-foot': 'always' } });
    expect(setup!.foot).toBe('walking');
  });
});
