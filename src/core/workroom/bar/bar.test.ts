import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { clothRecordSchema, machineRecordSchema, needleRecordSchema, type OnMachine } from '../../file';
import { type Needle, PLAIN_MACHINE } from '../../kit';
import { READINGS, setupChanges } from '../../setup';
import { plainSetup } from '../../setup/plainSetup.testing';
import {
  machineBar,
  type MachineTarget,
  needleIn,
  needleNow,
  needlesToChange,
  needleToPutIn,
  nothingTold,
  putReading,
  sewingClock,
  tickAll,
  tickReading,
} from '..';

const AT = '2026-11-25T10:00:00Z';
const BEFORE = '2026-11-20T10:00:00Z';
const machine = machineRecordSchema.parse({ id: 'm', machine: { ...PLAIN_MACHINE, name: 'Fern' }, addedAt: BEFORE });
const needle = (id: string, kind: Needle, hours = 0, more: object = {}) =>
  needleRecordSchema.parse({
    id,
    needle: kind,
    sewn: hours === 0 ? [] : [{ id: `${id}-s`, at: BEFORE, by: hours }],
    addedAt: BEFORE,
    ...more,
  });
const UNIVERSAL: Needle = { point: 'universal', nm: 80 };
const STRETCH: Needle = { point: 'stretch', nm: 75 };
const cloth = (id: string, name: string) =>
  clothRecordSchema.parse({
    id,
    addedAt: BEFORE,
    colour: '#d9c9a8',
    cloth: { name, structure: 'woven', family: 'poplin', traits: [] },
  });
const target: MachineTarget = {
  machineId: 'm',
  clothId: 'jersey',
  setup: plainSetup({ needle: STRETCH, stitch: 'zigzag', widthMm: 3, lengthMm: 2 }),
};
const on = (more: Partial<OnMachine> = {}): OnMachine => ({
  machineId: 'm',
  setup: plainSetup(),
  unsure: [],
  clothId: 'poplin',
  since: BEFORE,
  needleSewn: [{ id: 'e', at: BEFORE, by: 1.5 }],
  needleId: null,
  ...more,
});
const stock = [needle('u1', UNIVERSAL, 2), needle('s1', STRETCH, 1), needle('s2', STRETCH)];
const ticked = { machine: PLAIN_MACHINE, target, stock, lifeHours: 5, at: AT };

describe('pressing a reading of the machine bar', () => {
  it('sets that reading, and no other', () => {
    const after = tickReading(on(), 'length', ticked);
    expect(after.setup).toEqual({ ...on().setup, lengthMm: 2 });
    expect({ ...after, setup: null }).toEqual({ ...on(), setup: null });
  });

  it('puts in the needle of that kind that was begun, with its own hours', () => {
    const after = tickReading(on(), 'needle', ticked);
    expect(after.setup.needle).toEqual(STRETCH);
    expect([after.needleId, after.needleSewn]).toEqual(['s1', []]);
    // Another reading leaves the needle that is in.
    expect(tickReading(on(), 'width', ticked).needleSewn).toEqual(on().needleSewn);
  });

  it('leaves every other reading in doubt while nobody has said what is on', () => {
    const after = tickReading(null, 'length', ticked);
    expect(after.unsure).toEqual(READINGS.filter((reading) => reading !== 'length'));
    expect([after.machineId, after.setup]).toEqual(['m', target.setup]);
  });

  it('changes the fabric the machine is set for with the last reading only', () => {
    let now = on({ clothNamed: 'Old poplin' });
    const todo = setupChanges(PLAIN_MACHINE, now.setup, target.setup).map((change) => change.reading);
    expect(todo.length).toBeGreaterThan(2);
    for (const reading of todo) {
      expect([now.clothId, now.since, now.clothNamed]).toEqual(['poplin', BEFORE, 'Old poplin']);
      now = tickReading(now, reading, ticked);
    }
    expect([now.clothId, now.since]).toEqual(['jersey', AT]);
    expect(now).not.toHaveProperty('clothNamed');
  });

  it('one by one comes to what all at once comes to, in any order', () => {
    const todo = setupChanges(PLAIN_MACHINE, on().setup, target.setup).map((change) => change.reading);
    fc.assert(
      fc.property(fc.shuffledSubarray(todo, { minLength: todo.length }), (order) => {
        const now = order.reduce((so, reading) => tickReading(so, reading, ticked), on());
        expect(now).toEqual(tickAll(on(), ticked));
      }),
      { numRuns: 30 },
    );
  });
});

