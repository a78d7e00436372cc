import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  clothOf,
  type ClothReading,
  clothProfile,
  heatFinding,
  knownOf,
  measuredMass,
  measuredStretch,
  measuredThickness,
  measuredTraits,
  pieceAreaMm2,
  preWash,
  PROPERTIES,
  readingSchema,
  readingsOf,
  shrinkFinding,
  usualShrinkage,
} from '.';

const AT = '2026-01-01T00:00:00Z';
type Undated = ClothReading extends infer R ? (R extends ClothReading ? Omit<R, 'at'> : never) : never;
const at = (reading: Undated, minute = 0): ClothReading =>
  ({ ...reading, at: `2026-01-01T00:${String(minute).padStart(2, '0')}:00Z` }) as ClothReading;
const jersey = { name: 'A', structure: 'knit' as const, family: 'jersey' as const, traits: [] };
const denim = { name: 'B', structure: 'woven' as const, family: 'denim' as const, traits: [] };
const pull = (stretched: number, relaxed?: number): ClothReading =>
  at({
    gauge: 'stretch',
    direction: 'across',
    marks: { rest: 100, stretched, ...(relaxed !== undefined && { relaxed }) },
  });
const problem = (reading: object) => {
  const parsed = readingSchema.safeParse({ at: AT, ...reading });
  return parsed.success ? null : parsed.error.issues[0].message;
};

describe('what was measured beats what was typed, and that beats the family', () => {
  it('stretch and recovery are taken at their cautious end', () => {
    const cloth = clothOf({
      cloth: { ...jersey, stretchAcross: 10 },
      readings: [pull(148, 104), pull(150, 103), pull(152, 102)],
    });
    expect(cloth.stretchAcross).toBeCloseTo(48, 10);
    expect(cloth.recovery).toBeLessThan(95);
  });

  it('what was typed stays while nothing was measured', () =>
    expect(clothOf({ cloth: { ...jersey, stretchAcross: 10 }, readings: [] }).stretchAcross).toBe(10));

  it('a reading set aside no longer counts, and the typed number is back', () => {
    const aside = { ...pull(150), aside: true as const };
    expect(clothOf({ cloth: { ...jersey, stretchAcross: 10 }, readings: [aside] }).stretchAcross).toBe(10);
    expect(measuredStretch([aside], 'across').stretch).toBeNull();
  });

  it('three pulls make a mean with its spread, and say when the last was', () => {
    const readings = [at({ ...(pull(148) as never as Undated) }, 1), at({ ...(pull(152) as never as Undated) }, 9)];
    expect(measuredStretch(readings, 'across').stretch).toMatchObject({ n: 2, mean: 50, at: '2026-01-01T00:09:00Z' });
  });

  it('weight and thickness are means of what was weighed and stacked', () => {
    const readings = [
      at({ gauge: 'weight', piece: { widthMm: 100, lengthMm: 100 }, grams: 1.5 }),
      at({ gauge: 'weight', piece: { widthMm: 200, lengthMm: 100 }, grams: 3.4 }),
      at({ gauge: 'thickness', layers: 8, stackMm: 4.8 }),
    ];
    expect(measuredMass(readings)).toMatchObject({ mean: 160, n: 2 });
    expect(measuredThickness(readings)!.mean).toBeCloseTo(0.6, 10);
    expect(clothOf({ cloth: { ...jersey, massGsm: 300 }, readings })).toMatchObject({ massGsm: 160 });
  });

  it('a scrap of any outline is weighed by its area', () => {
    const outline = [
      { x: 0, y: 0 },
      { x: 120, y: 0 },
      { x: 0, y: 80 },
    ];
    expect(pieceAreaMm2({ outline })).toBe(4800);
    expect(measuredMass([at({ gauge: 'weight', piece: { outline }, grams: 0.96 })])!.mean).toBeCloseTo(200, 10);
  });
});

describe('every gauge refuses the impossible, and says why', () => {
  it.each<[object, RegExp]>([
    [{ gauge: 'stretch', direction: 'across', marks: { rest: 100, stretched: 90 } }, /stretching makes it longer/],
    [{ gauge: 'stretch', direction: 'up', marks: { rest: 100, stretched: 120 } }, /across, along/],
    [{ gauge: 'weight', piece: { widthMm: 10, lengthMm: 10 }, grams: 1 }, /4 cm² or more/],
    [{ gauge: 'weight', piece: { widthMm: 100, lengthMm: 100 }, grams: 160 }, /5 to 3000 g\/m²/],
    [{ gauge: 'thickness', layers: 0, stackMm: 4 }, /a number of layers from 1 to 100/],
    [{ gauge: 'thickness', layers: 1, stackMm: 90 }, /at most 30 mm for each layer/],
    [{ gauge: 'shrink', wash: 1, beforeMm: 500, acrossMm: 490, alongMm: 800 }, /a fifth longer/],
    [{ gauge: 'shrink', wash: 1, beforeMm: 500, acrossMm: 49, alongMm: 480 }, /check the unit/],
    [{ gauge: 'stiffness', direction: 'along', overhangMm: 0 }, /an overhang in mm from 5 to 500/],
    [{ gauge: 'fray', looseMm: -1 }, /from 0 to 50/],
    [{ gauge: 'pin-hole', stays: 'yes' }, /true or false/],
    [{ gauge: 'bleed', rinse: 1, shows: 'blue' }, /nothing, a little, colour/],
    [{ gauge: 'heat', soleC: 180, seen: 'nothing' }, /110, 150 or 200/],
    [{ gauge: 'taste' }, /expected a gauge/],
  ])('%j', (reading, message) => expect(problem(reading)).toMatch(message));

  it('an outline that crosses itself has no area', () => {
    const outline = [
      { x: 0, y: 0 },
      { x: 100, y: 100 },
      { x: 100, y: 0 },
      { x: 0, y: 100 },
    ];
    expect(readingSchema.safeParse({ gauge: 'weight', piece: { outline }, grams: 2, at: AT }).success).toBe(false);
  });
});

