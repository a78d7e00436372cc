import { describe, expect, it } from 'vitest';
import { type Card, cardSchema } from '../card';
import type { Cloth } from '../cloth';
import { PLAIN_MACHINE } from '../kit';
import type { Setup } from '../setup';
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
const NOTHING = new Map<string, Setup | null>();
const fresh = () => false;

describe('what has to be asked for a project', () => {
  it('is asked once for all seams that are alike', () => {
    const asked = seamQuestions([seam('a'), seam('b'), seam('d', { secondClothId: 'd' })], from());
    expect(asked).toHaveLength(2);
    expect(asked.map(({ operation }) => operation.second)).toEqual([undefined, POPLIN]);
    expect(operationOf(seam('a'), from().clothOf)).toEqual({ kind: 'join' });
  });

  it('leaves out what a card proves, what has no fabric, and what is sewn by hand', () => {
    expect(seamQuestions([seam('a')], from([card('k')]))).toEqual([]);
    expect(seamQuestions([seam('a')], from([card('k', { machineId: 'n' })]))).toHaveLength(1);
    expect(seamQuestions([seam('a', { clothId: null }), seam('b', { clothId: 'gone' })], from())).toEqual([]);
    expect(seamQuestions([seam('a', { procedureId: 'hand-baste' })], from())).toEqual([]);
  });
});

describe('the setting of a seam', () => {
  it('is that of the card, as long as the card holds', () => {
    expect(seamSetting(seam('a'), from([card('k')]), fresh, NOTHING)).toEqual({ setup, proof: 'proven', cardId: 'k' });
    expect(seamSetting(seam('a'), from([card('k')]), () => true, NOTHING).proof).toBe('stale');
  });

  it('is what was answered to its question where no card proves it, and nothing until then', () => {
    const [{ key }] = seamQuestions([seam('a')], from());
    const answered = new Map([[key, setup]]);
    expect(seamSetting(seam('b'), from(), fresh, answered)).toEqual({ setup, proof: 'none', cardId: null });
    expect(seamSetting(seam('b', { secondClothId: 'd' }), from(), fresh, answered).setup).toBeNull();
    expect(seamSetting(seam('b'), from(), fresh, NOTHING).setup).toBeNull();
  });

  it('by hand is none, and what needs no proof does not come to need one', () => {
    expect(seamSetting(seam('a', { procedureId: 'hand-baste' }), from(), fresh, NOTHING)).toEqual({
      setup: null,
      proof: 'hand',
      cardId: null,
    });
    const basted = seam('a', { procedureId: 'baste' });
    const basting = card('k', { operation: { kind: 'baste' } });
    expect(seamSetting(basted, from([basting]), () => true, NOTHING).proof).toBe('free');
    expect(seamSetting(basted, from([basting]), fresh, NOTHING).proof).toBe('proven');
  });
});
