import { readFileSync } from 'node:fs';
import path from 'node:path';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { LISTS, readRecord, type Workroom } from '../../file';
import { describe as say, type Mended, mended, placeholders, recordName } from '..';

const demo = JSON.parse(
  readFileSync(path.join(import.meta.dirname, '../../../../demo/tansy-wren.json'), 'utf8'),
) as Workroom;

const readable = (found: Mended) => {
  if (!found.ok) throw new Error(found.why);
  return found;
};

describe('a damaged record', () => {
  it('that is whole is left as it is', () => {
    for (const list of LISTS) {
      const [record] = demo[list];
      if (!record) continue;
      const read = readRecord(list, record);
      expect(mended(list, record)).toEqual({ ok: true, record: read.ok && read.record, dropped: [] });
    }
  });

  it('loses only the reading that is wrong', () => {
    const [cloth] = demo.cloths;
    const readings = [...cloth.readings, { gauge: 'mass', at: 'yesterday' }];
    const found = readable(mended('cloths', { ...cloth, readings }));
    expect(found.record.readings).toEqual(cloth.readings);
    expect(found.dropped.every((at) => at.startsWith(`readings[${cloth.readings.length}]`))).toBe(true);
  });

  it('loses a number that cannot be, and keeps a field that is only not known', () => {
    const [cloth] = demo.cloths;
    const found = readable(mended('cloths', { ...cloth, price: 3, cloth: { ...cloth.cloth, massGsm: -4 } }));
    expect(found.dropped).toEqual(['cloth.massGsm']);
    expect(found.record).toMatchObject({ price: 3 });
  });

  it('whose seams wait for themselves does so no longer', () => {
    const [job] = demo.jobs;
    const { id } = job.seams[0];
    const seams = [{ ...job.seams[0], after: [{ seamId: id, why: '' }] }, ...job.seams.slice(1)];
    const found = readable(mended('jobs', { ...job, seams }));
    expect(found.dropped).toEqual(['seams[0].after[0]']);
    expect(readRecord('jobs', found.record).ok).toBe(true);
  });

  it('of which too much is gone cannot be mended', () => {
    for (const raw of [null, 7, 'text', []]) expect(mended('lines', raw)).toEqual({ ok: false, why: 'no-record' });
    for (const raw of [{}, { id: 'a' }]) expect(mended('lines', raw)).toEqual({ ok: false, why: 'loses-itself' });
    // Each loses its gauge first, then itself: sixty parts are left out before it is given up.
    const [cloth] = demo.cloths;
    const broken = (count: number) => ({
      ...cloth,
      readings: Array.from({ length: count }, () => ({ gauge: 'none' })),
    });
    expect(readable(mended('cloths', broken(29))).record.readings).toEqual([]);
    expect(mended('cloths', broken(30))).toEqual({ ok: false, why: 'too-much' });
  });

  it('never throws, and what it gives back can be read', () => {
    const records = LISTS.flatMap((list) => demo[list].slice(0, 2).map((record) => [list, record] as const));
    fc.assert(
      fc.property(fc.constantFrom(...records), fc.string(), fc.jsonValue(), ([list, record], key, value) => {
        const keys = Object.keys(record);
        const at = keys[key.length % keys.length];
        const found = mended(list, { ...record, [at]: value });
        if (found.ok) expect(readRecord(list, found.record).ok).toBe(true);
      }),
      { numRuns: 300 },
    );
  });
});

describe('what stands for a record that is gone', () => {
  it.each(['cloths', 'machines', 'swatches'] as const)('can be read, and has its key: %s', (table) => {
    const made = placeholders(table, 'lost', '2026-03-01T10:00:00Z', null);
    expect(made.at(-1)).toMatchObject({ table, id: 'lost' });
    for (const one of made) expect(readRecord(one.table, one.row).ok).toBe(true);
  });

  it('is sewn on a machine of the workroom where there is one', () => {
    const made = placeholders('swatches', 'lost', '2026-03-01T10:00:00Z', 'green');
    expect(made.map(({ table }) => table)).toEqual(['cloths', 'swatches']);
    expect(made[1].row.machineId).toBe('green');
  });

  it('cannot be made up for a settings card', () => expect(placeholders('cards', 'a', '', null)).toEqual([]));
});

describe('in words', () => {
  it('a record has its own name where it has one', () => {
    expect(recordName('lines', { number: 2 })).toBe('test 2');
    expect(recordName('cloths', { cloth: { name: 'Lawn' } })).toBe('fabric “Lawn”');
    expect(recordName('cloths', { cloth: 3 })).toBe('fabric');
    expect(recordName('nowhere', null)).toBe('entry');
  });

  it('what was done names the one thing, or counts them', () => {
    const job = (id: string) => ({ kind: 'removed', table: 'jobs', id, from: { name: 'Bag' } }) as const;
    const photo = { kind: 'removed', table: 'photos', id: 'p', from: {} } as const;
    expect(say([job('a'), photo])).toBe('Project “Bag” deleted');
    expect(say([job('a'), job('b')])).toBe('2 projects deleted');
    expect(say([photo])).toBe('Photo deleted');
  });
});
