import { describe, expect, it } from 'vitest';
import type { Card } from '../../card';
import { clothOf } from '../../cloth';
import { clothRecordSchema, machineRecordSchema } from '../../file';
import { PLAIN_MACHINE } from '../../kit';
import { KNOWLEDGE } from '../../result';
import { plainSetup } from '../../setup/plainSetup.testing';
import { needleMinutes, PACE_SHARE } from '../../stitch';
import { type TestLine, LINE_MM, lineSchema, newLine, swatchSchema } from '../../swatch';
import { cardFromLine, lineNeedleMinutes, nextLineNumber, nextTestLine, startSwatch, swatchToProveAgain } from '..';

const AT = '2026-11-25T10:00:00Z';
const setup = plainSetup();
const line = (id: string, number: number, more: Partial<TestLine> = {}): TestLine =>
  newLine({ id, swatchId: 's', number, setup, sewnAt: AT, knowledge: 'tables 1', ...more });
const varied = (id: string, number: number, lengthMm: number) =>
  line(id, number, { status: 'planned', setup: { ...setup, lengthMm }, plan: { why: 'Longer?', varies: 'length' } });
const cloth = clothRecordSchema.parse({
  id: 'c',
  addedAt: AT,
  colour: '#d9c9a8',
  cloth: { name: 'Poplin', structure: 'woven', family: 'poplin', traits: [] },
});
const machine = machineRecordSchema.parse({ id: 'm', machine: { ...PLAIN_MACHINE, name: 'Fern' }, addedAt: AT });
const swatch = swatchSchema.parse({
  id: 's',
  clothId: 'c',
  machineId: 'm',
  operation: { kind: 'join' },
  startedAt: AT,
  name: 'Poplin: plain seam',
});
const ids = () => {
  let next = 0;
  return () => `k${(next += 1)}`;
};

describe('the number of the next line', () => {
  it('comes after every line that was sewn, whatever is still planned', () => {
    expect(nextLineNumber([])).toBe(1);
    expect(nextLineNumber([line('a', 1, { status: 'failed' }), varied('b', 2, 3)])).toBe(2);
    expect(nextLineNumber([line('a', 4), line('b', 2, { status: 'abandoned' })])).toBe(5);
  });
});

describe('another line', () => {
  const failed = line('a', 1, { status: 'failed', direction: 'along', provesCardId: 'card' });
  const all = [failed, varied('b', 2, 3)];

  it('is sewn as the last one was, before those still planned', () => {
    const [next, ...planned] = nextTestLine(all, failed, { id: 'n', at: AT });
    expect(next).toMatchObject({ id: 'n', number: 2, setup, direction: 'along', status: 'sewing', sewnAt: AT });
    expect([next.knowledge, next.provesCardId, next.swatchId]).toEqual(['tables 1', 'card', 's']);
    expect(next.change).toBeUndefined();
    expect(planned).toEqual([{ ...all[1], number: 3 }]);
  });

  it('takes the one change, and the planned ones follow it, each varying its own reading', () => {
    const changed = { ...setup, tensionSteps: -0.5 };
    const [next, planned] = nextTestLine(all, failed, { id: 'n', at: AT }, { change: 'tension-down', setup: changed });
    expect([next.setup, next.change]).toEqual([changed, 'tension-down']);
    expect(planned.setup).toEqual({ ...changed, lengthMm: 3 });
  });

  it('keeps the setting where the change is one of the hand', () => {
    const [next, planned] = nextTestLine(all, failed, { id: 'n', at: AT }, { change: 'do-not-pull' });
    expect([next.setup, next.change]).toEqual([setup, 'do-not-pull']);
    expect(planned.setup.lengthMm).toBe(3);
  });
});

describe('needle time of a test line', () => {
  it('is counted once, for a line that was really sewn', () => {
    const minutes = needleMinutes('straight', 2.5, LINE_MM.sewn, PLAIN_MACHINE.speedSpm * PACE_SHARE);
    expect(lineNeedleMinutes(line('a', 1), machine)).toBeCloseTo(minutes, 12);
    expect(minutes).toBeGreaterThan(0);
    for (const status of ['planned', 'passed', 'failed', 'abandoned'] as const)
      expect(lineNeedleMinutes(line('a', 1, { status }), machine)).toBe(0);
    expect(lineNeedleMinutes(line('a', 1, { simulated: { seed: 3 } as TestLine['simulated'] }), machine)).toBe(0);
  });
});

