import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type Cloth, FAMILIES, FAMILY, type Family } from '../../cloth';
import { steeredStitchMm, turnPerChordDeg } from '../../geometry';
import { bobbinFor, FULL_KIT, PLAIN_MACHINE } from '../../kit';
import { stitchFacts } from '../../stitch';
import { answer } from '../match';
import { matchInputSchema, type MatchRequest } from '../question';
import { hasClicks } from './reach';

const clothOf = (family: Family, more: Partial<Cloth> = {}): Cloth => ({
  structure: FAMILY[family].structure,
  family,
  traits: [],
  ...more,
});
const ask = (cloth: Cloth, operation: MatchRequest['operation'], machine: Partial<typeof PLAIN_MACHINE> = {}) =>
  answer(matchInputSchema.parse({ cloth, operation, machine: { ...PLAIN_MACHINE, ...machine } }));
const on = (family: Family, radiusMm: number, more: Partial<Cloth> = {}, machine = {}) =>
  ask(clothOf(family, more), { kind: 'join', radiusMm }, machine);

// L = min(chord within 0.1 mm, 2r·sin 4°, the seam's own), not under 1; common practice and model.
describe('a curve', () => {
  it.each([
    [60, 2.6],
    [25, 2.6],
    [15, 2],
    [10, 1.3],
    [8, 1.1],
    [5, 1],
    [2, 1],
  ])('of radius %d mm is sewn in poplin at %d mm, straight as ever', (radius, lengthMm) =>
    expect(on('poplin', radius).setup).toMatchObject({ stitch: 'straight', lengthMm, needle: { point: 'universal' } }),
  );

  it.each<[string, Family, Partial<Cloth>, number]>([
    ['leather keeps 3 mm', 'leather', {}, 3],
    ['vinyl keeps 3 mm', 'vinyl', {}, 3],
    ['a thin hide keeps 2.5 mm', 'leather', { thicknessMm: 0.89 }, 2.5],
    ['a hide of 0.9 mm is no thin one', 'leather', { thicknessMm: 0.9 }, 3],
  ])('%s, however tight, and is turned on the needle', (_, family, more, lengthMm) => {
    const { setup, plan } = on(family, 6, more);
    expect(setup).toMatchObject({ stitch: 'straight', lengthMm });
    expect(plan.notes.join(' ')).toMatch(/^.*A radius of \{= 6 mm\} is too tight to steer by hand/);
  });

  it.each([
    [5, 'every 8 stitches'],
    [4, 'every 6 stitches'],
  ])('of radius %d mm is turned on the needle %s', (radius, often) =>
    expect(on('poplin', radius).plan.notes.join(' ')).toContain(`${often} stop with the needle down`),
  );

  it('that can be steered is not turned on the needle; the reason of the length names the radius', () => {
    const { plan, reasons } = on('poplin', 15);
    expect(plan.notes.join(' ')).not.toContain('needle down, lift');
    expect(reasons.find((r) => r.rule === 'size.curve')?.text).toContain('a curve of {= 15 mm}');
    expect(on('poplin', 60).reasons.map((r) => r.rule)).not.toContain('size.curve');
  });

  it('is never turned more than 8° a stitch where the least length allows it', () => {
    for (const family of ['poplin', 'denim', 'silk', 'jersey'] as const)
      for (let radius = 8; radius <= 40; radius += 1) {
        const { setup } = on(family, radius);
        expect(turnPerChordDeg(radius, setup!.lengthMm), `${family}, ${radius}`).toBeLessThanOrEqual(8 + 1e-9);
        expect(setup!.lengthMm).toBeLessThanOrEqual(steeredStitchMm(radius) + 1e-9);
      }
  });

  it('takes no swing wider than half its radius', () => {
    for (let radius = 2; radius <= 12; radius += 1) {
      const { setup } = on('jersey', radius);
      expect(setup!.widthMm, String(radius)).toBeLessThanOrEqual(radius / 2);
    }
    expect(on('jersey', 3).setup).toMatchObject({ stitch: 'zigzag', widthMm: 1.5 });
  });

  it('too tight for every stitch that would serve is refused by its radius', () => {
    const { setup, blocked } = ask(clothOf('jersey'), { kind: 'edge-finish', radiusMm: 0.6 });
    expect(setup).toBeNull();
    expect(blocked).toMatchObject([{ code: 'stitch.curve-too-tight', actual: 0.6 }]);
    expect(blocked[0].text).toContain('0.6 mm');
    expect(ask(clothOf('jersey'), { kind: 'edge-finish', radiusMm: 1 }).setup).not.toBeNull();
  });

  it('leaves the choice of a straight stitch on any woven and any hide alone', () => {
    const still = FAMILIES.filter((f) => ['woven', 'hide', 'coated'].includes(FAMILY[f].structure));
    for (const family of still)
      for (const radius of [3, 6, 12, 30]) expect(on(family, radius).setup?.stitch, family).toBe('straight');
  });
});

