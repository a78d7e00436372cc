'use client';

import { NEEDLE_SHARE } from '@/core/kit';
import { formatNumber } from '@/core/units';
import { countSewing, readPreference, usePreference, writePreference } from '@/data';
import { useAct, useQuestion } from '../workspace';

/** Forgotten overnight, a clock counts no more than this, minutes. */
const MOST_MIN = 240;

/** The sewing clock of one machine: it runs on through a reload, and what it counted ages needle and machine. */
export function useClock(machineId: string | null): { running: boolean; start: () => void; stop: () => void } {
  const clock = usePreference('clock') ?? null;
  const asked = useQuestion();
  const act = useAct();
  const start = async () => {
    if (!machineId) return;
    const record = asked?.cloth;
    const { name, family } = record?.cloth ?? { name: 'a cloth', family: 'other' };
    const cloth = { ...(record && { id: record.id }), name, family };
    await writePreference('clock', { machineId, since: new Date().toISOString(), cloth });
  };
  const stop = async () => {
    const now = await readPreference('clock');
    if (!now) return;
    // A computer whose clock was set back meanwhile has sat there no time at all.
    const sat = Math.max(0, Math.min(MOST_MIN, (Date.now() - Date.parse(now.since)) / 60000));
    const minutes = sat * NEEDLE_SHARE;
    await act(
      `${formatNumber(sat, 0)} min at the machine, ${formatNumber(minutes, 1)} min of sewing counted for ${now.cloth.name}`,
      () => countSewing(now.machineId, minutes, now.cloth),
    );
    await writePreference('clock', null);
  };
  return {
    running: clock !== null && clock.machineId === machineId,
    start: () => void start(),
    stop: () => void stop(),
  };
}
