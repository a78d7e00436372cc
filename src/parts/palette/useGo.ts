'use client';

import { useColorScheme } from '@mui/material/styles';
import { useRouter } from 'next/navigation';
import { readPreference, useRuns, writePreference } from '@/data';
import { useSpokenEnglish } from '@/ui';
import { focusBar, focusTask, showKeys } from '../keys';
import { useBeginRun } from '../sewing';
import { useQuestion, useUndoing, useUnits } from '../workspace';
import type { Entry } from './entries';
import type { ActId } from './text';

/** How many of what was used last are remembered. */
const REMEMBERED = 12;

async function remember(id: string) {
  const before = await readPreference('recent');
  await writePreference('recent', [id, ...before.filter((one) => one !== id)].slice(0, REMEMBERED));
}

/** Goes to what was found, or does it. The focus goes along: to the page, else back to where it was. */
export function useGo(): (entry: Entry) => void {
  const router = useRouter();
  const asked = useQuestion();
  const begin = useBeginRun(asked, useRuns() ?? []);
  const acts = useActs();
  return ({ id, leads }) => {
    void remember(id);
    if ('act' in leads) acts[leads.act]?.();
    else if ('href' in leads) router.push(leads.href);
    // Without a fabric and a machine Sew asks for them.
    else if (asked?.cloth && asked.machine) void begin(leads.operation);
    else router.push('/sew');
    // The window gives the focus back as it closes; where it led somewhere, the focus goes there.
    if (!('act' in leads)) setTimeout(focusTask);
  };
}

function useActs(): Partial<Record<ActId, () => void>> {
  const { toggle } = useUnits();
  const { mode, systemMode, setMode } = useColorScheme();
  const english = useSpokenEnglish() ?? 'uk';
  const { undo, redo } = useUndoing();
  const evening = (mode === 'system' ? systemMode : mode) === 'dark';
  return {
    undo: () => void undo(),
    redo: () => void redo(),
    bar: focusBar,
    keys: showKeys,
    units: () => void toggle(),
    english: () => void writePreference('english', english === 'us' ? 'uk' : 'us'),
    evening: () => setMode(evening ? 'light' : 'dark'),
  };
}
