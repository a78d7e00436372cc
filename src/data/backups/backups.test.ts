import 'fake-indexeddb/auto';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { readWorkroom } from '@/core/file';
import { pack, unpack } from '@/workers/packing';
import { database } from '../database';
import { undo } from '../edits';
import { cloths } from '../repositories';
import { backupDatabase, listSnapshots, type RawRows, readRows, readSnapshot } from '../snapshots';
import { withTextBox } from '../textBox.testing';
import { exportText, importWorkroom } from '../workroomFile';
import { goBackTo, isDownloadDue, keepDay, keepFolder, noteDownload, planRestore, readDownloads } from '.';
import { type Folder, writeToFolder } from './folder';

const read = readWorkroom(readFileSync(path.join(import.meta.dirname, '../../../demo/tansy-wren.json'), 'utf8'));
if (!read.ok) throw new Error(read.error.path);
const demo = read.workroom;
const packer = (rows: RawRows) => Promise.resolve(pack(rows));
const unpacker = (packed: Uint8Array) => Promise.resolve(unpack(packed) as RawRows);
const now = new Date('2026-05-01T10:00:00Z');

withTextBox();
beforeEach(async () => {
  await Promise.all([
    backupDatabase.snapshots.clear(),
    backupDatabase.contents.clear(),
    backupDatabase.settings.clear(),
  ]);
  await importWorkroom({ workroom: demo }, 'replace');
  await Promise.all([backupDatabase.snapshots.clear(), backupDatabase.contents.clear()]);
});

describe('a copy a day', () => {
  it('is kept once, small, and seven of them', async () => {
    for (let day = 1; day <= 9; day += 1) {
      const at = new Date(2026, 4, day, 9);
      expect(await keepDay(at, packer)).not.toBeNull();
      expect(await keepDay(new Date(2026, 4, day, 23), packer)).toBeNull();
    }
    expect((await listSnapshots()).map(({ day }) => day)).toEqual(
      [9, 8, 7, 6, 5, 4, 3].map((day) => `2026-05-0${day}`),
    );
    expect(await backupDatabase.contents.count()).toBe(7);
    const [{ number }] = await listSnapshots();
    const small = (await backupDatabase.contents.get(number))!.packed!.length;
    expect(small).toBeLessThan((await exportText(now)).length / 5);
  });

  it('is kept once by two tabs that are opened the same morning', async () => {
    const both = await Promise.all([keepDay(now, packer), keepDay(now, packer)]);
    expect(await listSnapshots()).toHaveLength(1);
    expect(both).toContain((await listSnapshots())[0].number);
  });

  it('keeps their order when the clock is set back a year', async () => {
    await keepDay(new Date(2026, 4, 1), packer);
    await keepDay(new Date(2025, 4, 1), packer);
    expect((await listSnapshots()).map(({ day }) => day)).toEqual(['2025-05-01', '2026-05-01']);
  });

  it('is not kept of an empty workroom', async () => {
    await Promise.all(database.tables.map((table) => table.clear()));
    expect(await keepDay(now, packer)).toBeNull();
  });

  it('can be gone back to, damaged rows and all, after saying what that changes, and undone', async () => {
    await database.table('cloths').put({ id: 'bad', odd: Number.NaN, when: new Date(1e12) });
    const before = await readRows();
    const number = (await keepDay(now, packer))!;
    await cloths.remove('merino');
    await cloths.change('denim', (c) => c && { ...c, notes: 'new' });
    await cloths.put({ ...demo.cloths[0], id: 'fresh' });
    const later = await exportText(now);
    const rows = (await readSnapshot(number, unpacker))!;
    expect((await planRestore(rows)).find(({ list }) => list === 'cloths')).toEqual({
      list: 'cloths',
      back: 1,
      changed: 1,
      gone: 1,
    });
    await goBackTo(rows, 'Back');
    expect((await readRows()).cloths).toEqual(before.cloths);
    await undo();
    expect(await exportText(now)).toBe(later);
  });

  it('packed and taken apart again is just what it was', async () => {
    const rows = await readRows();
    expect(unpack(pack(rows))).toEqual(rows);
    expect(() => unpack(pack(rows).slice(0, 40))).toThrow();
  });
});

describe('a copy outside the browser', () => {
  const days = (count: number) => new Date(now.getTime() + count * 864e5);

  it('is asked for after thirty days, not after twenty-nine, and again a week after it was put off', async () => {
    expect(isDownloadDue(await readDownloads(), now)).toBe(false);
    await noteDownload({ first: now.toISOString() });
    expect(isDownloadDue(await readDownloads(), days(29.9))).toBe(false);
    expect(isDownloadDue(await readDownloads(), days(30.1))).toBe(true);
    await noteDownload({ later: days(31).toISOString() });
    expect(isDownloadDue(await readDownloads(), days(37.9))).toBe(false);
    expect(isDownloadDue(await readDownloads(), days(38.1))).toBe(true);
    await noteDownload({ saved: days(38).toISOString() });
    expect(isDownloadDue(await readDownloads(), days(60))).toBe(false);
  });

  it('is written whole into the folder under the name of its day, and noted only when it is there', async () => {
    const written: string[] = [];
    const stream = {
      write: (text: string) => Promise.resolve(void written.push(text)),
      close: vi.fn(() => Promise.resolve()),
    };
    const folder = {
      name: 'Sewing',
      getFileHandle: (name: string) => Promise.resolve({ name, createWritable: () => Promise.resolve(stream) }),
    } as unknown as Folder;
    expect(await writeToFolder(folder, now)).toBe('bobbet-workroom-2026-05-01.json');
    expect(written).toEqual([await exportText(now)]);
    expect((await readDownloads()).saved).toBe(now.toISOString());
    stream.close.mockRejectedValueOnce(new Error('the disk is gone'));
    await expect(writeToFolder(folder, days(1))).rejects.toThrow('the disk is gone');
    expect((await readDownloads()).saved).toBe(now.toISOString());
    await keepFolder(null);
  });
});
