'use client';

import { NEEDLE_SHARE } from '@/core/kit';
import { formatNumber } from '@/core/units';
import { countSewing, readPreference, usePreference, writePreference } from '@/data';
import { nowText, useQuestion, useUndo } from '../workspace';

/** Forgotten overnight, a clock counts no more than this, minutes. */
const MOST_MIN = 240;

/** The sewing clock of one machine: it runs on through a reload, and what it counted ages needle and machine. */
export function useClock(machineId: string | null): { running: boolean; start: () => void; stop: () => void } {
  const clock = usePreference('clock') ?? null;
  const asked = useQuestion();
  const undo = useUndo();
  const start = async () => {
    if (!machineId) return;
    const { name, family } = asked?.cloth?.cloth ?? { name: 'a cloth', family: 'other' };
    await writePreference('clock', { machineId, since: nowText(), cloth: { name, family } });
  };
  const stop = async () => {
    const now = await readPreference('clock');
    if (!now) return;
    await writePreference('clock', null);
    const sat = Math.min(MOST_MIN, (Date.now() - Date.parse(now.since)) / 60000);
    const minutes = sat * NEEDLE_SHARE;
    await countSewing(now.machineId, minutes, now.cloth);
    undo(
      `${formatNumber(sat, 0)} min at the machine: ${formatNumber(minutes, 1)} min of needle counted for ${now.cloth.name}.`,
      () => countSewing(now.machineId, -minutes, now.cloth),
    );
  };
  return {
    running: clock !== null && clock.machineId === machineId,
    start: () => void start(),
    stop: () => void stop(),
  };
}
