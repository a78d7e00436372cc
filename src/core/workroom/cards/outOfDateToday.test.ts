import { describe, expect, it } from 'vitest';
import { cardSchema } from '../../card';
import {
  careRecordSchema,
  clothRecordSchema,
  machineRecordSchema,
  needleRecordSchema,
  type OnMachine,
  threadRecordSchema,
} from '../../file';
import { PLAIN_MACHINE } from '../../kit';
import { plainSetup } from '../../setup/plainSetup.testing';
import { type CardsKeptIn, outOfDateToday } from '..';

const AT = '2026-11-20T10:00:00Z';
const LATER = '2026-11-21T10:00:00Z';
const setup = plainSetup();
const cloth = { name: 'Poplin', structure: 'woven' as const, family: 'poplin' as const, traits: [], massGsm: 120 };
const clothRecord = (id: string, massGsm = 120) =>
  clothRecordSchema.parse({ id, addedAt: AT, colour: '#d9c9a8', cloth: { ...cloth, massGsm } });
const machine = (id: string) =>
  machineRecordSchema.parse({ id, machine: { ...PLAIN_MACHINE, name: 'Fern' }, addedAt: AT });
const needle = (more: object = {}) => needleRecordSchema.parse({ id: 'n', needle: setup.needle, addedAt: AT, ...more });
const spool = threadRecordSchema.parse({ id: 't', thread: setup.thread, colour: '#ffffff', addedAt: AT });
const service = (machineId: string, kind: 'service' | 'oil') =>
  careRecordSchema.parse({ id: `${machineId}-${kind}`, machineId, kind, at: LATER, atHours: 1 });
const card = cardSchema.parse({
  id: 'k',
  name: 'Poplin',
  passedAt: AT,
  clothId: 'c',
  cloth,
  operation: { kind: 'join' },
  machineId: 'm',
  machine: machine('m').machine,
  setup,
  measures: { markedMm: 100 },
  lineId: 'l',
});
const on = (more: Partial<OnMachine> = {}): OnMachine => ({
  machineId: 'm',
  setup: plainSetup({ thread: { fibre: 'cotton', tex: 30 } }),
  unsure: [],
  clothId: 'c',
  since: AT,
  needleSewn: [],
  needleId: null,
  ...more,
});
const workroom: CardsKeptIn = {
  machines: [machine('other'), machine('m')],
  care: [],
  cloths: [clothRecord('other', 400), clothRecord('c')],
  stock: [needle()],
  spools: [spool],
  kit: { needles: 'owned', threads: 'owned' },
  onMachines: [],
  needleLifeHours: 5,
};
const codes = (more: Partial<CardsKeptIn> = {}) =>
  outOfDateToday({ ...workroom, ...more })(card).map(({ code }) => code);

describe('a card in the workroom of today', () => {
  it('holds while its machine, fabric, needle and thread are as they were', () => expect(codes()).toEqual([]));

  it('is out of date when its own machine is gone or was serviced, and not when another one was', () => {
    expect(codes({ machines: [machine('other')] })).toEqual(['machine-gone']);
    expect(codes({ care: [service('m', 'service')] })).toEqual(['serviced']);
    expect(codes({ care: [service('other', 'service'), service('m', 'oil')] })).toEqual([]);
  });

  it('is out of date when its own fabric weighs something else, and not when it is gone', () => {
    expect(codes({ cloths: [clothRecord('c', 160)] })).toEqual(['cloth-measured']);
    expect(codes({ cloths: [clothRecord('other', 400)] })).toEqual([]);
  });

  it('is out of date when no such needle or thread is left, where only what is owned is used', () => {
    expect(codes({ stock: [] })).toEqual(['needle-gone']);
    expect(codes({ stock: [needle({ spent: 'bent' })] })).toEqual(['needle-gone']);
    expect(codes({ spools: [] })).toEqual(['thread-gone']);
    expect(codes({ stock: [], spools: [], kit: { needles: 'any', threads: 'any' } })).toEqual([]);
    expect(codes({ stock: [], spools: [], kit: { needles: 'owned', threads: 'any' } })).toEqual(['needle-gone']);
  });

  it('is held against what is on its machine only while that is set for its fabric', () => {
    expect(codes({ onMachines: [on()] })).toEqual(['other-thread']);
    expect(codes({ onMachines: [on({ clothId: 'other' }), on({ machineId: 'other' })] })).toEqual([]);
  });

  it('is out of date when the needle that is in has sewn its hours', () => {
    const worn = needle({ sewn: [{ id: 'e', at: AT, by: 5 }] });
    const in5 = { stock: [worn], onMachines: [on({ setup, needleId: 'n' })] };
    expect(codes(in5)).toEqual(['needle-worn']);
    expect(codes({ ...in5, needleLifeHours: 8 })).toEqual([]);
    expect(codes({ ...in5, onMachines: [on({ setup, needleSewn: [{ id: 'e', at: AT, by: 4 }] })] })).toEqual([]);
  });
});
