import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { USUAL_SCHOOLS } from '../setup';
import { SIGNS } from '../stitch';
import { outlineOf } from '../seam';
import {
  MAIN_ROW,
  procedurePrinter,
  rowsOfProcedure,
  stepText,
  type Given,
  type Numbers,
  PROCEDURE_GROUPS,
  PROCEDURES,
  stepsOf,
  takesOf,
  usualOf,
  workOut,
} from '.';

const GIVEN: Given = {
  thicknessMm: 0.4,
  squash: 0.8,
  stretch: 50,
  recovery: 95,
  weight: 'medium',
  frays: 1,
  slides: 0,
  oneWay: 0,
  holesStay: 0,
  lengthMm: 2.5,
  widthMm: 0,
  footLiftMm: 5,
  extraLiftMm: 2,
  topSpm: 750,
  longestMm: 5,
  shiftMm: 1,
  schools: USUAL_SCHOOLS,
};
const of = (id: string) => PROCEDURES.find((p) => p.id === id)!;
const numbersOf = (id: string, answers: Partial<Numbers> = {}, given: Partial<Given> = {}) => {
  const worked = workOut(of(id), answers, { ...GIVEN, ...given });
  if (!worked.ok) throw new Error(`numbersOf: expected numbers, got ${JSON.stringify(worked)}`);
  return worked.numbers;
};
const refused = (id: string, answers: Partial<Numbers>, given: Partial<Given> = {}) => {
  const worked = workOut(of(id), answers, { ...GIVEN, ...given });
  return worked.ok ? null : 'blocked' in worked ? worked.blocked[0].code : worked.problems;
};
/** Lines that cannot be sewn as they are: too tight, open, too short for its gap. */
const shaped = (shape: string, sizes: Record<string, number>): Partial<Given> => {
  const outline = outlineOf({ from: 'shape', shape, sizes, side: 'usual' });
  if ('blocked' in outline) throw new Error(outline.blocked[0].text);
  return { outline };
};
const TIGHT = shaped('pocket', { radius: 6 });
const OPEN = shaped('collar', {});
const SMALL = shaped('box', { width: 200, height: 200 });

describe('every operation', () => {
  it('stands in a group, has a name of its own, asks, and names faults that are known', () => {
    expect(new Set(PROCEDURES.map((p) => p.id)).size).toBe(PROCEDURES.length);
    expect(new Set(PROCEDURES.map((p) => p.group))).toEqual(new Set(PROCEDURE_GROUPS));
    for (const { faults } of PROCEDURES) expect(SIGNS).toEqual(expect.arrayContaining([...faults]));
  });

  it.each(PROCEDURES.map((p) => [p.name, p] as const))(
    '%s: works with its usual answers, every step says what to do, look at and draw',
    (_, p) => {
      const numbers = numbersOf(p.id);
      for (const value of Object.values(numbers)) expect(Number.isFinite(value)).toBe(true);
      for (const step of stepsOf(p, numbers)) {
        const { does, check, cautions, begin, end } = stepText(step);
        for (const text of [does, check, ...cautions, ...begin, end ?? ''])
          expect(() => procedurePrinter(p, numbers, 'inch').fill(text)).not.toThrow();
        expect(does).toMatch(/\.$/);
        expect([begin.length > 0, end !== null]).toEqual([step.sews !== undefined, step.sews !== undefined]);
        expect(Object.keys(rowsOfProcedure(p))).toContain(step.row ?? MAIN_ROW);
        const scene = p.views[step.view](numbers, GIVEN);
        const ids = new Set(scene.lines.map((line) => line.id));
        for (const id of step.now ?? []) expect([...ids], `${step.do} draws ${id}`).toContain(id);
        if (step.sews) expect(numbers[step.sews], step.sews).toBeGreaterThanOrEqual(0);
        if (step.atMm) expect(numbers[step.atMm], step.atMm).toBeGreaterThan(0);
      }
      expect(p.steps.some((step) => step.sews)).toBe(!['by hand', 'prepare'].includes(p.group));
      expect(p.steps.some((step) => stepText(step).cautions.length > 0)).toBe(true);
    },
  );

  it.each(PROCEDURES.map((p) => [p.name, p] as const))(
    '%s: for any answers within its limits gives finite numbers or one reason with a way out',
    (_, p) => {
      const answers = fc.record(
        Object.fromEntries(
          p.asks.map((ask) => [
            ask.key,
            ask.options
              ? fc.constantFrom(...ask.options.map(([value]) => value))
              : fc.double({ min: ask.least, max: ask.most, noNaN: true }),
          ]),
        ),
      );
      fc.assert(
        fc.property(answers, fc.double({ min: 0.05, max: 3, noNaN: true }), (given, thicknessMm) => {
          const cloth = { ...GIVEN, thicknessMm };
          const worked = workOut(p, given as Numbers, cloth);
          if (!worked.ok) {
            expect('blocked' in worked && worked.blocked[0].text.length).toBeGreaterThan(20);
            return;
          }
          for (const value of Object.values(worked.numbers)) expect(Number.isFinite(value)).toBe(true);
          for (const view of Object.values(p.views)) {
            const scene = view(worked.numbers, cloth);
            const points = [...scene.cloths, ...scene.lines].flatMap((part) => part.points);
            for (const [x, y] of points) expect(Number.isFinite(x) && Number.isFinite(y)).toBe(true);
            expect(points.length).toBeGreaterThan(3);
          }
        }),
        { numRuns: 40 },
      );
    },
  );

  it('refuses an answer outside its limits beside its question, and computes nothing', () => {
    for (const p of PROCEDURES)
      for (const ask of p.asks) {
        const worked = workOut(p, { [ask.key]: ask.most * 2 + 1 }, GIVEN);
        expect(worked.ok ? null : 'problems' in worked ? Object.keys(worked.problems) : null).toEqual([ask.key]);
      }
  });

  it('takes its usual answers from the cloth where the cloth says something', () => {
    const stretch = of('neck-band').asks.find((ask) => ask.key === 'stretch')!;
    expect(usualOf(stretch, { ...GIVEN, stretch: 80 })).toBe(80);
    expect(usualOf(stretch, { ...GIVEN, stretch: 900 })).toBe(stretch.most);
  });
});

