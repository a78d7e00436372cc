import { describe, expect, it } from 'vitest';
import { checkInterlocks } from '../interlock';
import { PLAIN_MACHINE } from '../kit';
import { setupSchema } from '../setup';
import { plainSetup } from '../setup/plainSetup.testing';
import { type Given, givenOf, matchRows, type Numbers, PROCEDURES, stepSetup, stepsOf, toolAt, workOut } from '.';

const SETUP = plainSetup();
const POPLIN = { structure: 'woven', family: 'poplin', massGsm: 120, thicknessMm: 0.25, traits: [] } as const;
const of = (id: string) => PROCEDURES.find((p) => p.id === id)!;
function taken(id: string, answers: Partial<Numbers> = {}, more: Partial<Given> = {}) {
  const procedure = of(id);
  const { given } = givenOf({ ...POPLIN, traits: [] }, procedure, PLAIN_MACHINE, { main: SETUP });
  const all = { ...given, ...more };
  const worked = workOut(procedure, answers, all);
  if (!worked.ok) throw new Error(`taken: expected numbers, got ${JSON.stringify(worked)}`);
  return { procedure, given: all, numbers: worked.numbers, steps: stepsOf(procedure, worked.numbers) };
}
const texts = (id: string, answers: Partial<Numbers>) =>
  taken(id, answers)
    .steps.map((step) => step.do)
    .join(' ');

describe('only the steps that apply are shown', () => {
  it('a band that recovers poorly is said to gape and is cut shorter; one that recovers well is not', () => {
    for (const id of ['neck-band', 'cuff', 'waist-rib']) {
      const cut = (recovery: number) => taken(id, { stretch: 80 }, { band: { stretch: 80, recovery } });
      const [well, limp] = [cut(80), cut(79)];
      expect(
        well.steps.some(({ do: does }) => does.includes('will gape')),
        id,
      ).toBe(false);
      expect(limp.steps[0].do, id).toContain('will gape');
      expect(limp.numbers.cut).toBeLessThan(well.numbers.cut);
      // Visibly, where it hardly comes back.
      expect(well.numbers.cut - cut(60).numbers.cut).toBeGreaterThan(0.03 * well.numbers.opening);
      expect(cut(60).numbers.shorter).toBeCloseTo(well.numbers.cut - cut(60).numbers.cut, 6);
      // Stretched as far as it may be, it is told that it gapes all the same.
      const tight = taken('neck-band', { stretch: 40 }, { band: { stretch: 40, recovery: 70 } });
      expect(tight.steps[0].do).toContain('stretches too little to be cut any shorter');
    }
  });

  it('both schools of a zip and of quilting lines are in their steps, and tell Match which', () => {
    const school = (id: string, answers: Numbers) => of(id).schools!(answers);
    expect(texts('zip-centred', { upwards: 0 })).toMatch(/Sew across below the stop/);
    expect(texts('zip-centred', { upwards: 1 })).toMatch(/Move foot and needle to the other side/);
    expect(texts('zip-centred', { upwards: 1 })).not.toMatch(/Sew across below the stop/);
    expect(school('zip-centred', { upwards: 1 })).toEqual({ 'centred-zip': 'from-below' });
    expect(texts('quilt-lines', { alternate: 1 })).toMatch(/from the opposite end/);
    expect(school('quilt-lines', { alternate: 0 })).toEqual({ 'quilting-lines': 'same-way' });
  });

  it('edges are finished before a zip only where they fray, and rows stop at the pull', () => {
    expect(taken('zip-centred', {}, { frays: 0 }).steps[0].do).not.toMatch(/Finish/);
    const { numbers } = taken('zip-centred', { zip: 180, top: 20, opening: 200 }, { frays: 1 });
    expect(numbers.clear).toBeGreaterThanOrEqual(45);
    expect(numbers.tops + numbers.rowStitches).toBe(numbers.down);
    expect(numbers.clear + numbers.rowMm).toBeCloseTo(numbers.bar, 6);
  });

  it('a concealed zip is basted first, or sewn straight to the groove: never both', () => {
    expect(texts('zip-concealed', { direct: 0 })).toMatch(/Tack down the middle/);
    expect(texts('zip-concealed', { direct: 1 })).not.toMatch(/Tack/);
    expect(texts('zip-concealed', { direct: 1 })).toMatch(/other groove of the foot takes the coil/);
  });
  it('a raw hem without a row is cut and tried; a single buttonhole has no spacing', () => {
    expect(taken('hem-raw', { row: 0 }).steps).toHaveLength(2);
    expect(texts('buttonholes', { count: 1 })).not.toMatch(/apart/);
  });
  it('corners, slits and wedges are told where the line has them', () => {
    const line = texts('outline-seam', {});
    expect(line).toMatch(/Snip \{clips:n\} times/);
    expect(line).not.toMatch(/wedges|corners/);
    expect(texts('enclosed', {})).toMatch(/corners/);
  });
});

