import 'fake-indexeddb/auto';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { beforeEach, describe, expect, it } from 'vitest';
import { readWorkroom } from '@/core/file';
import { database } from '../database';
import { undo } from '../edits';
import { cloths, photos } from '../repositories';
import { listSetAside } from '../setAside';
import { withTextBox } from '../textBox.testing';
import { importWorkroom, previewImport } from '../workroomFile';
import { deleteSetAside, putAside, putBack, repair } from '.';
import { findDamage } from './find';

const text = readFileSync(path.join(import.meta.dirname, '../../../demo/tansy-wren.json'), 'utf8');
const read = readWorkroom(text);
if (!read.ok) throw new Error(read.error.path);
const demo = read.workroom;
const AT = '2026-05-01T09:00:00Z';
const now = new Date(AT);
const onlyKey = async () => (await listSetAside())[0].key;

withTextBox();
beforeEach(async () => void (await importWorkroom({ workroom: demo }, 'replace')));

describe('a damaged record', () => {
  it('is repaired, what it was is kept, and putting that back touches nothing written since', async () => {
    await database.table('cloths').put({ ...demo.cloths[0], archivedAt: 'once' });
    const [wrong] = await findDamage();
    expect(await repair(wrong, AT)).toMatchObject({ ok: true, told: 'Left out: archivedAt.' });
    expect(await findDamage()).toEqual([]);
    await cloths.change(demo.cloths[0].id, (c) => c && { ...c, notes: 'written since' });
    expect(await putBack(await onlyKey())).toMatchObject({
      ok: false,
      why: expect.stringMatching(/is in use without it/),
    });
    expect((await cloths.get(demo.cloths[0].id))!.notes).toBe('written since');
    await deleteSetAside(await onlyKey());
    expect(await listSetAside()).toEqual([]);
    await undo();
    expect(await listSetAside()).toHaveLength(1);
  });

  it('is set aside with what hangs on it, and each comes back once its parent is there', async () => {
    await database.swatches.delete('canvas-seam');
    const wrong = await findDamage();
    expect(wrong.length).toBeGreaterThan(0);
    for (const one of wrong) expect(one).toMatchObject({ table: 'lines', kind: 'hanging' });
    await putAside(wrong[0]);
    const key = await onlyKey();
    expect(await putBack(key)).toMatchObject({ ok: false, why: 'Its swatch is not here. Put that back first.' });
    await database.swatches.put(demo.swatches.find(({ id }) => id === 'canvas-seam')!);
    expect(await putBack(key)).toMatchObject({ ok: true });
    expect(await findDamage()).toEqual([]);
  });

  it('that hangs in the air gets a stand-in under the lost key; undo never leaves it in the air again', async () => {
    await database.swatches.delete('canvas-seam');
    const wrong = await findDamage();
    expect(await repair(wrong[0], AT)).toMatchObject({
      ok: true,
      told: expect.stringMatching(/^Added so that it can be used: .*Recovered/),
    });
    expect(await findDamage()).toEqual([]);
    const undone = await undo();
    expect(undone.ok && undone.told.join(' ')).toMatch(/“Recovered swatch” stays: \d+ tests? uses? it now/);
    expect(await findDamage()).toEqual([]);
  });
});

describe('a fabric that came in without its photo', () => {
  it('gets it back once the photo is here, and keeps what was written since', async () => {
    const file = JSON.parse(text) as typeof demo;
    file.cloths[0].photoId = 'p1';
    const { read: opened } = await previewImport(JSON.stringify(file), now);
    if (!opened.ok) throw new Error(opened.error.message);
    await importWorkroom(opened, 'replace');
    const { id } = file.cloths[0];
    await cloths.change(id, (c) => c && { ...c, notes: 'written since' });
    expect(await putBack(await onlyKey())).toMatchObject({
      ok: false,
      why: 'Its photo is not here. Put that back first.',
    });
    await photos.put({ id: 'p1', data: 'data:image/webp;base64,AAAA', widthPx: 4, heightPx: 3, takenAt: AT });
    expect(await putBack(await onlyKey())).toMatchObject({ ok: true });
    expect(await cloths.get(id)).toMatchObject({ photoId: 'p1', notes: 'written since' });
    expect(await listSetAside()).toEqual([]);
  });
});