describe('thick thread', () => {
  const owned = (tex: number[], fibre: 'polyester' | 'cotton' = 'polyester') => ({
    ...FULL_KIT,
    threads: tex.map((one) => ({ fibre, tex: one })),
  });
  const below = (kit: typeof FULL_KIT) =>
    answer(matchInputSchema.parse({ cloth: clothOf('denim'), operation: { kind: 'topstitch' }, kit }));

  it('of topstitching lies above only, with all-purpose below, and says how to judge it', () => {
    const { setup, reasons, plan } = below(FULL_KIT);
    expect(setup).toMatchObject({ thread: { tex: 60 }, bobbin: { fibre: 'polyester', tex: 27 } });
    expect(reasons.find((r) => r.parameter === 'bobbin')?.rule).toBe('bobbin.all-purpose');
    expect(plan.notes.join(' ')).toContain('If loops show below, turn the needle tension up');
  });

  it('goes below as well where nothing else is owned, and that is said', () => {
    const { setup, reasons } = below(owned([60]));
    expect(setup?.bobbin).toEqual(setup?.thread);
    expect(reasons.find((r) => r.parameter === 'bobbin')?.text).toContain('You have no all-purpose thread');
  });

  it('begins over Tex 45, and takes what is nearest to Tex 27 below', () => {
    const of = (tex: number, more: number[]) =>
      bobbinFor(
        { fibre: 'polyester', tex },
        { threads: more.map((one) => ({ fibre: 'polyester' as const, tex: one })) },
      ).tex;
    expect(of(45, [27])).toBe(45);
    expect(of(45.5, [27])).toBe(27);
    expect(of(60, [18, 24, 40])).toBe(24);
    expect(of(60, [17, 46])).toBe(60);
    expect(of(60, [18])).toBe(18);
  });

  it('takes its own fibre below before polyester, and polyester before another', () => {
    const threads = [
      { fibre: 'silk' as const, tex: 27 },
      { fibre: 'polyester' as const, tex: 40 },
      { fibre: 'cotton' as const, tex: 20 },
    ];
    expect(bobbinFor({ fibre: 'cotton', tex: 60 }, { threads })).toEqual({ fibre: 'cotton', tex: 20 });
    expect(bobbinFor({ fibre: 'nylon', tex: 60 }, { threads })).toEqual({ fibre: 'polyester', tex: 40 });
  });
});

describe('a dial that clicks', () => {
  it.each([
    [0.1, 2.6],
    [0.5, 2.5],
    [1, 3],
  ])('in steps of %d mm sews poplin at %d mm', (lengthStepMm, lengthMm) =>
    expect(ask(clothOf('poplin'), { kind: 'join' }, { lengthStepMm }).setup).toMatchObject({
      stitch: 'straight',
      lengthMm,
    }),
  );

  it('is one whose marks lie a quarter of a millimetre apart or more, for length or for width', () => {
    expect(hasClicks({ lengthStepMm: 0.25, widthStepMm: 0.1 })).toBe(true);
    expect(hasClicks({ lengthStepMm: 0.1, widthStepMm: 0.25 })).toBe(true);
    expect(hasClicks({ lengthStepMm: 0.2, widthStepMm: 0.2 })).toBe(false);
  });

  it('says so where its nearest mark is not what is wanted', () => {
    const said = (lengthStepMm: number) =>
      ask(clothOf('poplin'), { kind: 'join' }, { lengthStepMm }).reasons.find((r) => r.rule === 'size.dial')?.text;
    expect(said(1)).toBe('The nearest mark on this dial to 2.6 mm.');
    expect(said(0.1)).toBeUndefined();
  });

  it('never turns the kind of stitch, on any cloth, in any usual seam, on any curve', () => {
    const question = fc.record({
      family: fc.constantFrom(...FAMILIES),
      kind: fc.constantFrom('join' as const, 'hem' as const, 'topstitch' as const, 'band' as const),
      radiusMm: fc.option(fc.integer({ min: 4, max: 60 }), { nil: undefined }),
      lengthStepMm: fc.constantFrom(0.25, 0.5, 1),
      widthStepMm: fc.constantFrom(0.1, 0.5),
    });
    fc.assert(
      fc.property(question, ({ family, kind, radiusMm, ...steps }) => {
        const fine = ask(clothOf(family), { kind, radiusMm }).setup;
        const clicking = ask(clothOf(family), { kind, radiusMm }, steps).setup;
        expect(clicking?.stitch).toBe(fine?.stitch);
        if (clicking)
          expect(clicking.lengthMm / steps.lengthStepMm).toBeCloseTo(
            Math.round(clicking.lengthMm / steps.lengthStepMm),
            6,
          );
        if (clicking && stitchFacts(clicking.stitch).swings && radiusMm !== undefined)
          expect(clicking.widthMm).toBeLessThanOrEqual(radiusMm / 2);
      }),
      { numRuns: 120 },
    );
  });
});