describe('what should be on the machine at a step', () => {
  const at = (id: string, index: number, answers: Partial<Numbers> = {}) => {
    const { steps, numbers } = taken(id, answers);
    return stepSetup(steps, index, numbers, { main: SETUP }, PLAIN_MACHINE);
  };
  it('basting and gathers are set loose and long; the seam after them gets its stitch and tension back', () => {
    const loose = { ...SETUP, lengthMm: 4.5, tensionSteps: -1.5 };
    for (const id of ['baste', 'gather']) {
      const { steps, numbers } = taken(id, {}, { lengthMm: 4.5 });
      const all = steps.map((_, i) => stepSetup(steps, i, numbers, { main: loose, seam: SETUP }, PLAIN_MACHINE));
      expect(all[0]).toEqual(loose);
      expect(all.find((setup) => setup.lengthMm === 2.5)).toEqual({ ...SETUP, lengthMm: 2.5 });
    }
    expect(at('baste', 0).lengthMm).toBe(4);
  });
  it('a step for getting ready already asks for what is sewn next', () =>
    expect(at('overlock-look', 0)).toMatchObject({ stitch: 'zigzag', widthMm: 5, lengthMm: 1.5 }));
  it('a swing never meets the one hole of a plate or a foot', () => {
    const { steps, numbers } = taken('overlock-look');
    const straight = { ...SETUP, plate: 'straight', foot: 'straight' } as const;
    expect(stepSetup(steps, 1, numbers, { main: straight }, PLAIN_MACHINE)).toMatchObject({
      plate: 'standard',
      foot: 'standard',
    });
  });
  it('what the dials cannot reach is said, not quietly made smaller', () => {
    const { steps, numbers } = taken('overlock-look', { swing: 9 });
    const small = { ...PLAIN_MACHINE, maxWidthMm: 5, widthStepMm: 0.5 };
    const setup = stepSetup(steps, 1, numbers, { main: SETUP }, small);
    expect(setup.widthMm).toBe(9);
    const closed = checkInterlocks({ setup, machine: small, thicknessMm: 0.6 });
    expect(closed.map(({ code }) => code)).toContain('interlock.width-range');
  });
  it('a one-bar foot and the needle stand on opposite sides of the coil, and change over', () => {
    const feet = taken('zip-concealed').steps.flatMap((step, i) =>
      step.now?.some((id) => id.startsWith('groove')) && step.sews ? [at('zip-concealed', i)] : [],
    );
    expect(feet.map(({ footSide, needlePositionMm }) => [footSide, needlePositionMm])).toEqual([
      ['right', -2.5],
      ['left', 2.5],
    ]);
    expect(at('zip-concealed', 3, { direct: 1 })).toMatchObject({ foot: 'concealed-zip', needlePositionMm: 0 });
  });
  it.each(PROCEDURES.map((p) => [p.name, p.id] as const))('%s: no step strikes metal on a plain machine', (_, id) => {
    const { procedure, steps, numbers } = taken(id);
    const rows = matchRows(procedure, { cloth: { ...POPLIN, traits: [] } });
    const setups = Object.fromEntries(Object.entries(rows).map(([row, { setup }]) => [row, setup ?? SETUP]));
    steps.forEach((_step, i) => {
      const setup = stepSetup(steps, i, numbers, setups, PLAIN_MACHINE);
      expect(setupSchema.safeParse(setup).success).toBe(true);
      const closed = checkInterlocks({ setup, machine: PLAIN_MACHINE, thicknessMm: 0.6 });
      expect(closed.map(({ code }) => code)).toEqual([]);
    });
  });
});

describe('where the hand is', () => {
  it.each(PROCEDURES.map((p) => [p.name, p.id] as const))('%s: on the line that is sewn', (_, id) => {
    const { procedure, steps, numbers, given } = taken(id);
    for (const step of steps) {
      const scene = procedure.views[step.view](numbers, given);
      const tool = toolAt(scene, step);
      if (!tool) continue;
      expect(tool.at.every(Number.isFinite)).toBe(true);
      expect(tool.tool === 'iron' || tool.tool === 'blade').toBe(step.with !== undefined);
      if (!tool.line) continue;
      const { points } = scene.lines[tool.line.index];
      expect(tool.line.behind[0]).toEqual(points[0]);
      expect(tool.line.ahead.at(-1)).toEqual(points.at(-1));
      expect(tool.line.behind.length + tool.line.ahead.length).toBe(points.length + 2);
    }
  });
  it('nowhere when nothing is held', () => {
    const { procedure, steps, numbers, given } = taken('plain-open');
    const still = steps.find((step) => !step.sews && !step.with)!;
    expect(toolAt(procedure.views[still.view](numbers, given), still)).toBeNull();
  });
});
