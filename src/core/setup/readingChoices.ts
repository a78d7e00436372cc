import { FOOT, type Kit, type Machine, needleName, PLATE, stitchReading, threadName } from '../kit';
import { STITCH } from '../stitch';
import { type Dial, DIALS, dialValues, withDial } from './dialValues';
import type { Setup } from './setup';
import { type Reading, settingReadings } from './setupChanges';
import { CHOSEN_PARTS, type ChosenPart, withPart } from './withPart';

/** What one reading can be set to. */
export interface ReadingChoice {
  /** As it is read off the machine. */
  text: string;
  /** What it is, in plain words. */
  plain?: string;
  /** The whole setting with it. */
  setup: Setup;
  /** Whether it stands there already. */
  now: boolean;
}

const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b);

/**
 * What may stand in for a part of a setting: everything that is owned, and every stitch of the machine.
 *
 * @param part - which part
 * @param kit - what is owned
 * @param machine - the machine
 * @param setup - the setting
 */
export function partChoices(part: ChosenPart, kit: Kit, machine: Machine, setup: Setup): ReadingChoice[] {
  const choice = <P extends ChosenPart>(key: P, value: Setup[P], text: string, plain?: string): ReadingChoice => ({
    text,
    plain,
    now: same(setup[key], value),
    setup: withPart(setup, key, value, kit),
  });
  const lists: Record<ChosenPart, () => ReadingChoice[]> = {
    needle: () => kit.needles.map((needle) => choice('needle', needle, needleName(needle))),
    thread: () => kit.threads.map((thread) => choice('thread', thread, threadName(thread))),
    foot: () => kit.feet.map((foot) => choice('foot', foot, FOOT[foot].name, FOOT[foot].plain)),
    plate: () => kit.plates.map((plate) => choice('plate', plate, PLATE[plate].name, PLATE[plate].plain)),
    stitch: () => machine.stitches.map((id) => choice('stitch', id, stitchReading(machine, id), STITCH[id].plain)),
  };
  return lists[part]();
}

const isPart = (reading: Reading): reading is ChosenPart & Reading =>
  (CHOSEN_PARTS as readonly string[]).includes(reading);
const isDial = (reading: Reading): reading is Dial & Reading => (DIALS as readonly string[]).includes(reading);

/** Every mark of a dial, as it is read off the machine. */
function dialChoices(dial: Dial & Reading, machine: Machine, setup: Setup): ReadingChoice[] {
  const said = (one: Setup) => settingReadings(machine, one)[dial];
  const marks = new Map(
    dialValues(machine, setup, dial)
      .map((value) => withDial(setup, dial, value))
      .map((next) => [said(next), next]),
  );
  return [...marks].map(([text, next]) => ({ text, setup: next, now: text === said(setup) }));
}

/**
 * Everything one reading of a machine can be set to, as it is read off the machine: parts that are owned, marks of the dials.
 *
 * @param reading - which reading
 * @param kit - what is owned
 * @param machine - the machine
 * @param setup - what is on it
 * @returns none where nothing can be chosen: the width of a straight stitch, the needle's position
 */
export function readingChoices(reading: Reading, kit: Kit, machine: Machine, setup: Setup): ReadingChoice[] {
  if (isPart(reading)) return partChoices(reading, kit, machine, setup);
  return isDial(reading) ? dialChoices(reading, machine, setup) : [];
}

/** A dial and the mark it is to be set to, as people say it. */
const DIAL_SAID =
  /^(?:set |turn |put )?(?:the )?(?:stitch )?(length|width|tension|pressure)(?: dial)?(?: is| to| at| on|:|=)? +([\d.,/]+|[a-z]+)(?: ?mm| of \d+)?$/i;

/** A dial that was said: its mark, and from where to where it goes. */
export interface SaidDial {
  reading: Reading;
  /** Null where the dial has no such mark. */
  choice: ReadingChoice | null;
  least: string;
  most: string;
}

/**
 * Reads "set tension 4" or "length 2.5" as a dial of a machine.
 *
 * @param typed - what was typed
 * @param machine - the machine
 * @param setup - what is on it
 * @returns null where no dial was meant, or one that cannot be turned now
 */
export function dialSaid(typed: string, machine: Machine, setup: Setup): SaidDial | null {
  const said = DIAL_SAID.exec(typed.trim());
  if (!said) return null;
  const reading = said[1].toLowerCase() as Dial & Reading;
  const choices = dialChoices(reading, machine, setup);
  const mark = said[2].replace(',', '.').toLowerCase();
  const choice = choices.find(({ text }) => isMark(text.split(' ')[0].toLowerCase(), mark)) ?? null;
  const isNumber = Number.isFinite(Number(mark));
  if (choices.length === 0 || (!choice && !isNumber)) return null;
  return { reading, choice, least: choices[0].text.split(' ')[0], most: choices.at(-1)!.text };
}

/** Whether a mark of the dial is the one that was said: "4.0" is 4, "Light" is light. */
const isMark = (mark: string, said: string) =>
  mark === said || (Number.isFinite(Number(said)) && Number(mark) === Number(said));
