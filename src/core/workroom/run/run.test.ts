import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { clothRecordSchema, machineRecordSchema } from '../../file';
import { jobFromTemplate, TEMPLATES } from '../../job';
import { PLAIN_MACHINE } from '../../kit';
import { newRun, type Run, runSchema } from '../../procedure';
import { KNOWLEDGE } from '../../result';
import { plainSetup } from '../../setup/plainSetup.testing';
import { advanceRun, backAStep, beginRun, bladeOf, cutWith, runAgain, runOfSeam } from '..';

const AT = '2026-11-25T10:00:00Z';
const LATER = '2026-11-25T11:00:00Z';
const cloth = clothRecordSchema.parse({
  id: 'c',
  addedAt: AT,
  colour: '#d9c9a8',
  cloth: { name: 'Poplin', structure: 'woven', family: 'poplin', traits: [] },
});
const machine = machineRecordSchema.parse({ id: 'm', machine: { ...PLAIN_MACHINE, name: 'Fern' }, addedAt: AT });
const run = (more: Partial<Run> = {}): Run =>
  newRun({
    id: 'r',
    procedureId: 'plain-open',
    clothId: 'c',
    clothName: 'Poplin',
    machineId: 'm',
    machineName: 'Fern',
    startedAt: AT,
    status: 'sewing',
    ...more,
  });
/** The second step sews for two minutes, the others not at all. */
const minutesOf = (step: number) => (step === 1 ? 2 : 0);
const next = (now: Run, steps = 3) => advanceRun(now, steps, minutesOf, LATER);
const press = (now: Run, steps = 3): Run => ({ ...now, ...next(now, steps).change });

describe('the next step of an operation', () => {
  it('is the one after, and its needle time is counted as it is left', () => {
    expect(next(run())).toEqual({ change: { needleMinutes: 0, counted: 1, step: 1 }, sewnMinutes: 0 });
    expect(next(run({ step: 1, counted: 1 }))).toEqual({
      change: { needleMinutes: 2, counted: 2, step: 2 },
      sewnMinutes: 2,
    });
  });

  it('counts no step twice, however often it is gone back to', () => {
    let now = press(press(run()));
    for (let i = 0; i < 3; i += 1) now = press({ ...now, ...backAStep(now) });
    expect([now.step, now.needleMinutes, now.counted]).toEqual([2, 2, 2]);
  });

  it('after the last one is the first of the next piece, and after the last piece there is none', () => {
    const last = run({ step: 2, counted: 2, pieces: 2, needleMinutes: 2 });
    const second = { needleMinutes: 2, counted: 0, step: 0, piece: 2 };
    expect(next(last)).toEqual({ change: second, sewnMinutes: 0 });
    const done = next({ ...last, piece: 2 });
    expect(done.change).toEqual({ needleMinutes: 2, counted: 3, status: 'done', doneAt: LATER });
  });

  it('is nothing for a run that is done, or not begun', () => {
    for (const status of ['done', 'asking'] as const)
      expect(next(run({ status }))).toEqual({ change: {}, sewnMinutes: 0 });
  });

  it('of a run that has more steps behind it than there are now ends it, and reads the last step only', () => {
    expect(advanceRun(run({ step: 7 }), 2, minutesOf, LATER)).toEqual({
      change: { needleMinutes: 2, counted: 2, status: 'done', doneAt: LATER },
      sewnMinutes: 2,
    });
  });

  it('sewn to the end comes to the needle time of every step, once for each piece', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 4 }), fc.integer({ min: 2, max: 5 }), (pieces, steps) => {
        let now = run({ pieces });
        for (let i = 0; i < pieces * steps; i += 1) {
          expect(now.status).toBe('sewing');
          now = press(now, steps);
        }
        expect([now.status, now.needleMinutes]).toEqual(['done', 2 * pieces]);
      }),
    );
  });
});

describe('a step back', () => {
  it('stops at the first, and does nothing to a run that is not being sewn', () => {
    expect(backAStep(run({ step: 2 }))).toEqual({ step: 1 });
    expect(backAStep(run({ step: 1 }))).toEqual({ step: 0 });
    expect(backAStep(run())).toEqual({});
    expect(backAStep(run({ step: 2, status: 'done' }))).toEqual({});
  });
});

