import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { needleHours, sewedBy } from '../../kit';
import { canonical, hoursInMachine, MIGRATIONS, migrateLists, openWorkroom, readSeams, readThing, sewnHours } from '..';

const folder = path.join(import.meta.dirname, '../fixtures');
const kept = (name: string) => readFileSync(path.join(folder, name), 'utf8');
const FILES = readdirSync(folder).filter((name) => name.startsWith('workroom-'));

type Loose = Record<string, unknown>;
interface OldFile {
  version: number;
  cloths: (Loose & { id: string; cloth: { name: string } })[];
  machines: { id: string; sewnHours?: number }[];
  needles?: { id: string; hours: number; sewed: { what: string; hours: number }[] }[];
  threads?: { id: string; metresLeft?: number }[];
  onMachine: { machineId: string; clothName: string | null; needleHours: number; clothId?: string | null }[];
  runs?: Loose[];
  cards: Loose[];
  swatches: Loose[];
}
const parsed = (name: string) => JSON.parse(kept(name)) as OldFile;

function opened(text: string) {
  const read = openWorkroom(text);
  if (!read.ok) throw new Error(`${read.error.path}: ${read.error.message}`);
  return read;
}

describe.each(FILES)('%s', (name) => {
  const old = parsed(name);

  it('comes in whole: nothing is set aside and no record is lost', () => {
    const { workroom, setAside } = opened(kept(name));
    expect(setAside).toEqual([]);
    expect(workroom.version).toBe(3);
    for (const list of ['cloths', 'machines', 'cards', 'swatches'] as const) {
      expect(workroom[list].map(({ id }) => id)).toEqual(old[list].map(({ id }) => id));
    }
  });

  it('goes out and comes in again as the same', () => {
    const { workroom } = opened(kept(name));
    const again = opened(JSON.stringify(workroom));
    expect(again.setAside).toEqual([]);
    expect(canonical(again.workroom)).toBe(canonical(workroom));
  });

  it('is the same after the migrations have run twice', () => {
    const lists = old as unknown as Loose;
    const once = migrateLists(lists, old.version);
    expect(canonical(migrateLists(once, 2))).toBe(canonical(once));
  });

  it('knows which cloth each machine is set for', () => {
    const { workroom } = opened(kept(name));
    for (const on of old.onMachine) {
      const cloth = old.cloths.find((one) => one.cloth.name === on.clothName);
      const now = workroom.onMachine.find(({ machineId }) => machineId === on.machineId)!;
      expect(now.clothId).toBe(cloth?.id ?? null);
      expect(now.clothNamed).toBeUndefined();
    }
  });

  it('keeps every hour and every metre', () => {
    const { workroom } = opened(kept(name));
    for (const machine of old.machines) {
      const now = workroom.machines.find(({ id }) => id === machine.id)!;
      expect(sewnHours(now)).toBeCloseTo(machine.sewnHours ?? 0, 9);
    }
    for (const needle of old.needles ?? []) {
      const now = workroom.needles.find(({ id }) => id === needle.id)!;
      expect(needleHours(now)).toBeCloseTo(needle.hours, 9);
      expect(sewedBy(now).map(({ what }) => what)).toEqual(needle.sewed.map(({ what }) => what));
    }
    for (const on of old.onMachine) {
      const now = workroom.onMachine.find(({ machineId }) => machineId === on.machineId)!;
      expect(hoursInMachine(now, workroom.needles)).toBeCloseTo(on.needleHours, 9);
    }
  });
});

it('every migration has a name of its own, oldest first', () => {
  const ids = MIGRATIONS.map(({ id }) => id);
  expect(new Set(ids).size).toBe(ids.length);
  expect(MIGRATIONS.map(({ to }) => to)).toEqual([...MIGRATIONS.map(({ to }) => to)].sort());
});

