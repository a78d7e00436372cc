'use client';

import { formatNumber } from '@/core/units';
import { sewingClock } from '@/core/workroom';
import { countSewing, readPreference, usePreference, writePreference } from '@/data';
import { useAct, useQuestion } from '../workspace';
import { CLOCK_TEXT } from './text';

/** The sewing clock of one machine: it runs on through a reload, and what it counted ages needle and machine. */
export function useClock(machineId: string | null): { running: boolean; start: () => void; stop: () => void } {
  const clock = usePreference('clock') ?? null;
  const asked = useQuestion();
  const act = useAct();
  const start = async () => {
    if (!machineId) return;
    const record = asked?.cloth;
    const { name, family } = record?.cloth ?? { name: CLOCK_TEXT.aCloth, family: 'other' };
    const cloth = { ...(record && { id: record.id }), name, family };
    await writePreference('clock', { machineId, since: new Date().toISOString(), cloth });
  };
  const stop = async () => {
    const now = await readPreference('clock');
    if (!now) return;
    const { satMin, needleMin } = sewingClock(Date.parse(now.since), Date.now());
    await act(CLOCK_TEXT.minAtTheMachine(formatNumber(satMin, 0), formatNumber(needleMin, 1), now.cloth.name), () =>
      countSewing(now.machineId, needleMin, now.cloth),
    );
    await writePreference('clock', null);
  };
  return {
    running: clock !== null && clock.machineId === machineId,
    start: () => void start(),
    stop: () => void stop(),
  };
}