describe('everything set at once', () => {
  it('keeps the needle that is in, with its hours, where the same kind is wanted', () => {
    const same = { ...ticked, target: { ...target, setup: { ...target.setup, needle: UNIVERSAL } } };
    const after = tickAll(on({ needleId: 'u1', needleSewn: on().needleSewn }), same);
    expect([after.needleId, after.needleSewn]).toEqual(['u1', on().needleSewn]);
    expect([after.clothId, after.since, after.unsure]).toEqual(['jersey', AT, []]);
  });

  it('takes one out of the stock where another kind is wanted, or nobody knows what is in', () => {
    for (const now of [on({ needleId: 'u1' }), null]) {
      const after = tickAll(now, ticked);
      expect([after.needleId, after.needleSewn, after.setup]).toEqual(['s1', [], target.setup]);
    }
  });

  it('takes one out of the stock where the needle is in doubt', () =>
    expect(tickAll(on({ setup: target.setup, unsure: ['needle'], needleId: 'u1' }), ticked).needleId).toBe('s1'));
});

describe('the needle that goes in', () => {
  it('is the one begun of that kind and size, then a new one, then none', () => {
    expect(needleToPutIn(stock, STRETCH, 5)?.id).toBe('s1');
    expect(needleToPutIn([needle('s1', STRETCH, 5), needle('s2', STRETCH)], STRETCH, 5)?.id).toBe('s2');
    expect(needleToPutIn(stock, { point: 'stretch', nm: 90 }, 5)).toBeNull();
    expect(needleToPutIn([needle('s3', STRETCH, 1, { spent: 'bent' })], STRETCH, 5)).toBeNull();
  });

  it('begins with its own hours, and one that is not kept with none', () => {
    expect(needleIn(stock[0])).toEqual({ needleId: 'u1', needleSewn: [] });
    expect(needleIn(null)).toEqual({ needleId: null, needleSewn: [] });
  });

  it('says its hours, how far it is, and which others are like it', () => {
    const now = needleNow(
      on({ needleId: 'u1' }),
      [...stock, needle('u2', UNIVERSAL), needle('u3', UNIVERSAL, 0, { spent: 'bent' })],
      5,
    );
    expect([now.hours, now.lifeHours, now.state]).toEqual([2, 5, 'good']);
    expect(now.others.map(({ id }) => id)).toEqual(['u2']);
    expect(needleNow(on(), stock, 5)).toMatchObject({ hours: 1.5, state: 'good' });
    expect(needleNow(on({ needleId: 'x' }), [needle('x', UNIVERSAL, 1, { spent: 'bent' })], 5).state).toBe('spent');
    expect(needleNow(null, stock, 5)).toEqual({ hours: 0, lifeHours: 5, state: 'new', others: [] });
  });
});

describe('the machine bar', () => {
  const facts = {
    machine,
    on: on(),
    target,
    stock,
    cloths: [cloth('poplin', 'Poplin'), cloth('jersey', 'Jersey')],
    lifeHours: 5,
    isToday: (moment: string) => moment === AT,
  };

  it('leads to a target of this machine only', () => {
    expect(machineBar(facts).changes.length).toBeGreaterThan(0);
    const other = machineBar({ ...facts, target: { ...target, machineId: 'n' } });
    expect([other.target, other.changes]).toEqual([null, []]);
    expect(machineBar({ ...facts, target: null })).toMatchObject({ target: null, changes: [] });
  });

  it('asks for a reading in doubt again, though it shows what is wanted', () => {
    const doubted = machineBar({ ...facts, on: on({ setup: target.setup, unsure: ['foot'] }) });
    expect(doubted.changes.map(({ reading }) => reading)).toEqual(['foot']);
  });

  it('calls out the fabric it is still set for: another fabric today, or the same one since yesterday', () => {
    const leftOver = (more: Partial<OnMachine>, aim: MachineTarget | null = target) =>
      machineBar({ ...facts, on: on(more), target: aim }).leftOver;
    expect(leftOver({ since: AT })).toBe('Poplin');
    expect(leftOver({ since: AT }, { ...target, clothId: 'poplin' })).toBeNull();
    expect(leftOver({ since: AT, setup: target.setup })).toBeNull();
    expect(leftOver({ since: AT }, null)).toBeNull();
    expect(leftOver({}, null)).toBe('Poplin');
    expect(leftOver({ clothId: null }, null)).toBeNull();
    expect(leftOver({ clothId: null, clothNamed: 'Lawn' }, null)).toBe('Lawn');
    expect(machineBar({ ...facts, on: null }).leftOver).toBeNull();
  });

  it('says nothing of a machine nobody has told about', () => {
    const bar = machineBar({ ...facts, on: null });
    expect([bar.readings, bar.clothName, bar.which, bar.clash]).toEqual([null, null, [], null]);
    expect(bar.changes).toHaveLength(READINGS.length);
  });

  it('asks which fabric is meant: those called so, or all of them', () => {
    const which = (clothNamed?: string) =>
      machineBar({ ...facts, on: on({ clothId: null, clothNamed }) }).which.map(({ id }) => id);
    expect(which()).toEqual([]);
    expect(which('Jersey')).toEqual(['jersey']);
    expect(which('Gone')).toEqual(['poplin', 'jersey']);
  });

  it('warns of what would strike as it stands now', () => {
    expect(machineBar(facts).clash).toBeNull();
    const zigzag = plainSetup({ stitch: 'zigzag', widthMm: 4, plate: 'straight' });
    expect(machineBar({ ...facts, on: on({ setup: zigzag }) }).clash).toMatch(/plate/i);
  });
});