describe('an operation that is begun', () => {
  const on = { cloth, machine };
  const made = { id: 'n', at: LATER };
  it('takes the answers of last time on the same fabric, and of no other', () => {
    const outline: Run['outline'] = { from: 'shape', shape: 'box', sizes: {}, side: 'usual' };
    const runs = [
      run({ id: 'x', clothId: 'd', answers: { row: 9 } }),
      run({ id: 'y', procedureId: 'french', answers: { row: 8 } }),
      run({ id: 'z', answers: { row: 7 }, outline }),
      run({ id: 'w', answers: { row: 6 } }),
    ];
    expect(beginRun('plain-open', on, runs, made)).toMatchObject({ answers: { row: 7 }, outline });
    expect(beginRun('plain-open', on, runs.slice(0, 2), made)).toEqual(
      run({ id: 'n', startedAt: LATER, status: 'asking', knowledge: KNOWLEDGE }),
    );
  });

  it('again keeps what it is, and nothing of how it went', () => {
    const setup = plainSetup();
    const what = {
      answers: { row: 7 },
      setup,
      cardId: 'k',
      pieces: 2,
      jobId: 'j',
      seamId: 's',
      bandClothId: 'b',
      secondClothId: 'd',
      knowledge: 'tables 1',
    };
    const sewn = run({
      ...what,
      status: 'done',
      step: 3,
      counted: 4,
      piece: 2,
      needleMinutes: 5,
      atItSeconds: 90,
      outcome: 'unpick',
      notes: 'Wavy',
      doneAt: AT,
    });
    expect(runAgain(sewn, made)).toEqual(run({ ...what, id: 'n', startedAt: LATER }));
  });

  it('for a seam of a project knows the seam, its fabrics, answers and pieces', () => {
    const choice = { name: 'Apron', machineId: 'm', clothId: 'c', secondClothId: 'd', colour: 'sand' };
    const job = jobFromTemplate(TEMPLATES[0], choice, { id: 'j', newId: () => 's', at: AT });
    const seam = {
      ...job.seams[0],
      procedureId: 'plain-open',
      secondClothId: 'd',
      bandClothId: null,
      count: 2,
      answers: { row: 7 },
    };
    const made1 = runOfSeam(job, seam, on, made);
    expect(made1).toMatchObject({
      jobId: 'j',
      seamId: 's',
      secondClothId: 'd',
      pieces: 2,
      answers: { row: 7 },
      status: 'asking',
    });
    expect([made1.clothId, made1.clothName, made1.machineId, made1.machineName, made1.startedAt]).toEqual([
      'c',
      'Poplin',
      'm',
      'Fern',
      LATER,
    ]);
    expect([made1.procedureId, made1.knowledge]).toEqual(['plain-open', KNOWLEDGE]);
    expect(made1).not.toHaveProperty('bandClothId');
    const band = runOfSeam(job, { ...seam, bandClothId: 'b', secondClothId: null }, on, made);
    expect(band.bandClothId).toBe('b');
    expect(band).not.toHaveProperty('secondClothId');
    expect(runSchema.safeParse(made1).success).toBe(true);
  });
});

describe('what a piece of work was cut with', () => {
  const blade = (id: string) => ({ id, kind: 'shears' as const, cut: [], notes: '' });
  const cut = { key: 'run-1', metres: 8, family: 'fleece', at: '2026-03-01T10:00:00Z' };
  const metresOf = (blades: ReturnType<typeof cutWith>) => blades.map((one) => one.cut.map(({ by }) => by));

  it('wears that blade and no other, twice as fast in fleece', () => {
    const after = cutWith([blade('a'), blade('b')], 'b', cut);
    expect(metresOf(after)).toEqual([[], [16]]);
    expect(bladeOf(after, 'run-1')).toBe('b');
    expect(bladeOf(after, 'run-2')).toBeNull();
  });

  it('said again, counts once; taken back, not at all', () => {
    const first = cutWith([blade('a'), blade('b')], 'b', cut);
    expect(metresOf(cutWith(first, 'b', cut))).toEqual([[], [16]]);
    expect(metresOf(cutWith(first, 'a', cut))).toEqual([[16], []]);
    expect(metresOf(cutWith(first, null, cut))).toEqual([[], []]);
    expect(metresOf(cutWith(first, 'a', { ...cut, key: 'run-2' }))).toEqual([[16], [16]]);
  });
});
