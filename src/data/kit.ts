import { kitSchema, type Kit } from '@/core/kit';
import { database } from './database';

const KEY = 'kit';

/** The kit as the person ticked it; null while nothing was ticked, so that everything may be chosen. */
export async function readKit(): Promise<Kit | null> {
  const stored = await database.kit.get(KEY);
  return stored?.kit ? (kitSchema.safeParse(stored.kit).data ?? null) : null;
}

/** Changes the kit as it is stored now. */
export async function changeKit(edit: (now: Kit) => Kit): Promise<void> {
  await database.transaction('rw', database.kit, async () => {
    const now = await readKit();
    if (now) await writeKit(edit(now));
  });
}

/** Stores the kit, or null for "everything may be chosen". */
export async function writeKit(kit: Kit | null): Promise<void> {
  await database.kit.put({ id: KEY, kit: kit && kitSchema.parse(kit) });
}