describe('widths add up', () => {
  it('French: both passes make the allowance of the pattern', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 10, max: 30, noNaN: true }),
        fc.double({ min: 0.05, max: 0.8, noNaN: true }),
        (allowance, thicknessMm) => {
          const worked = workOut(of('french'), { allowance }, { ...GIVEN, thicknessMm });
          if (worked.ok) expect(worked.numbers.first + worked.numbers.second).toBeCloseTo(allowance, 9);
        },
      ),
    );
  });

  const any = (min: number, max: number) => fc.double({ min, max, noNaN: true });
  it('overlock-look: what is trimmed off and what the zigzag covers make the allowance', () => {
    fc.assert(
      fc.property(any(3, 30), any(3, 9), (allowance, swing) => {
        const worked = workOut(of('overlock-look'), { allowance, swing }, GIVEN);
        if (worked.ok) expect(worked.numbers.off + worked.numbers.left).toBeCloseTo(allowance, 9);
        else expect(swing).toBeGreaterThan(allowance);
      }),
    );
  });
  it('lapped: what is trimmed and half the lap make the allowance, and both rows lie on the lap', () => {
    fc.assert(
      fc.property(any(3, 40), any(5, 40), any(1, 8), (allowance, lap, from) => {
        const worked = workOut(of('lapped-raw'), { allowance, lap, from }, GIVEN);
        if (!worked.ok) return;
        const n = worked.numbers;
        expect(n.trim + n.half).toBeCloseTo(allowance, 9);
        expect(2 * n.from + n.between).toBeCloseTo(n.lap, 9);
        expect(n.trim).toBeGreaterThanOrEqual(0);
        expect(n.between).toBeGreaterThanOrEqual(2 - 1e-9);
      }),
    );
  });
  it('buttonholes: the last lies where it was asked for, none reaches the next', () => {
    fc.assert(
      fc.property(fc.integer({ min: 2, max: 20 }), any(20, 1500), any(8, 40), (count, long, button) => {
        const worked = workOut(of('buttonholes'), { count, long, button, edge: 40 }, GIVEN);
        if (!worked.ok) return;
        expect(worked.numbers.spacing * (count - 1)).toBeCloseTo(long, 6);
        expect(worked.numbers.spacing).toBeGreaterThan(worked.numbers.hole);
      }),
    );
  });
  it('jeans hem: what is cut is the hem, and what is turned in', () => {
    const n = numbersOf('hem-jeans', { hem: 15 });
    expect(n.cut).toBe(n.hem + n.fold);
  });

  it('strips: cut width is finished width and two allowances', () => {
    const n = numbersOf('strip-set', { width: 63.5, allowance: 6.5 });
    expect(n.cutWidth).toBe(76.5);
    expect(n.there + n.back).toBe(n.sewn);
    expect(n.alternate).toBeLessThan(n.sagitta);
  });
});

