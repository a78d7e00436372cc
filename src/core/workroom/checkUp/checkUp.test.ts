import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { machineRecordSchema } from '../../file';
import {
  creepFactor,
  type Machine,
  MACHINE_KIND,
  nearestPressureStep,
  PLAIN_MACHINE,
  tensionReading,
  trueLengthMm,
  trueWidthMm,
} from '../../kit';
import { plainSetup } from '../../setup/plainSetup.testing';
import { NO_TROUBLE, type OwnQuirks, quirksOf, sewLine } from '../../standin';
import {
  afterCheckUp,
  CHECK_UP_CLOTH,
  CHECK_UP_MARKS,
  checkedUp,
  type CheckUpAnswer,
  type CheckUpLine,
  checkUpPlan,
  onAfterCheckUp,
  readCheckUp,
  SHOWS,
  wellSet,
} from '..';

const MARKS = CHECK_UP_MARKS.metric;
const AT = '2026-11-25T10:00:00Z';
const keys = () => {
  let made = 0;
  return { newId: () => `k${(made += 1)}`, at: AT, marks: MARKS };
};
const read = (answers: Record<number, CheckUpAnswer>, machine: Machine = PLAIN_MACHINE) =>
  readCheckUp(machine, checkUpPlan(machine), answers, keys());
const found = (answers: Record<number, CheckUpAnswer>, machine: Machine = PLAIN_MACHINE) => {
  const result = read(answers, machine);
  if (!result.ok) throw new Error(result.problems[0].text);
  return { ...result.found, machine: checkedUp(machine, result.found) };
};
const problems = (answers: Record<number, CheckUpAnswer>, machine?: Machine) => {
  const result = read(answers, machine);
  return result.ok ? [] : result.problems.map(({ line, field }) => [line, field]);
};

describe('the lines of a check-up', () => {
  it('are twelve for a machine with every dial, on its own marks', () => {
    const plan = checkUpPlan(PLAIN_MACHINE);
    expect(plan.map(({ part }) => part)).toEqual(
      ['length', 'width', 'tension', 'pressure'].flatMap((part) => [part, part, part]),
    );
    expect(plan.slice(0, 3).map(({ lengthMm }) => lengthMm)).toEqual([2, 3, 4]);
    expect(plan.slice(3, 6).map(({ widthMm }) => widthMm)).toEqual([2, 4, 6.5]);
    expect(plan.slice(6, 9).map(({ tension }) => tension)).toEqual([2, 4, 6]);
    expect(plan.slice(9).map(({ pressure }) => pressure)).toEqual(['1', '2', '3']);
  });

  it('ask for nothing a machine cannot do, whatever kind it is', () => {
    for (const { machine } of Object.values(MACHINE_KIND)) {
      const plan = checkUpPlan(machine);
      expect(plan.map(({ number }) => number)).toEqual(plan.map((_, i) => i + 1));
      for (const line of plan) {
        expect(machine.stitches).toContain(line.stitch);
        expect(line.lengthMm).toBeLessThanOrEqual(machine.maxLengthMm);
        expect(line.widthMm).toBeLessThanOrEqual(machine.maxWidthMm);
        expect(line.tension).toBeGreaterThanOrEqual(machine.tensionDial.min);
        expect(line.tension).toBeLessThanOrEqual(machine.tensionDial.max);
        if (machine.pressureDial) expect(machine.pressureDial.positions.map(String)).toContain(line.pressure);
      }
      expect(plan.filter(({ part }) => part === 'pressure')).toHaveLength(
        Math.min(3, machine.pressureDial?.positions.length ?? 1),
      );
    }
  });
});

