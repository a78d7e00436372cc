import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { firstFieldError } from '../result';
import {
  mergeProfiles,
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
    const base = { thicknessMm: { value: 1 }, massGsm: { value: 300 }, structure: 'woven' as const };
    expect(stitchedThickness({ ...base, traits: ['napped'] }, 1)).toBeLessThan(
      stitchedThickness({ ...base, traits: [] }, 1),
    );
  });
});

describe('what a cloth is taken for', () => {
  const of = (cloth: object) => clothProfile(clothSchema.parse(cloth));

  it('neoprene of about 1 mm is a scuba knit and says so, by its thickness or its weight; 2.5 mm stays foam', () => {
    for (const thin of [{ thicknessMm: 1 }, { massGsm: 300 }]) {
      const profile = of({ structure: 'foam', family: 'neoprene', ...thin });
      expect(profile).toMatchObject({ family: 'scuba', structure: 'knit' });
      expect(profile.notes[0]).toMatch(/scuba knit/);
    }
    expect(of({ structure: 'foam', family: 'neoprene', thicknessMm: 2.5 })).toMatchObject({
      family: 'neoprene',
      notes: [],
    });
    expect(of({ structure: 'foam', family: 'neoprene' }).structure).toBe('foam');
  });

  it('a woven with elastane gives across and stays a woven', () => {
    const stretchDenim = of({ structure: 'woven', family: 'denim', fibres: { cotton: 98, elastane: 2 } });
    expect(stretchDenim.structure).toBe('woven');
    expect(stretchDenim.stretchAcross.value).toBeGreaterThan(10);
    expect(stretchDenim.stretchAlong.value).toBeLessThan(5);
    expect(of({ structure: 'woven', family: 'denim', fibres: { cotton: 100 } }).stretchAcross.value).toBe(0);
  });

  it('a knit comes back by its elastane, and an all-cotton one badly', () => {
    const jersey = { structure: 'knit', family: 'jersey' };
    const elastic = of({ ...jersey, fibres: { cotton: 95, elastane: 5 } }).recovery.value;
    const cotton = of({ ...jersey, fibres: { cotton: 100 } }).recovery.value;
    expect(elastic).toBeGreaterThan(90);
    expect(cotton).toBeLessThan(75);
    expect(of({ ...jersey, fibres: { cotton: 100 }, recovery: 95 }).recovery).toMatchObject({
      value: 95,
      source: 'measured',
    });
  });

  it('is ironed for its most delicate fibre, and small parts do not count', () => {
    expect(of({ structure: 'woven', fibres: { Cotton: 60, Polyester: 40 } }).heat.ceilingC).toBe(150);
    expect(of({ structure: 'woven', fibres: { cotton: 97, polyamide: 3 } }).heat.ceilingC).toBe(200);
    expect(of({ structure: 'woven', fibres: { moonbeam: 100 } }).heat).toEqual({
      ceilingC: 110,
      from: 'unknown',
      fibre: null,
    });
  });

  it('two cloths together stretch as little as the firmer one and keep all their traits', () => {
    const velvet = of({ structure: 'woven', family: 'velvet', massGsm: 260 });
    const rib = of({ structure: 'knit', family: 'rib', massGsm: 300 });
    const both = mergeProfiles(velvet, rib);
    expect(both.structure).toBe('knit');
    expect(both.stretchAcross.value).toBe(velvet.stretchAcross.value);
    expect(both.massGsm.value).toBe(280);
    expect(both.traits).toEqual(expect.arrayContaining(['napped', 'frays']));
    expect(mergeProfiles(rib, velvet).structure).toBe(both.structure);
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
