import { sayNeed, type ScheduleChange } from '@/core/job';
import { type Machine, PLAIN_MACHINE } from '@/core/kit';
import { type Reading, READING_TEXT, type Setup, settingReadings } from '@/core/setup';

/** Which reading of the machine each of its parts is; what is left out goes by its own name. */
const READING: Readonly<Partial<Record<string, Reading>>> = {
  lengthMm: 'length',
  widthMm: 'width',
  tensionSteps: 'tension',
  pressure: 'pressure',
};

/** Whether a change is only a dial that is turned. */
export const isDial = ({ change }: ScheduleChange): boolean => READING[change] !== undefined;

/**
 * A change in words: which part, and what it becomes.
 *
 * @param change - what is changed
 * @param setup - the setting it is changed to, if known: its dials are given as the machine shows them
 * @param machine - the machine, if it is chosen
 */
export function sayChange(
  { change, to }: ScheduleChange,
  setup: Setup | null,
  machine: Machine = PLAIN_MACHINE,
): { part: string; becomes: string } {
  const dial = READING[change];
  // The stitch is the first thing a hand selects: told with what is printed beside it.
  if (change === 'stitch' && setup) return { part: change, becomes: settingReadings(machine, setup).stitch };
  if (dial && setup) return { part: READING_TEXT[dial].toLowerCase(), becomes: settingReadings(machine, setup)[dial] };
  return { part: change, becomes: sayNeed(change, to) };
}