describe('where a dial is well set', () => {
  it('is the usual place while that is well set, else the nearest, else between too little and too much', () => {
    const at = (...shows: (typeof SHOWS)[number][]) =>
      wellSet(
        shows.map((one, i) => ({ at: 2 * i, shows: one })),
        2,
      );
    expect(at('well', 'well', 'well')).toEqual({ kind: 'at', at: 2 });
    expect(at('too-little', 'too-little', 'well')).toEqual({ kind: 'at', at: 4 });
    expect(at('too-little', 'too-much', 'too-much')).toEqual({ kind: 'at', at: 1 });
    expect(at('too-little', 'too-little', 'too-little')).toEqual({ kind: 'beyond', side: 'higher' });
    expect(at('too-much', 'too-much', 'too-much')).toEqual({ kind: 'beyond', side: 'lower' });
    expect(at('well', 'too-little', 'too-much')).toEqual({ kind: 'contradicts' });
  });

  it('is found within the step between the lines, for any place that it may lie', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 2, max: 6, noNaN: true }),
        fc.double({ min: 0.1, max: 1.9, noNaN: true }),
        (truly, sure) => {
          const shows = (at: number) => (at < truly - sure ? 'too-little' : at > truly + sure ? 'too-much' : 'well');
          const result = wellSet(
            [6, 2, 4].map((at) => ({ at, shows: shows(at) })),
            4,
          );
          expect(result.kind).toBe('at');
          if (result.kind === 'at') expect(Math.abs(result.at - truly)).toBeLessThanOrEqual(2);
        },
      ),
    );
  });
});

describe('what a check-up tells', () => {
  it('bends the dials to what was counted and measured', () => {
    const { machine } = found({ 1: { stitches: 56 }, 2: { stitches: 37 }, 3: { stitches: 28 }, 5: { widthMm: 3.6 } });
    expect(trueLengthMm(machine, 3)).toBeCloseTo(100 / 37, 6);
    expect(trueWidthMm(machine, 4)).toBeCloseTo(3.6, 6);
    expect(machine.calibration!.length).toHaveLength(3);
  });

  it('moves what is called normal to where tension and pressure were well set', () => {
    const low = found({
      7: { shows: 'too-little' },
      8: { shows: 'too-little' },
      9: { shows: 'well' },
      10: { shows: 'well' },
      11: { shows: 'too-much' },
      12: { shows: 'too-much' },
    });
    expect(low.tension).toBe(6);
    expect(tensionReading(low.machine, 0)).toBe(6);
    expect(low.pressure).toBe('1');
    expect(nearestPressureStep(low.machine, 0.5).position).toBe('1');
    const usual = found({ 8: { shows: 'well' }, 11: { shows: 'well' } });
    expect(tensionReading(usual.machine, 0)).toBe(4);
    expect(nearestPressureStep(usual.machine, 0.5).position).toBe('2');
  });

  it('takes a second check-up in the place of the first', () => {
    const once = found({ 8: { shows: 'too-little' }, 9: { shows: 'well' } }).machine;
    expect(tensionReading(found({ 8: { shows: 'well' } }, once).machine, 0)).toBe(4);
  });

  it('sets nothing where no line was well set, and says on which side it must lie', () => {
    const { machine, tension, beyond } = found({ 7: { shows: 'too-much' }, 8: { shows: 'too-much' } });
    expect([tension, machine.offsets, beyond]).toEqual([null, undefined, [{ part: 'tension', side: 'lower' }]]);
  });

  it('knows how much more than expected the upper layer creeps', () => {
    const creeps = (shiftMm: number) => creepFactor(found({ 11: { shiftMm } }).machine);
    expect(creeps(6)).toBeCloseTo(2 * creeps(3), 6);
  });

  it('says at which line something is wrong, and keeps nothing of it', () => {
    expect(problems({ 1: { stitches: 20 } })).toEqual([[1, 'stitches']]);
    expect(problems({ 4: { widthMm: 14 } })).toEqual([[4, 'widthMm']]);
    expect(problems({ 1: { stitches: 40 }, 2: { stitches: 41 } })).toEqual([[2, 'stitches']]);
    expect(problems({ 4: { widthMm: 3 }, 5: { widthMm: 2.9 } })).toEqual([[5, 'widthMm']]);
    expect(problems({ 8: { shows: 'too-much' }, 9: { shows: 'well' } })).toEqual([[8, 'shows']]);
    expect(problems({})).toEqual([]);
    // The whole curve has to rise, with what was counted before.
    const counted = found({ 2: { stitches: 34 } }).machine;
    expect(problems({ 3: { stitches: 34 } }, counted)).toEqual([[3, 'stitches']]);
    expect(problems({ 1: { stitches: 33 } }, counted)).toEqual([[1, 'stitches']]);
    expect(problems({ 3: { stitches: 26 } }, counted)).toEqual([]);
  });

  it('leaves what cards taught where nothing new was found, and the readings to be looked at', () => {
    const record = machineRecordSchema.parse({ id: 'm', machine: { ...PLAIN_MACHINE, name: 'Fern' }, addedAt: AT });
    const later = '2026-11-26T10:00:00Z';
    expect(afterCheckUp(record, found({ 1: { stitches: 50 } }), later).forgotten).toBeUndefined();
    const after = afterCheckUp(record, found({ 8: { shows: 'well' } }), later);
    expect(after.forgotten).toEqual({ tensionSteps: later });
    expect(machineRecordSchema.parse(after)).toEqual(after);
    // What was changed of it meanwhile stays.
    const renamed = { ...record, machine: { ...record.machine, name: 'Moss', speedSpm: 900 } };
    expect(afterCheckUp(renamed, found({ 8: { shows: 'well' } }), later).machine).toMatchObject({
      name: 'Moss',
      speedSpm: 900,
    });
    const on = onAfterCheckUp({
      machineId: 'm',
      setup: plainSetup(),
      unsure: ['plate'],
      clothId: null,
      since: AT,
      needleSewn: [],
      needleId: null,
    });
    expect(on.unsure).toContain('tension');
    expect(on.unsure.filter((one) => one === 'plate')).toHaveLength(1);
  });
});

