import type { Kit } from '@/core/kit';
import { kitOf, type KitRecord, kitRecordSchema } from '@/core/file';
import { database } from './database';
import { edit, writeRow } from './edits';
import { needles, threads } from './repositories';

const KEY = 'kit';

/** What Match may choose from, as the person said; everything on sale while nothing was said. */
export async function readKitRecord(): Promise<KitRecord> {
  const stored = await database.kit.get(KEY);
  if (!stored) return kitRecordSchema.parse({});
  const record: Partial<typeof stored> = { ...stored };
  delete record.id;
  return kitRecordSchema.safeParse(record).data ?? kitRecordSchema.parse({});
}

/** Changes the kit record as it is stored now. */
export async function changeKit(change: (now: KitRecord) => Partial<KitRecord>): Promise<void> {
  await edit('What you own changed', async () => {
    const now = await readKitRecord();
    await writeKitRecord({ ...now, ...change(now) });
  });
}

/** Stores the kit record. */
export async function writeKitRecord(record: KitRecord): Promise<void> {
  const row = { ...kitRecordSchema.parse(record), id: KEY };
  await edit('What you own changed', () => writeRow('kit', KEY, row));
}

/** The kit that Match chooses from, or null for everything on sale. */
export async function readKit(): Promise<Kit | null> {
  const [record, stock, spools] = await Promise.all([readKitRecord(), needles.all(), threads.all()]);
  return kitOf(record, stock, spools);
}
