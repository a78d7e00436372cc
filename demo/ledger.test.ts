import { describe, expect, it } from 'vitest';
import demo from './tansy-wren.json';
import type { Card } from '../src/core/card';
import { clothOf } from '../src/core/cloth';
import { needleHours } from '../src/core/kit';
import { readWorkroom, type Workroom } from '../src/core/file';
import { printingIn } from '../src/core/units';

const METRIC = printingIn('metric');
import {
  ALL,
  cardText,
  changedSince,
  compareCards,
  type Entry,
  faultsByCloth,
  feedOverTime,
  filtered,
  filterSchema,
  giveByWidth,
  hoursByKind,
  ledgerEntries,
  searchText,
  tensionByThickness,
} from '../src/core/ledger';

const read = readWorkroom(JSON.stringify(demo));
if (!read.ok) throw new Error(`expected the demo to be readable: ${read.error.path}`);
const workroom: Workroom = read.workroom;
const entries = ledgerEntries(workroom);
const card = (id: string): Card => workroom.cards.find((c) => c.id === id)!;

describe('everything that happened', () => {
  it('has one entry for each card, sewn line, run, job and care, newest first', () => {
    const count = (kind: Entry['kind']) => entries.filter((e) => e.kind === kind).length;
    expect(count('card')).toBe(workroom.cards.length);
    expect(count('line')).toBe(workroom.lines.filter((l) => l.status !== 'planned').length);
    expect(count('seam')).toBe(workroom.runs.length);
    expect(count('job')).toBe(workroom.jobs.length);
    expect(count('care')).toBe(workroom.care.length);
    for (let i = 1; i < entries.length; i += 1) expect(entries[i].at <= entries[i - 1].at).toBe(true);
  });

  it('leaves out needles that lie new in their pack', () => {
    const used = workroom.needles.filter((n) => n.sewn.length > 0 || n.spent !== null).length;
    expect(entries.filter((e) => e.kind === 'needle')).toHaveLength(used);
  });

  it('leads every entry to where it is looked at, and keeps keys apart', () => {
    expect(new Set(entries.map((e) => e.kind + e.id)).size).toBe(entries.length);
    for (const { href } of entries) expect(href).toMatch(/^\/(log|test|sew|projects|workroom)\?/);
  });

  it('answers to the faults seen, the cloth and the machine', () => {
    const velvet = entries.find((e) => e.kind === 'line' && e.cloth === 'Velvet cushion')!;
    expect(searchText(velvet).toLowerCase()).toMatch(/velvet cushion.*the green machine/);
    expect(velvet).toMatchObject({ outcome: 'bad' });
    expect(velvet.detail).toMatch(/Pile crept/);
  });

  it('forgets nothing when a cloth or machine is gone', () => {
    const without = ledgerEntries({ ...workroom, cloths: [], machines: [] });
    expect(without).toHaveLength(entries.length);
  });
});

describe('filters', () => {
  it('let everything through when nothing is said', () => {
    expect(filtered(entries, ALL)).toEqual(entries);
  });

  it('keep kinds, cloth, machine, outcome and days', () => {
    const only = filtered(entries, { ...ALL, kinds: ['line'], outcome: 'bad', cloth: 'Merino jersey' });
    expect(only.length).toBe(2);
    const days = filtered(entries, { ...ALL, from: '2026-11-16', until: '2026-11-16' });
    expect(days.length).toBeGreaterThan(2);
    expect(days.every((e) => e.at.startsWith('2026-11-16'))).toBe(true);
    expect(
      filtered(entries, { ...ALL, machine: 'the boat machine' }).every((e) => e.machine === 'the boat machine'),
    ).toBe(true);
  });

  it('refuse a day that is none, naming it', () => {
    const { success, error } = filterSchema.safeParse({ ...ALL, from: 'soon' });
    expect(success).toBe(false);
    expect(error!.issues[0].path).toEqual(['from']);
  });
});

describe('cards side by side', () => {
  it('mark what differs, and only that', () => {
    const rows = compareCards([card('card-fleece-hat'), card('card-canvas-seam')], METRIC);
    const row = (name: string) => rows.find((r) => r.name === name)!;
    expect(row('Machine').differs).toBe(false);
    expect(row('Stitch')).toMatchObject({ differs: true });
    expect(row('Seam stretch').values).toEqual(['held to 28%', 'not stretched']);
    expect(compareCards([card('card-bunting'), card('card-bunting')], METRIC).some((r) => r.differs)).toBe(false);
  });
});

