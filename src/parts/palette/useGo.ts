'use client';

import { useRouter } from 'next/navigation';
import { readPreference, useRuns, writePreference } from '@/data';
import { focusBar, focusWhatComes, showKeys } from '../keys';
import { useBeginRun } from '../sewing';
import { useQuestion, useSwitches, useUndoing, useUnits } from '../workspace';
import type { Entry } from './entries';
import type { DeedId } from './text';

/** How many of what was used last are remembered. */
const REMEMBERED = 12;

async function remember(id: string) {
  const before = await readPreference('recent');
  await writePreference('recent', [id, ...before.filter((one) => one !== id)].slice(0, REMEMBERED));
}

/** Goes to what was found, and the focus with it; or does it. Called when the palette has closed, which gives the focus back first. */
export function useGo(): (entry: Entry) => void {
  const router = useRouter();
  const asked = useQuestion();
  const begin = useBeginRun(asked, useRuns() ?? []);
  const deeds = useDeeds();
  return ({ id, leads }) => {
    void remember(id);
    if ('deed' in leads) return deeds[leads.deed]();
    if ('href' in leads) router.push(leads.href);
    // Without a fabric and a machine Sew asks for them.
    else if (asked?.cloth && asked.machine) void begin(leads.operation);
    else router.push('/sew');
    focusWhatComes();
  };
}

function useDeeds(): Record<DeedId, () => void> {
  const { toggle } = useUnits();
  const { turnEnglish, turnEvening } = useSwitches();
  const { undo, redo } = useUndoing();
  return {
    undo: () => void undo(),
    redo: () => void redo(),
    bar: focusBar,
    keys: showKeys,
    units: () => void toggle(),
    english: turnEnglish,
    evening: turnEvening,
  };
}
