import { describe, expect, it } from 'vitest';
import { USUAL_SCHOOLS } from '../../setup';
import { type Given, PROCEDURES, stepsOf, workOut } from '..';
import { arc, shownDeg, wedgeLines } from './arcScene';

const GIVEN: Given = {
  ...{ thicknessMm: 0.4, squash: 0.8, stretch: 5, recovery: 95, weight: 'medium' },
  ...{ frays: 1, slides: 0, oneWay: 0, holesStay: 0, lengthMm: 2.5, widthMm: 0 },
  ...{ footLiftMm: 5, extraLiftMm: 2, topSpm: 750, longestMm: 5, shiftMm: 1, schools: USUAL_SCHOOLS },
};
function sewn(id: string, answers: Record<string, number>, given: Partial<Given> = {}) {
  const procedure = PROCEDURES.find((one) => one.id === id)!;
  const worked = workOut(procedure, answers, { ...GIVEN, ...given });
  if (!worked.ok) throw new Error(JSON.stringify(worked));
  const said = stepsOf(procedure, worked.numbers).map((step) => step.do);
  const scene = (view: string) => procedure.views[view](worked.numbers, { ...GIVEN, ...given });
  return { numbers: worked.numbers, said, scene };
}

describe('a facing', () => {
  it('is graded to 7 and 4 mm on a gentle curve', () =>
    expect(sewn('facing', { radius: 80 }).numbers).toMatchObject({ garment: 7, facing: 4 }));

  it('is trimmed farther where slits would come too close: as the curve asks, never under 3 mm', () => {
    // A slit that opens 4 mm, 5 mm from the next: the allowance may be 0.4 of the radius.
    expect(sewn('facing', { radius: 17.5 }).numbers.garment).toBe(7);
    expect(sewn('facing', { radius: 17 }).numbers.garment).toBeCloseTo(6.8, 9);
    expect(sewn('facing', { radius: 15 }).numbers).toMatchObject({ garment: 6, facing: 4 });
  });

  it('is drawn with as many slits as lie on what is drawn of it', () => {
    const { numbers, scene } = sewn('facing', { radius: 80, edge: 200 });
    expect(scene('above').lines.filter(({ id }) => id === 'cuts')).toHaveLength(numbers.slits);
    const whole = sewn('facing', { radius: 80, edge: 620 });
    const shown = whole.scene('above').lines.filter(({ id }) => id === 'cuts').length;
    expect(shown).toBe(Math.round((whole.numbers.slits * 150) / whole.numbers.turn));
  });
});

describe('two unlike curves', () => {
  it('lose wedges only where they are pressed open', () => {
    expect(sewn('princess-seam', { open: 1 }).numbers.wedges).toBeGreaterThan(0);
    const closed = sewn('princess-seam', { open: 0 });
    expect(closed.numbers.wedges).toBe(0);
    expect(closed.said.join(' ')).toMatch(/both allowances towards the middle/);
    expect(closed.said.join(' ')).not.toMatch(/wedges/);
  });

  it('are drawn with as many slits and wedges as are cut', () => {
    const { numbers, scene } = sewn('princess-seam', {});
    const count = (view: string, id: string) => scene(view).lines.filter((line) => line.id === id).length;
    expect(count('above', 'cuts')).toBe(numbers.slits);
    expect(count('open', 'cuts')).toBe(numbers.slits);
    expect(count('open', 'wedges')).toBe(numbers.wedges);
  });
});

describe('a curve', () => {
  it('is sewn as fast as the machine goes where hands follow, slower where it is tight', () => {
    const gentle = sewn('curved-seam', { radius: 400 });
    expect(gentle.said.join(' ')).toMatch(/as fast as your hands can follow/);
    const tight = sewn('curved-seam', { radius: 20 });
    expect(tight.said.join(' ')).toMatch(/\{speed:n\} stitches a minute/);
    expect(tight.numbers.speed).toBeLessThan(750);
  });

  it('never asks for more than the machine’s own speed', () => {
    expect(sewn('curved-seam', { radius: 60 }, { topSpm: 300 }).numbers).toMatchObject({ speed: 300, slower: 0 });
    expect(sewn('curved-seam', { radius: 20 }, { topSpm: 5000 }).numbers.slower).toBe(1);
  });

  it('is drawn as far as it does not cover itself', () => {
    expect([90, 150, 444].map(shownDeg)).toEqual([90, 150, 150]);
    expect(arc(10, 180)[0][0]).toBeCloseTo(-10, 9);
  });

  it('puts the point of a wedge between its two corners, at the stitching', () => {
    const [{ points }] = wedgeLines(100, 90, 60, 1, 6);
    expect(points[1]).toEqual([0, -90]);
    expect(points[2][0] - points[0][0]).toBeCloseTo(6, 1);
  });
});

describe('what fabric cannot take is left out', () => {
  it('no dense bar on a pocket whose holes stay', () => {
    expect(sewn('patch-pocket', {}).said.join(' ')).toMatch(/A bar of/);
    const foam = sewn('patch-pocket', {}, { holesStay: 1 });
    expect(foam.said.join(' ')).not.toMatch(/A bar of/);
    expect(foam.said.join(' ')).toMatch(/Knot the tails/);
  });

  it('no hole that closes again where holes stay', () => {
    const procedure = PROCEDURES.find(({ id }) => id === 'unpick')!;
    const checks = (holesStay: number) =>
      stepsOf(procedure, { holesStay, frays: 0 })
        .map(({ check }) => check)
        .join(' ');
    expect(checks(0)).toMatch(/The holes close/);
    expect(checks(1)).not.toMatch(/The holes close/);
  });
});
