import 'fake-indexeddb/auto';
import { beforeEach, describe, expect, it } from 'vitest';
import { clothRecordSchema } from '@/core/file';
import { PLAIN_MACHINE } from '@/core/kit';
import { plainSetup } from '@/core/setup/plainSetup.testing';
import { type TestLine, newLine } from '@/core/swatch';
import { cards, cloths, lines, machines, swatches } from '@/data';
import { anotherLine, giveUp, makeCard, nextLine, settle, takeUp } from './lineActions';
import type { Scrap } from './useScrap';

const AT = '2026-11-25T10:00:00Z';
const setup = plainSetup();
const line = (id: string, number: number, more: Partial<TestLine> = {}): TestLine => ({
  ...newLine({ id, swatchId: 's', number, setup, direction: 'along', sewnAt: AT }),
  ...more,
});
const scrap = (all: TestLine[]): Scrap =>
  ({
    swatch: {
      id: 's',
      name: 'Poplin, a plain seam',
      operation: { kind: 'join' },
      secondId: null,
      proves: null,
      where: 'Blue tin',
    },
    lines: all,
    cloth: clothRecordSchema.parse({
      id: 'c',
      addedAt: AT,
      colour: '#d9c9a8',
      where: '',
      notes: '',
      cloth: { name: 'Poplin', structure: 'woven', family: 'poplin', traits: [] },
    }),
    machine: { id: 'm', machine: PLAIN_MACHINE },
  }) as unknown as Scrap;

beforeEach(async () => {
  for (const { id } of await lines.all()) await lines.remove(id);
  for (const { id } of await cards.all()) await cards.remove(id);
  // A line is only kept on a swatch that is there, and that on its fabric and its machine.
  await cloths.put(scrap([]).cloth);
  await machines.put({ id: 'm', addedAt: AT, machine: { ...PLAIN_MACHINE, name: 'Mine' } });
  await swatches.put({
    id: 's',
    clothId: 'c',
    machineId: 'm',
    operation: { kind: 'join' },
    startedAt: AT,
    name: 'Poplin',
  });
});

describe('what is done with a line', () => {
  it('keeps what was written a moment before, though the screen does not show it yet', async () => {
    const shown = line('a', 1);
    await lines.put(shown);
    for (const act of [giveUp, takeUp, (l: TestLine) => settle(scrap([l]), l, 'failed')]) {
      await lines.change('a', (now) => now && { ...now, notes: `${now.notes}.` });
      await act(shown);
    }
    expect(await lines.get('a')).toMatchObject({ notes: '...', status: 'failed' });
  });

  it('puts on the card what stands in the line, not what the screen showed', async () => {
    const shown = line('a', 1);
    await lines.put(shown);
    await lines.change('a', (now) => now && { ...now, notes: 'Left the tails long.', measures: { markedMm: 100 } });
    const card = await makeCard(scrap([shown]), shown, []);
    expect(card).toMatchObject({ notes: 'Left the tails long.', where: 'Blue tin', lineId: 'a', clothId: 'c' });
    expect(await cards.get(card.id)).toEqual(card);
    expect((await lines.get('a'))?.status).toBe('passed');
  });

  it('takes up the next planned line, and begins another where none is planned', async () => {
    const [first, planned] = [line('a', 1), line('b', 2, { status: 'planned' })];
    await lines.putAll([first, planned]);
    expect(await nextLine(scrap([first, planned]), first)).toBe('b');
    expect((await lines.get('b'))?.status).toBe('sewing');
    const id = await nextLine(scrap([first]), first);
    expect(await lines.get(id)).toMatchObject({ number: 2, setup, status: 'sewing' });
  });

  it('comes before the lines still planned, which move up by one', async () => {
    const all = [line('a', 1), line('b', 2, { status: 'planned' }), line('c', 3, { status: 'planned' })];
    await lines.putAll(all);
    const id = await anotherLine(scrap(all), all[0]);
    const numbers = (await lines.all()).sort((x, y) => x.number - y.number).map((l) => l.id);
    expect(numbers).toEqual(['a', id, 'b', 'c']);
  });
});
