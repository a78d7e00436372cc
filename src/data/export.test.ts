import 'fake-indexeddb/auto';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { describe, expect, it, vi } from 'vitest';
import { readWorkroom, type Workroom } from '@/core/file';
import { database } from './database';
import { withTextBox } from './textBox.testing';
import { exportText, exportWorkroom, importWorkroom, previewImport } from './workroomFile';

const read = readWorkroom(readFileSync(path.join(import.meta.dirname, '../../demo/tansy-wren.json'), 'utf8'));
if (!read.ok) throw new Error(read.error.path);
const whole = read.workroom;
const demo = () => structuredClone(whole);
const now = new Date('2026-05-01T10:00:00Z');

withTextBox();

describe('an import', () => {
  const ids = async () => (await database.table('cloths').toCollection().primaryKeys()).sort();

  it.each(['merge', 'replace'] as const)(
    '%s: tells how far it is, and keeps nothing once it is stopped',
    async (how) => {
      await importWorkroom({ workroom: { ...demo(), cloths: demo().cloths.slice(0, 1), cards: [] } }, 'replace');
      const before = await ids();
      const told: number[] = [];
      const control = new AbortController();
      const stopped = importWorkroom({ workroom: demo() }, how, 'own', {
        onShare: (share) => {
          told.push(share);
          if (told.length === 2) control.abort();
        },
        signal: control.signal,
      });
      await expect(stopped).rejects.toThrow('Nothing here has changed');
      expect(await ids()).toEqual(before);
      expect(told).toHaveLength(2);
      await importWorkroom({ workroom: demo() }, how, 'own', { onShare: (share) => told.push(share) });
      expect(told.at(-1)).toBe(1);
      expect(await ids()).toEqual(
        demo()
          .cloths.map(({ id }) => id)
          .sort(),
      );
    },
  );
});

describe('an export', () => {
  it('is not handed over when it would not read back the same', async () => {
    await importWorkroom({ workroom: demo() }, 'replace');
    const plain = JSON.stringify;
    const slip = vi.spyOn(JSON, 'stringify').mockImplementation((value: unknown, ...more) => {
      const text = plain(value, ...(more as []));
      return (value as { format?: string } | null)?.format ? text.replace('Merino', 'Marino') : text;
    });
    await expect(exportText(now)).rejects.toThrow(/could not be read back correctly: cloths/);
    slip.mockRestore();
    expect(await exportText(now)).toContain('Merino');
  });

  it('has what cannot be read in a part of its own, just as it was found', async () => {
    await importWorkroom({ workroom: demo() }, 'replace');
    await database.table('cloths').put({ id: 'bad', cloth: null, when: new Date(0), odd: Number.NaN });
    await database.table('lines').put({ ...demo().lines[0], id: 'astray', swatchId: 'gone' });
    const { text, setAside } = await exportWorkroom(now);
    expect(setAside).toBe(2);
    const file = JSON.parse(text) as Workroom;
    expect(file.setAside!.map(({ list, id }) => [list, id])).toEqual([
      ['cloths', 'bad'],
      ['lines', 'astray'],
    ]);
    expect(file.setAside![0].record).toMatchObject({
      odd: { $: 'number', value: 'NaN' },
      when: { $: 'date', value: 0 },
    });
    // It comes in again with all of it, and goes out just the same.
    const { read } = await previewImport(text, now);
    if (!read.ok) throw new Error(read.error.message);
    await importWorkroom(read, 'replace');
    const again = JSON.parse((await exportWorkroom(now)).text) as Workroom;
    const sorted = (list: Workroom['setAside']) => [...list!].sort((a, b) => (a.list < b.list ? -1 : 1));
    expect(sorted(again.setAside)).toEqual(sorted(file.setAside));
    expect({ ...again, setAside: [] }).toEqual({ ...file, setAside: [] });
  });
});
