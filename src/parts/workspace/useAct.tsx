'use client';

import Button from '@mui/material/Button';
import { closeSnackbar, enqueueSnackbar } from 'notistack';
import { edit, historyNow, reportTrouble, setTrouble, type Undone, redo, undo, undoEntry } from '@/data';
import { spokenText } from '@/ui';
import { UNDO_TEXT } from './undoText';

/** Says a short thing, from the tape as well as from the page: there is one place for notices. */
export function useSay() {
  return (text: string) => enqueueSnackbar(spokenText(text));
}

/** Undoing and redoing, with what came of it said. */
export function useUndoing() {
  const told = async (work: () => Promise<Undone>, done: (text: string) => string, nothing: string) => {
    try {
      const result = await work();
      if (result.ok) enqueueSnackbar(spokenText([done(result.text), ...result.told].join(' ')));
      else if (result.why === null) enqueueSnackbar(spokenText(nothing));
      else setTrouble({ kind: 'wrong', text: UNDO_TEXT.cannot(result.text ?? '', result.why) });
    } catch (cause) {
      // Whatever the reason: that it did not work must be seen, and that nothing was changed by it.
      const why = cause instanceof Error ? cause.message : String(cause);
      if (!reportTrouble(cause)) setTrouble({ kind: 'other', text: UNDO_TEXT.failed(why) });
    }
  };
  const back = (id: number) => told(() => undoEntry(id), UNDO_TEXT.undone, UNDO_TEXT.already);
  return {
    undo: () => told(undo, UNDO_TEXT.undone, UNDO_TEXT.nothingToUndo),
    redo: () => told(redo, UNDO_TEXT.redone, UNDO_TEXT.nothingToRedo),
    undoEntry: back,
    /** Undoes everything done since an entry, and the entry too. */
    undoTo: (id: number) => told(() => repeated(undo, () => isIn('done', id)), UNDO_TEXT.undone, UNDO_TEXT.already),
    /** Redoes everything that was undone, up to an entry and with it. */
    redoTo: (id: number) => told(() => repeated(redo, () => isIn('undone', id)), UNDO_TEXT.redone, UNDO_TEXT.already),
    /** Says what was done, with a way back for as long as the notice is there. */
    offer: (text: string, entry: number | null) =>
      enqueueSnackbar(spokenText(text), {
        action:
          entry === null
            ? undefined
            : (key) => (
                <Button
                  sx={{ color: 'inherit' }}
                  onClick={() => {
                    closeSnackbar(key);
                    void back(entry);
                  }}
                >
                  {UNDO_TEXT.undo}
                </Button>
              ),
      }),
  };
}

const isIn = (part: 'done' | 'undone', id: number) => historyNow()[part].some((entry) => entry.id === id);

/** Undoes or redoes one edit after another until none is left; only the last result is announced. */
async function repeated(one: () => Promise<Undone>, more: () => boolean): Promise<Undone> {
  let result: Undone = { ok: false, text: null, why: null };
  let count = 0;
  while (more()) {
    result = await one();
    if (!result.ok) return result;
    count += 1;
  }
  return result.ok && count > 1 ? { ...result, text: UNDO_TEXT.several(count) } : result;
}

/** Makes a change that can be undone, and says so. */
export function useAct() {
  const { offer } = useUndoing();
  /**
   * @param text - what is done, as a short sentence
   * @param work - reads and writes the workroom, and waits for nothing else
   * @param more - said beside it in the notice alone
   */
  return async <T,>(text: string, work: () => Promise<T>, more = ''): Promise<T> => {
    const { value, entry } = await edit(text, work);
    offer(`${text}.${more && ` ${more}`}`, entry);
    return value;
  };
}