describe('the washed square', () => {
  const wash = (n: number, alongMm: number, acrossMm = 490) =>
    at({ gauge: 'shrink', wash: n, beforeMm: 500, acrossMm, alongMm }, n);

  it('that lost 6% asks for another wash', () => {
    const found = shrinkFinding([wash(1, 470)])!;
    expect(found).toMatchObject({ alongPercent: 6, acrossPercent: 2, wash: 1, again: true });
    expect(found.why).toMatch(/^It shrank \d+\.\d% in wash \d: wash it again before cutting/);
  });

  it('that lost hardly more the second time has settled, and the whole shrinkage stands', () => {
    const found = shrinkFinding([wash(1, 470), wash(2, 468)])!;
    expect(found).toMatchObject({ wash: 2, again: false });
    expect(found.alongPercent).toBeCloseTo(6.4, 10);
  });

  it('of a second wash alone does not know what that wash took', () =>
    expect(shrinkFinding([wash(2, 470)])!.why).toMatch(/cannot say/));

  it('is washed again while a wash takes 1% and more, and has settled below', () => {
    const again = (second: number) => shrinkFinding([wash(1, 480, 500), wash(2, second, 500)])!.again;
    expect([again(475), again(475.5), again(476)]).toEqual([true, false, false]);
    expect([wash(1, 495, 500), wash(1, 495.5, 500)].map((one) => shrinkFinding([one])!.again)).toEqual([true, false]);
  });

  it('that grew is told as it is', () => expect(shrinkFinding([wash(1, 505)])!.alongPercent).toBe(-1));

  it('is not there before anything was washed, and then the fibre is asked', () => {
    expect(shrinkFinding([])).toBeNull();
    expect(usualShrinkage({ ...denim, fibres: { polyester: 100 } }).alongPercent).toBe(1);
    expect(usualShrinkage({ ...denim, structure: 'hide' }).alongPercent).toBe(0);
  });

  it('shrinking never makes less to buy than is needed', () => {
    fc.assert(
      fc.property(fc.integer({ min: 300, max: 500 }), fc.integer({ min: 300, max: 500 }), (along, across) => {
        const found = shrinkFinding([wash(1, along, across)])!;
        expect(1000 / (1 - found.alongPercent / 100)).toBeGreaterThanOrEqual(1000 - 1e-9);
      }),
    );
  });
});

describe('the heat ladder', () => {
  const step = (soleC: 110 | 150 | 200, seen: 'nothing' | 'shine' | 'water-mark' | 'melted', minute = soleC / 10) =>
    at({ gauge: 'heat', soleC, seen }, minute);

  it('stops at the last step that left no mark', () => {
    const readings = [step(110, 'nothing'), step(150, 'shine')];
    expect(heatFinding(readings)).toMatchObject({ goodC: 110, failedC: 150, sign: 'shine' });
    expect(clothProfile(clothOf({ cloth: jersey, readings })).heat.ceilingC).toBe(110);
  });

  it('that failed at the coolest step means no iron', () =>
    expect(clothOf({ cloth: jersey, readings: [step(110, 'melted')] }).ceilingC).toBe(0));

  it('that went further than the fibres allow raises their ceiling', () => {
    const nylon = { ...jersey, fibres: { nylon: 100 } };
    const readings = [step(110, 'nothing'), step(150, 'nothing')];
    expect(clothProfile(clothOf({ cloth: nylon, readings: [] })).heat.ceilingC).toBe(110);
    expect(clothProfile(clothOf({ cloth: nylon, readings })).heat.ceilingC).toBe(150);
  });

  it('not finished never lowers what the fibres stand', () => {
    const cotton = { ...denim, fibres: { cotton: 100 } };
    expect(clothProfile(clothOf({ cloth: cotton, readings: [step(110, 'nothing')] })).heat.ceilingC).toBe(200);
  });

  it('tried again counts as it went the last time', () => {
    const readings = [step(150, 'shine', 1), step(150, 'nothing', 2), step(110, 'nothing', 3)];
    expect(heatFinding(readings)).toMatchObject({ goodC: 150, failedC: null });
  });
});