describe('on the simulated machine', () => {
  const WAYS = { 'loops-below': 'too-little', 'loops-above': 'too-much' } as const;

  function sewn(line: CheckUpLine, quirks: OwnQuirks, seed: number): CheckUpAnswer {
    const { stitch, lengthMm, widthMm, tension, pressure } = line;
    const setup = plainSetup({
      ...{ stitch, lengthMm, widthMm },
      needle: { point: 'universal', nm: 80 },
      tensionSteps: tension - PLAIN_MACHINE.tensionDial.normal,
      pressure: Number(pressure) === 1 ? 0.25 : Number(pressure) === 3 ? 1 : 0.5,
    });
    const result = sewLine(
      {
        setup,
        cloth: CHECK_UP_CLOTH,
        operation: { kind: 'join' },
        lengthMm: line.part === 'pressure' ? MARKS.stripsMm : MARKS.countedMm,
        direction: 'along',
      },
      { quirks, trouble: NO_TROUBLE },
      seed,
    );
    if ('blocked' in result) throw new Error(result.blocked.text);
    const signs = result.findings.map(({ sign }) => sign);
    const sign = (Object.keys(WAYS) as (keyof typeof WAYS)[]).find((one) => signs.includes(one));
    if (line.part === 'length') return { stitches: result.measures.stitches };
    if (line.part === 'tension') return { shows: sign ? WAYS[sign] : 'well' };
    return line.part === 'pressure' ? { shiftMm: result.measures.shiftMm ?? 0 } : {};
  }

  it.each([1, 2, 3, 4, 5, 6])('machine %i: its true length and where it balances are found', (seed) => {
    const quirks = quirksOf(seed, { lengthSd: 0.12, tensionSd: 1.25, pressureSd: 0, creepLogSd: 0, onClothShare: 0 });
    const plan = checkUpPlan(PLAIN_MACHINE);
    const { machine, tension } = found(
      Object.fromEntries(plan.map((line) => [line.number, sewn(line, quirks, seed * 100 + line.number)])),
    );
    expect(Math.abs(trueLengthMm(machine, 3) / (3 * quirks.lengthFactor) - 1)).toBeLessThan(0.05);
    // A machine that pulls harder than its dial says balances lower on it.
    const balances = PLAIN_MACHINE.tensionDial.normal - quirks.tensionSteps;
    expect(Math.abs(tension! - balances)).toBeLessThan(2);
  });
});