describe('a card out of a line', () => {
  const passed = line('a', 1, { status: 'passed', notes: 'Smooth', measures: { markedMm: 100, stitches: 40 } });
  const on = { line: passed, swatch: { ...swatch, where: 'Tin' }, cloth, machine, because: [] };

  it('freezes the fabric, the machine and what was measured', () => {
    const card = cardFromLine(on, { id: 'k', at: AT });
    expect(card).toEqual({
      id: 'k',
      name: 'Poplin: plain seam',
      passedAt: AT,
      clothId: 'c',
      cloth: clothOf(cloth),
      operation: { kind: 'join' },
      secondId: null,
      proves: null,
      knowledge: 'tables 1',
      machineId: 'm',
      machine: machine.machine,
      setup,
      measures: { markedMm: 100, stitches: 40 },
      lineId: 'a',
      notes: 'Smooth',
      where: 'Tin',
      photoId: undefined,
      simulated: false,
      provenAgain: [],
    });
  });

  it('keeps what was recommended when the scrap was begun, and one tested again what was recommended for it at first', () => {
    const other = { ...setup, lengthMm: 3 };
    const first = cardFromLine({ ...on, swatch: { ...swatch, answered: other } }, { id: 'old', at: AT });
    expect(first).toMatchObject({ answered: other, knowledge: 'tables 1' });
    expect(cardFromLine(on, { id: 'k', at: AT })).not.toHaveProperty('answered');
    const later = { ...passed, knowledge: 'tables 2' };
    const again = cardFromLine(
      { ...on, line: later, swatch: { ...swatch, answered: setup }, before: first },
      { id: 'k', at: AT },
    );
    expect(again).toMatchObject({ answered: other, knowledge: 'tables 1' });
  });

  it('says when it was sewn by a simulated machine', () => {
    const simulated = { ...passed, simulated: { seed: 3 } as TestLine['simulated'] };
    expect(cardFromLine({ ...on, line: simulated }, { id: 'k', at: AT }).simulated).toBe(true);
  });

  it('that was proven again keeps its id, name, notes and photo, and lists why', () => {
    const before: Card = {
      ...cardFromLine(on, { id: 'old', at: AT }),
      name: 'Mine',
      notes: 'Old',
      photoId: 'p',
      where: 'Box',
    };
    const again = cardFromLine({ ...on, swatch, before, because: ['Serviced.'] }, { id: 'k', at: AT });
    expect([again.id, again.name, again.notes, again.photoId, again.where]).toEqual(['old', 'Mine', 'Old', 'p', 'Box']);
    expect(again.provenAgain).toEqual([{ id: 'k', at: AT, lineId: 'a', because: ['Serviced.'] }]);
    const twice = cardFromLine({ ...on, before: again, because: [] }, { id: 'l', at: AT });
    expect([twice.provenAgain.map(({ id }) => id), twice.where]).toEqual([['k', 'l'], 'Tin']);
  });
});

describe('a swatch that is started', () => {
  const about = {
    clothId: 'c',
    clothName: 'Poplin',
    secondId: null,
    machineId: 'm',
    operation: { kind: 'join' as const },
  };
  it('has its first line in hand and the others to come, numbered as they are sewn', () => {
    const plan = {
      spares: [{ measure: 'massGsm' as const, lines: 1 }],
      lines: [
        { setup, direction: 'along' as const, plan: { why: 'As matched.' } },
        { setup, direction: 'across' as const, plan: { why: 'The other way.' } },
      ],
    };
    const { swatch: made, lines } = startSwatch(about, plan, { newId: ids(), at: AT });
    expect(made).toEqual({ ...swatch, id: 'k1', spares: plan.spares });
    expect(
      lines.map(({ id, number, status, direction, swatchId, sewnAt, knowledge }) => [
        id,
        number,
        status,
        direction,
        swatchId,
        sewnAt,
        knowledge,
      ]),
    ).toEqual([
      ['k2', 1, 'sewing', 'along', 'k1', AT, KNOWLEDGE],
      ['k3', 2, 'planned', 'across', 'k1', AT, KNOWLEDGE],
    ]);
    for (const one of lines) expect(lineSchema.safeParse(one).success).toBe(true);
  });

  it('to prove a card again has one line, as the card was sewn', () => {
    const card = cardFromLine(
      {
        line: line('a', 1),
        swatch: { ...swatch, operation: { kind: 'hem', direction: 'along' }, where: 'Tin' },
        cloth,
        machine,
        because: [],
      },
      { id: 'card', at: AT },
    );
    const { swatch: made, lines } = swatchToProveAgain(card, { newId: ids(), at: AT });
    expect(made).toEqual({ ...swatch, id: 'k1', operation: card.operation, where: 'Tin', spares: [] });
    expect(lines).toEqual([
      line('k2', 1, { swatchId: 'k1', direction: 'along', provesCardId: 'card', knowledge: 'tables 1' }),
    ]);
    const plain = swatchToProveAgain({ ...card, operation: { kind: 'join' } }, { newId: ids(), at: AT });
    expect(plain.lines[0].direction).toBe('across');
  });
});