describe('what cannot be sewn is refused with the number to change', () => {
  it.each<[string, string, Partial<Numbers>, Partial<Given>, string]>([
    ['an allowance too small for two passes', 'french', { allowance: 6 }, {}, 'seam.french-too-narrow'],
    ['a felled seam in thick denim', 'flat-felled', { allowance: 16 }, { thicknessMm: 1.3 }, 'seam.felled-trim'],
    ['a zip longer than its opening', 'zip-centred', { zip: 200, opening: 180 }, {}, 'seam.zip-longer'],
    ['rows that would hit the coil', 'zip-centred', { row: 3, coilWidth: 6 }, {}, 'seam.zip-hits-coil'],
    ['a band that cannot pass the head', 'neck-band', { opening: 400, girth: 600, stretch: 20 }, {}, 'seam.band-girth'],
    ['a shim higher than the foot lifts', 'hem-jeans', { seamLayers: 6 }, { thicknessMm: 1 }, 'seam.shim-over-lift'],
    ['a radius below the allowance', 'curved-seam', { radius: 6, allowance: 10 }, {}, 'seam.allowance-over-radius'],
    ['a casing that cannot pass the body', 'elastic-casing', { girth: 900, round: 800 }, {}, 'seam.casing-girth'],
    ['a rib that cannot pass the hand', 'cuff', { girth: 400, opening: 200 }, {}, 'seam.band-girth'],
    ['a dart that points too bluntly', 'dart', { intake: 100, long: 60 }, {}, 'seam.dart-blunt'],
    [
      'a longer edge to be met than the one that is gathered',
      'gather',
      { long: 400, short: 500 },
      {},
      'seam.gather-none',
    ],
    ['a second row with no room', 'double-row', { allowance: 6, between: 5 }, {}, 'seam.double-no-room'],
    ['a roll wider than its allowance', 'hem-rolled', { allowance: 8, roll: 6 }, {}, 'seam.rolled-narrow'],
    ['a hem too narrow for its twin needle', 'hem-twin', { hem: 10, gap: 6 }, {}, 'seam.hem-narrow'],
    ['a zigzag wider than its allowance', 'overlock-look', { allowance: 4, swing: 5 }, {}, 'seam.swing-over-allowance'],
    ['a binding that meets the seam', 'bound-seam', { allowance: 8, show: 6 }, {}, 'seam.binding-over-allowance'],
    ['a lap wider than both allowances', 'lapped-raw', { allowance: 5, lap: 12 }, {}, 'seam.lap-over-allowance'],
    ['two rows with no room on their lap', 'lapped-raw', { lap: 6, from: 4 }, {}, 'seam.lap-no-room'],
    ['an allowance too narrow beside a cord', 'piping', { allowance: 4 }, {}, 'seam.piping-narrow'],
    ['a blind hem too shallow to fold back', 'hem-blind', { hem: 15, out: 10 }, {}, 'seam.hem-narrow'],
    ['elastic that cannot reach the hips', 'elastic-sewn-on', { pass: 1400 }, {}, 'seam.elastic-reach'],
    ['elastic longer than its edge', 'elastic-sewn-on', { round: 600, pass: 600 }, {}, 'seam.elastic-longer'],
    ['a binding used up by its turns', 'bind-edge', { show: 4, binding: 1.5 }, {}, 'seam.binding-too-narrow'],
    ['too much to ease into a firm cloth', 'ease', { long: 500, short: 405, soft: 0 }, {}, 'seam.ease-too-much'],
    ['nothing to ease', 'ease', { long: 400, short: 405 }, {}, 'seam.ease-none'],
    ['buttonholes that run into each other', 'buttonholes', { count: 12, long: 200 }, {}, 'seam.buttonholes-crowd'],
    ['a button that hangs over its edge', 'buttonholes', { button: 40, edge: 18 }, {}, 'seam.button-over-edge'],
    ['a line that bends tighter than its allowance', 'outline-seam', { trim: 10 }, TIGHT, 'seam.allowance-over-radius'],
    ['an enclosed shape that is open', 'enclosed', {}, OPEN, 'seam.outline-open'],
    ['a gap of more than half the line', 'enclosed', { gap: 600 }, SMALL, 'seam.gap-too-long'],
    ['rows that an edge has no room for', 'topstitch-edge', { edge: 10, from: 6 }, {}, 'seam.topstitch-no-room'],
  ])('%s', (_, id, answers, given, code) => expect(refused(id, answers, given)).toBe(code));
});

describe('what a step takes', () => {
  const how = { stitch: 'straight' as const, widthMm: 0, stitchedMm: 0.6, speedSpm: 400 };
  it('a metre at 2.5 mm is 400 stitches: a minute of needle, two and a half metres of thread and the tails', () => {
    const n = numbersOf('plain-open', { seam: 1000 });
    const takes = takesOf(of('plain-open').steps[1], n, GIVEN, how);
    expect(takes.sewnMm).toBe(1000);
    expect(takes.minutes).toBeCloseTo(1, 6);
    expect(takes.threadMm).toBeCloseTo(2480 + 400, 6);
  });
  it('pressing takes none', () =>
    expect(takesOf(of('plain-open').steps[2], numbersOf('plain-open'), GIVEN, how)).toEqual({
      sewnMm: 0,
      minutes: 0,
      threadMm: 0,
    }));
});