describe('a name that a machine is set for', () => {
  const base = () => parsed('workroom-v2-jobs.json');
  const on = (file: OldFile) =>
    opened(JSON.stringify(file)).workroom.onMachine.find(({ machineId }) => machineId === 'green')!;
  const twin = (file: OldFile) => {
    const deck = file.cloths.find(({ id }) => id === 'deck')!;
    file.cloths.push({ ...deck, id: 'deck-2' });
    return file;
  };

  it('of two cloths called alike means the one that was sewn on it', () => {
    expect(on(twin(base()))).toMatchObject({ clothId: 'deck' });
    const other = twin(base());
    for (const list of ['runs', 'cards', 'swatches'] as const) {
      for (const record of other[list] ?? []) if (record.clothId === 'deck') record.clothId = 'deck-2';
    }
    expect(on(other)).toMatchObject({ clothId: 'deck-2' });
  });

  it('of two that were both sewn on it is kept, to be asked', () => {
    const file = twin(base());
    file.runs!.push({ ...file.runs!.find((run) => run.clothId === 'deck')!, id: 'again', clothId: 'deck-2' });
    expect(on(file)).toMatchObject({ clothId: null, clothNamed: 'Deck canvas' });
  });

  it('of a cloth renamed since is found by what was sewn under the old name', () => {
    const file = base();
    file.cloths.find(({ id }) => id === 'deck')!.cloth.name = 'Sailcloth';
    expect(on(file)).toMatchObject({ clothId: 'deck' });
  });

  it('that nothing answers to is kept, to be asked', () => {
    const file = base();
    file.onMachine.find(({ machineId }) => machineId === 'green')!.clothName = 'Moon silk';
    expect(on(file)).toMatchObject({ clothId: null, clothNamed: 'Moon silk' });
  });

  it('and that was never told stays not known', () => {
    const file = base();
    file.onMachine.find(({ machineId }) => machineId === 'green')!.clothName = null;
    const found = on(file);
    expect([found.clothId, found.clothNamed]).toEqual([null, undefined]);
  });
});

describe('a card of a pair', () => {
  it('gets the second cloth by the one that bears its name, and none where two do', () => {
    const file = parsed('workroom-v2-jobs.json');
    const lawn = file.cloths.find(({ id }) => id === 'lawn')!;
    Object.assign(file.cards[0], { operation: { kind: 'join', second: { ...lawn.cloth } } });
    expect(opened(JSON.stringify(file)).workroom.cards[0].secondId).toBe('lawn');
    file.cloths.push({ ...lawn, id: 'lawn-2' });
    expect(opened(JSON.stringify(file)).workroom.cards[0].secondId).toBeNull();
  });
});

describe('a project in a file of version 1', () => {
  const text = kept('job-v1.json');
  it('comes in with the names of what it points at', () => {
    const read = readThing(text);
    if (!read.ok) throw new Error(read.error.message);
    const old = JSON.parse(text) as { job: { id: string }; cloths: unknown[] };
    expect((read.file.item as { id: string }).id).toBe(old.job.id);
    expect(read.file.names).toHaveLength(old.cloths.length + 1);
    expect(read.file.with).toEqual([]);
  });
});

describe('a table of seams from before bands had a fabric of their own', () => {
  it('comes in as it was, with no band', () => {
    const { workroom } = opened(kept('workroom-v2-jobs.json'));
    const job = workroom.jobs.find(({ id }) => id === 'cushion')!;
    const cloths = workroom.cloths.map(({ id, cloth }) => ({ id, name: cloth.name }));
    const { data } = Papa.parse<string[]>(kept('seams-v2.csv').trim());
    const read = readSeams(data, { job, cloths }, () => 'new');
    if (!read.ok) throw new Error(`${read.errors[0].column}: ${read.errors[0].message}`);
    expect(read.records).toEqual(job.seams);
    expect(read.records.every(({ bandClothId }) => bandClothId === null)).toBe(true);
  });
});