describe('a family is a start, not a cage', () => {
  const traits = (readings: ClothReading[], cloth: object = denim) =>
    clothProfile(clothOf({ cloth: { ...denim, ...cloth }, readings })).traits;

  it('denim frays and is stiff until a gauge says it is not', () => {
    expect(traits([])).toEqual(['frays', 'stiff']);
    expect(traits([at({ gauge: 'fray', looseMm: 0 })])).toEqual(['stiff']);
    const soft = [
      at({ gauge: 'stiffness', direction: 'along', overhangMm: 30 }),
      at({ gauge: 'weight', piece: { widthMm: 100, lengthMm: 100 }, grams: 2.4 }),
    ];
    expect(traits(soft)).toEqual(['frays']);
  });

  it('or until its owner says so', () => expect(traits([], { without: ['stiff'] })).toEqual(['frays']));

  it('a pin hole that closes beats a family in which holes stay', () => {
    const neoprene = { structure: 'foam', family: 'neoprene' };
    expect(traits([], neoprene)).toContain('holes-stay');
    expect(traits([at({ gauge: 'pin-hole', stays: false })], neoprene)).not.toContain('holes-stay');
  });

  it('between clearly yes and clearly no a gauge leaves things as they were', () =>
    expect(measuredTraits([at({ gauge: 'fray', looseMm: 1 })])).toEqual({}));
});

describe('everything known of a cloth says where it came from', () => {
  it('one entry for each property, assumed from the family at first', () => {
    const known = knownOf({ cloth: jersey, readings: [] });
    expect(known.map((k) => k.property)).toEqual([...PROPERTIES]);
    expect(known.every((k) => k.source === 'inferred')).toBe(true);
    expect(known.find((k) => k.property === 'massGsm')).toMatchObject({ value: 170, from: 'jersey' });
  });

  it('typed or measured as soon as it is', () => {
    const readings = [
      pull(150, 104),
      at({ gauge: 'pin-hole', stays: true }),
      at({ gauge: 'bleed', rinse: 2, shows: 'a little' }),
      at({ gauge: 'heat', soleC: 110, seen: 'nothing' }),
      at({ gauge: 'stiffness', direction: 'along', overhangMm: 40 }),
      at({ gauge: 'fray', looseMm: 3 }),
      at({ gauge: 'shrink', wash: 1, beforeMm: 250, acrossMm: 245, alongMm: 240 }),
    ];
    const by = Object.fromEntries(
      knownOf({ cloth: { ...jersey, massGsm: 200 }, readings }).map((k) => [k.property, k]),
    );
    expect(by.massGsm.source).toBe('typed');
    expect(by.stretchAcross).toMatchObject({ source: 'measured', value: 50 });
    expect(by.stretchAlong.source).toBe('inferred');
    expect(by.pinHole).toMatchObject({ source: 'measured', words: 'stay' });
    expect(by.bleed.words).toBe('rinse 2 showed a little');
    expect(by.shrinkage.words).toBe('4% along, 2% across');
    for (const key of ['heat', 'stiffness', 'fray'] as const) expect(by[key].source).toBe('measured');
  });

  it('no number is ever not a number', () => {
    fc.assert(
      fc.property(fc.integer({ min: 100, max: 500 }), fc.integer({ min: 5, max: 500 }), (stretched, overhangMm) => {
        const readings = [pull(stretched), at({ gauge: 'stiffness', direction: 'along', overhangMm })];
        for (const { value, low, high } of knownOf({ cloth: denim, readings })) {
          for (const number of [value, low, high]) expect(number === null || Number.isFinite(number)).toBe(true);
        }
      }),
    );
  });
});

describe('before it is cut', () => {
  const texts = (cloth: object, readings: ClothReading[] = []) =>
    preWash({ ...denim, ...cloth, traits: ['frays'] }, readings).join(' ');

  it('wool is steamed, leather not washed, all else as the finished thing will be', () => {
    expect(texts({ family: 'wool', fibres: { wool: 100 } })).toMatch(/Steam all of it/);
    expect(texts({ family: 'leather', structure: 'hide' })).toMatch(/Do not wash/);
    expect(texts({ family: 'poplin' })).toMatch(/exactly as you will/);
  });

  it('cloth that frays has its ends finished before the wash', () =>
    expect(texts({ family: 'linen' })).toMatch(/zigzag the cut ends before you wash/));

  it('colour that still runs is washed alone', () =>
    expect(texts({}, [at({ gauge: 'bleed', rinse: 3, shows: 'colour' })])).toMatch(/Rinse 3 still ran.*wash it alone/));

  it('readings come in the order they were taken, whatever the list says', () => {
    const readings = [at({ gauge: 'fray', looseMm: 2 }, 5), at({ gauge: 'fray', looseMm: 1 }, 2)];
    expect(readingsOf(readings, 'fray').map((r) => r.looseMm)).toEqual([1, 2]);
  });
});
