import { describe, expect, it } from 'vitest';
import { type Card, cardSchema } from '../card';
import type { Cloth } from '../cloth';
import { PLAIN_MACHINE } from '../kit';
import { matchRows, procedureOf, type ProcedureId, type RowAnswers } from '../procedure';
import { plainSetup } from '../setup/plainSetup.testing';
import { operationOf, seamQuestions, seamSetting, type SettingsFrom } from './seamSettings';
import { jobFromTemplate, TEMPLATES } from './templates';
import type { JobSeam } from './job';

const AT = '2026-03-01T10:00:00Z';
const POPLIN: Cloth = { structure: 'woven', family: 'poplin', traits: [] };
const setup = plainSetup();
const first = jobFromTemplate(
  TEMPLATES[0],
  { name: 'Apron', machineId: 'm', clothId: 'c', secondClothId: null, colour: '' },
  { id: 'j', newId: () => 'k', at: AT },
).seams[0];
const seam = (id: string, more: Partial<JobSeam> = {}): JobSeam => ({
  ...first,
  id,
  procedureId: 'plain-open',
  clothId: 'c',
  secondClothId: null,
  bandClothId: null,
  answers: {},
  ...more,
});
const card = (id: string, more: object = {}): Card =>
  cardSchema.parse({
    id,
    name: 'Poplin',
    passedAt: AT,
    clothId: 'c',
    cloth: { ...POPLIN, name: 'Poplin' },
    operation: { kind: 'join' },
    machineId: 'm',
    machine: { ...PLAIN_MACHINE, name: 'Fern' },
    setup,
    measures: { markedMm: 100 },
    lineId: 'l',
    ...more,
  });
const from = (cards: Card[] = []): SettingsFrom => ({
  machineId: 'm',
  cards,
  clothOf: (id) => (id === 'c' || id === 'd' ? POPLIN : null),
});
const NOTHING = new Map<string, RowAnswers>();
const fresh = () => false;
/** What Match says for the operation on poplin, its main row with the test's setting. */
const answersFor = (procedureId: ProcedureId): RowAnswers => {
  const rows = matchRows(procedureOf(procedureId)!, { cloth: POPLIN });
  return { ...rows, main: { ...rows.main, setup } };
};
const proves = (procedureId: string, row: string | null = null) => ({ proves: { procedureId, row } });

describe('what has to be asked for a project', () => {
  it('is asked once for all seams that are alike', () => {
    const asked = seamQuestions([seam('a'), seam('b'), seam('d', { secondClothId: 'd' })], from());
    expect(asked).toHaveLength(2);
    expect(asked.map(({ operation }) => operation.second)).toEqual([undefined, POPLIN]);
    expect(operationOf(seam('a'), from().clothOf)).toEqual({ kind: 'join' });
    // A scrap is sewn in the layers that are proven, and with the fabric of the band.
    expect(operationOf(seam('a', { procedureId: 'abutted' }), from().clothOf)).toEqual({ kind: 'join', layers: 1 });
    const banded = seam('a', { procedureId: 'neck-band', bandClothId: 'd' });
    expect(operationOf(banded, from().clothOf)).toEqual({ kind: 'band', second: POPLIN });
    // The same kind, but other rows.
    expect(seamQuestions([seam('a'), seam('b', { procedureId: 'flat-felled' })], from())).toHaveLength(2);
  });

  it('is asked too where cards have the setting: how it is held and pressed stands on none', () => {
    expect(seamQuestions([seam('a')], from([card('k')]))).toHaveLength(1);
  });

  it('leaves out what has no fabric, and what is sewn by hand', () => {
    expect(seamQuestions([seam('a', { clothId: null }), seam('b', { clothId: 'gone' })], from())).toEqual([]);
    expect(seamQuestions([seam('a', { procedureId: 'hand-baste' })], from())).toEqual([]);
  });
});

describe('the setting of a seam', () => {
  const main = { main: setup };
  it('is proven by a card that was sewn for its operation, as long as that holds', () => {
    const own = from([card('k', proves('plain-open'))]);
    expect(seamSetting(seam('a'), own, fresh, NOTHING)).toEqual({ setups: main, proof: 'proven', cardId: 'k' });
    expect(seamSetting(seam('a'), own, () => true, NOTHING).proof).toBe('stale');
  });

  it('is proven as a stitch by a card of another operation, and says so for every seam that is not that one', () => {
    const other = from([card('k', proves('plain-open'))]);
    const french = seam('a', { procedureId: 'french' });
    const asked = new Map(seamQuestions([french], other).map(({ key }) => [key, answersFor('french')]));
    expect(seamSetting(french, other, fresh, asked)).toMatchObject({ proof: 'stitch', cardId: 'k' });
    expect(seamSetting(seam('a'), from([card('k')]), fresh, NOTHING)).toMatchObject({ setups: main, proof: 'stitch' });
  });

  it('of an operation of several rows is proven when each of them is', () => {
    const felled = seam('a', { procedureId: 'flat-felled' });
    const top = answersFor('flat-felled').top;
    const first = card('first', proves('flat-felled', 'main'));
    const second = card('second', { ...proves('flat-felled', 'top'), operation: top.operation, setup: top.setup });
    expect(seamSetting(felled, from([first, second]), fresh, NOTHING)).toMatchObject({
      setups: { main: setup, top: top.setup },
      proof: 'proven',
    });
    const isOld = ({ id }: Card) => id === 'second';
    expect(seamSetting(felled, from([first, second]), isOld, NOTHING)).toMatchObject({
      proof: 'stale',
      cardId: 'second',
    });
    expect(seamSetting(felled, from([first]), fresh, NOTHING).proof).toBe('stitch');
  });

  it('is what was answered to its question where no card proves it, and nothing until then', () => {
    const [{ key }] = seamQuestions([seam('a')], from());
    const answered = new Map([[key, answersFor('plain-open')]]);
    expect(seamSetting(seam('b'), from(), fresh, answered)).toMatchObject({
      setups: main,
      proof: 'none',
      cardId: null,
    });
    expect(seamSetting(seam('b'), from(), fresh, answered).plans!.main.press.maxSolePlateC).toBeGreaterThan(0);
    expect(seamSetting(seam('b', { secondClothId: 'd' }), from(), fresh, answered).setups).toBeNull();
    expect(seamSetting(seam('b'), from(), fresh, NOTHING).setups).toBeNull();
  });

  it('by hand is none, and what needs no scrap does not come to need one', () => {
    expect(seamSetting(seam('a', { procedureId: 'hand-baste' }), from(), fresh, NOTHING)).toEqual({
      setups: null,
      proof: 'hand',
      cardId: null,
    });
    const basted = seam('a', { procedureId: 'baste' });
    const basting = card('k', { operation: { kind: 'baste' }, ...proves('baste') });
    expect(seamSetting(basted, from([basting]), () => true, NOTHING).proof).toBe('free');
    expect(seamSetting(basted, from([basting]), fresh, NOTHING).proof).toBe('proven');
  });
});