describe('needles near their hours', () => {
  const set = [on({ needleId: 'u1' }), on({ machineId: 'n', needleSewn: [{ id: 'e', at: BEFORE, by: 4 }] })];
  it('are those from four of five hours on: in machines first, then those kept', () => {
    const kept = [needle('u1', UNIVERSAL, 4), needle('s1', STRETCH, 3.9), needle('s2', STRETCH, 6)];
    expect(needlesToChange(set, kept, 5)).toEqual([
      { machineId: 'm', needleId: 'u1', needle: UNIVERSAL, hours: 4 },
      { machineId: 'n', needleId: null, needle: UNIVERSAL, hours: 4 },
      { machineId: null, needleId: 's2', needle: STRETCH, hours: 6 },
    ]);
  });
  it('leave out what was put aside, and are none where hours do not decide', () => {
    const spent = [needle('s2', STRETCH, 6, { spent: 'bent' })];
    expect(needlesToChange([], spent, 5)).toEqual([]);
    expect(needlesToChange(set, [needle('s2', STRETCH, 60)], null)).toEqual([]);
  });
});

describe('the sewing clock', () => {
  it('counts the needle for a third of the time at the machine', () =>
    expect(sewingClock(0, 30 * 60_000)).toEqual({ satMin: 30, needleMin: 10 }));
  it('counts four hours at most, and nothing where the clock was set back', () => {
    expect(sewingClock(0, 239 * 60_000).satMin).toBe(239);
    expect(sewingClock(0, 9 * 3_600_000).satMin).toBe(240);
    expect(sewingClock(60_000, 0)).toEqual({ satMin: 0, needleMin: 0 });
  });
});

describe('saying what is really on the machine', () => {
  it('puts that reading out of doubt and leaves the rest', () => {
    const before = on({ unsure: ['length', 'tension'] });
    const after = putReading(before, 'length', { ...before.setup, lengthMm: 4 }, { ...ticked, target: null });
    expect(after).toEqual({ ...before, setup: { ...before.setup, lengthMm: 4 }, unsure: ['tension'] });
  });

  it('of a machine nobody has said anything of, the others stay in doubt', () => {
    const after = putReading(nothingTold('m', plainSetup(), AT), 'tension', plainSetup({ tensionSteps: 1 }), ticked);
    expect(after.unsure).toEqual(READINGS.filter((reading) => reading !== 'tension'));
    expect(after.clothId).toBeNull();
  });

  it('sets it for the fabric once it is as the target asks', () => {
    const almost = on({ setup: { ...target.setup, lengthMm: 3 } });
    const after = putReading(almost, 'length', target.setup, ticked);
    expect(after).toMatchObject({ clothId: 'jersey', since: AT });
  });

  it('takes another needle from the stock, and none where there is none', () => {
    expect(putReading(on(), 'needle', plainSetup({ needle: STRETCH }), ticked).needleId).toBe('s1');
    expect(
      putReading(on(), 'needle', plainSetup({ needle: { point: 'leather', nm: 100 } }), ticked).needleId,
    ).toBeNull();
  });
});
