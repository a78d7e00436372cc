import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { firstFieldError } from '../result';
import {
  clothProfile,
  clothSchema,
  FAMILIES,
  FAMILY,
  familyFromName,
  repeated,
  stitchedThickness,
  stretchFromMarks,
  stretchMarksSchema,
} from '.';

const problem = (input: unknown, schema: { safeParse: (v: unknown) => ReturnType<typeof clothSchema.safeParse> }) => {
  const parsed = schema.safeParse(input);
  return parsed.success ? null : firstFieldError(parsed.error, input);
};

describe('marks on a ruler', () => {
  it('cannot come back longer than they were pulled', () => {
    const found = stretchMarksSchema.safeParse({ rest: 100, stretched: 150, relaxed: 160 });
    expect(found.error?.issues[0].path).toEqual(['relaxed']);
  });

  it('cannot be pulled to six times their length, or shorter than rest', () => {
    expect(stretchMarksSchema.safeParse({ rest: 10, stretched: 60 }).error?.issues[0].path).toEqual(['stretched']);
    expect(stretchMarksSchema.safeParse({ rest: 10, stretched: 9 }).error?.issues[0].path).toEqual(['stretched']);
  });

  it('give recovery of nothing as an open question, not as a number', () => {
    expect(stretchFromMarks({ rest: 100, stretched: 100, relaxed: 100 }).recoveryPercent).toBeNull();
  });

  it('always give finite percents, and recovery between 0 and 100', () => {
    const marks = fc
      .record({
        rest: fc.integer({ min: 1, max: 500 }),
        extra: fc.integer({ min: 0, max: 400 }),
        back: fc.nat(100),
      })
      .map(({ rest, extra, back }) => {
        const stretched = rest + (rest * extra) / 100;
        return { rest, stretched, relaxed: rest + ((stretched - rest) * back) / 100 };
      });
    fc.assert(
      fc.property(marks, (m) => {
        const { stretchPercent, recoveryPercent } = stretchFromMarks(m);
        expect(Number.isFinite(stretchPercent)).toBe(true);
        if (recoveryPercent === null || recoveryPercent === undefined) return;
        expect(recoveryPercent).toBeGreaterThanOrEqual(-1e-9);
        expect(recoveryPercent).toBeLessThanOrEqual(100);
      }),
    );
  });

  it('repeated readings give their mean, their spread and a cautious end', () => {
    expect(repeated([48, 50, 52])).toEqual({ mean: 50, spread: 2, n: 3, cautious: 48 });
    expect(repeated([50])).toMatchObject({ spread: 0, cautious: 50 });
  });
});

describe('a cloth', () => {
  it.each([
    [{ structure: 'knit', massGsm: 'heavy' }, 'massGsm', 'expected a number above 0, got "heavy"'],
    [{ structure: 'knit', massGsm: 0 }, 'massGsm', 'expected a number above 0, got 0'],
    [
      { structure: 'knit', stretchAcross: 900 },
      'stretchAcross',
      'expected a stretch in percent from 0 to 400, got 900',
    ],
    [{ structure: 'knit', colour: 'red' }, 'colour', 'unknown field'],
    [
      { structure: 'knit', fibres: { cotton: 80, elastane: 30 } },
      'fibres',
      'expected fibres that add up to at most 100 percent',
    ],
    [{}, 'structure', 'expected one of woven, knit, foam, hide, coated, layered, got nothing'],
  ])('%j is refused with the field named', (input, path, message) => {
    expect(problem(input, clothSchema)).toEqual({ path, message });
  });

  it('keeps what was measured and infers the rest with a range around it', () => {
    const profile = clothProfile(clothSchema.parse({ structure: 'knit', family: 'jersey', stretchAcross: 50 }));
    expect(profile.stretchAcross).toEqual({ value: 50, low: 50, high: 50, source: 'measured' });
    expect(profile.massGsm.source).toBe('inferred');
    expect(profile.massGsm.low).toBeLessThan(profile.massGsm.value);
  });

  it('that is woven does not stretch just because its name sounds like a knit', () => {
    const profile = clothProfile(clothSchema.parse({ structure: 'woven', family: 'jersey' }));
    expect(profile.stretchAcross.value).toBe(0);
  });

  it('knows elastane by any of its names, and all-cotton only when there is none', () => {
    const of = (fibres: Record<string, number>) => clothProfile(clothSchema.parse({ structure: 'knit', fibres }));
    expect(of({ cotton: 95, Spandex: 5 })).toMatchObject({ elastane: 5, allCotton: false });
    expect(of({ cotton: 100 }).allCotton).toBe(true);
    expect(clothProfile(clothSchema.parse({ structure: 'knit' })).elastane).toBeNull();
  });

  it('of a pile or a loose weave is squashed more than its structure says', () => {
    const base = { thicknessMm: { value: 1 }, structure: 'woven' as const };
    expect(stitchedThickness({ ...base, traits: ['napped'] }, 1)).toBeLessThan(
      stitchedThickness({ ...base, traits: [] }, 1),
    );
  });
});

describe('the family table', () => {
  it('has every family once, with ranges in order', () => {
    expect(Object.keys(FAMILY).sort()).toEqual([...FAMILIES].sort());
    for (const facts of Object.values(FAMILY)) {
      for (const [low, usual, high] of [facts.massGsm, facts.stretchAcross, facts.stretchAlong, facts.recovery]) {
        expect(low, facts.id).toBeLessThanOrEqual(usual);
        expect(usual, facts.id).toBeLessThanOrEqual(high);
      }
    }
  });

  it.each([
    ['Cotton jersey', 'jersey'],
    ['merino jersey, grey', 'jersey'],
    ['viscose jersey', 'slinky-jersey'],
    ['12 oz denim', 'denim'],
    ['silk habotai', 'silk'],
    ['silk satin', 'satin'],
    ['neoprene 3 mm', 'neoprene'],
    ['faux leather', 'vinyl'],
    ['cotton lawn', 'lawn'],
  ])('hears %s as %s', (name, family) => expect(familyFromName(name)).toBe(family));
});
