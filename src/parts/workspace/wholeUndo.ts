import { exportText, importWorkroom, previewImport } from '@/data';

/**
 * Remembers the whole workroom before a change that touches many things.
 *
 * @returns what brings back all that was removed or changed since; what was added since stays
 */
export async function wholeUndo(): Promise<() => Promise<void>> {
  const before = await exportText(new Date());
  return async () => {
    const { read } = await previewImport(before, new Date());
    if (read.ok) await importWorkroom(read.workroom, 'merge');
  };
}
