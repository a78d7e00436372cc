'use client';

import { importWorkroom, previewImport, exportText, readPreference, startOwn, writePreference } from '@/data';
import { newId } from './newId';
import { useUndo } from './useUndo';

/** Empties the workroom for a person's own start; what was there can be brought back while the notice shows. */
export function useStartOwn() {
  const undo = useUndo();
  return async () => {
    const before = await exportText(new Date());
    const [kind, question] = [await readPreference('workroom'), await readPreference('question')];
    await startOwn(new Date(), newId());
    undo('An empty workroom of your own.', async () => {
      const { read } = await previewImport(before, new Date());
      if (!read.ok) return;
      await importWorkroom(read.workroom, 'replace');
      await writePreference('workroom', kind);
      await writePreference('question', question);
    });
  };
}
