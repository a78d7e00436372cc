'use client';

import { dialSaid, READING_TEXT, settingReadings } from '@/core/setup';
import { lowerFirst } from '@/core/units';
import { useMachineBar } from '../machineBar';
import { PALETTE_TEXT as TEXT } from './text';

/** A dial that was said, and what comes of it: a sentence where it cannot be, a title and the deed where it can. */
export type DialSaid = { problem: string } | { title: string; set: () => void };

/**
 * "tension 4" as something that can be done on the machine that is in question.
 *
 * @param typed - what was typed
 * @returns null where no dial was meant
 */
export function useDialSaid(typed: string): DialSaid | null {
  const bar = useMachineBar();
  if (!bar) return null;
  const setup = bar.on?.setup ?? bar.target?.setup;
  // Nothing is known to be on it: there is nothing one dial could be changed in.
  if (!setup) return null;
  const said = dialSaid(typed, bar.machine.machine, setup);
  if (!said) return null;
  const name = lowerFirst(READING_TEXT[said.reading]);
  const { choice } = said;
  if (!choice) return { problem: TEXT.noMark(name, said.least, said.most) };
  const to = settingReadings(bar.machine.machine, choice.setup)[said.reading];
  return { title: TEXT.set(name, to, bar.machine.machine.name), set: () => bar.put(said.reading, choice.setup) };
}