describe('what changed since it last worked', () => {
  const lawn = () => card('card-curtain-hem');
  it('is nothing when the machine stands as it did', () => {
    expect(changedSince(lawn(), { setup: lawn().setup }, [], [])).toEqual([]);
  });

  it('names the dial that was turned, the care since, and why the card is stale', () => {
    const turned = { ...lawn().setup, tensionSteps: lawn().setup.tensionSteps + 1 };
    const changed = changedSince(lawn(), { setup: turned }, workroom.care, [{ text: 'Serviced.' }]);
    expect(changed.map((c) => c.what)).toEqual(['Card', 'Service by a technician', 'Tension']);
    expect(changed[2].then).not.toBe(changed[2].now);
  });

  it('counts care only from the last time it was proven', () => {
    const again = { ...lawn(), provenAgain: [{ id: 'again-1', at: '2026-12-01T10:00:00Z', lineId: 'l', because: [] }] };
    expect(changedSince(again, { setup: again.setup }, workroom.care, [])).toEqual([]);
  });
});

describe('charts', () => {
  const { lines, swatches, machines, cloths, needles } = workroom;
  it('tell how true a machine feeds: 37 stitches on 100 mm at 2.5 mm are 108%', () => {
    const line = {
      ...lines[0],
      simulated: undefined,
      setup: { ...lines[0].setup, stitch: 'straight' as const, lengthMm: 2.5 },
    };
    const [green] = feedOverTime([{ ...line, measures: { markedMm: 100, stitches: 37 } }], swatches, machines);
    expect(green.machine).toBe('the green machine');
    expect(green.points[0].y).toBeCloseTo((100 * (100 / 37)) / 2.5, 9);
  });

  it('leave out what a stand-in sewed, and lines nobody counted', () => {
    const made = { ...lines[0], simulated: { seed: 1 } };
    expect(feedOverTime([made, { ...lines[0], measures: { markedMm: 100 } }], swatches, machines)).toEqual([]);
  });

  it('add up needle hours by kind, most first', () => {
    const bars = hoursByKind(needles);
    expect(bars[0]).toEqual({ name: 'Stretch 75/11', value: 5.4 });
    const all = needles.reduce((sum, n) => sum + needleHours(n), 0);
    expect(bars.reduce((sum, b) => sum + b.value, 0)).toBeCloseTo(all, 9);
  });

  it('count a fault on a cloth once for each line it was seen on', () => {
    const faults = faultsByCloth(lines, swatches, cloths);
    expect(faults[0]).toEqual({ cloth: 'Merino jersey', sign: 'popped', count: 2 });
  });

  it('set tension against all layers under the foot', () => {
    const points = tensionByThickness([card('card-canvas-seam')]);
    expect(points).toHaveLength(1);
    expect(points[0].x).toBeGreaterThan(0.7);
    expect(tensionByThickness([])).toEqual([]);
  });

  it('set give against width, with what was predicted beside it', () => {
    const known = (id: string) => {
      const record = cloths.find((c) => c.id === id);
      return record ? clothOf(record) : null;
    };
    const points = giveByWidth(lines, swatches, known);
    expect(points.map((p) => [p.widthMm, p.measured, p.popped])).toContainEqual([1.5, 23, true]);
    expect(points.every((p) => p.predicted > 0)).toBe(true);
    expect(giveByWidth(lines, swatches, () => null)).toEqual([]);
  });
});

describe('a card on paper', () => {
  it('has every reading, what it was proven on, and where its scrap is', () => {
    const text = cardText({ ...card('card-fleece-hat'), where: 'blue crate' }, METRIC);
    expect(text.readings.map((r) => r.name)).toEqual(
      expect.arrayContaining(['Needle', 'Thread', 'Tension', 'Pressure']),
    );
    expect(text.proof).toMatch(/held to 28%; passed 2026-11-10/);
    expect(text.where).toBe('blue crate');
  });

  it('says when it was only simulated', () => {
    expect(cardText({ ...card('card-fleece-hat'), simulated: true }, METRIC).proof).toMatch(/simulated 2026/);
  });
});
