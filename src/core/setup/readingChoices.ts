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
  if (!isDial(reading)) return [];
  const said = (one: Setup) => settingReadings(machine, one)[reading];
  const seen = new Set<string>();
  return dialValues(machine, setup, reading).flatMap((value) => {
    const next = withDial(setup, reading, value);
    const text = said(next);
    if (seen.has(text)) return [];
    seen.add(text);
    return [{ text, setup: next, now: text === said(setup) }];
  });
}

/** A dial and the mark it is to be set to, as people say it. */
const DIAL_SAID =
  /^(?:set |turn |put )?(?:the )?(?:stitch )?(length|width|tension|pressure)(?: dial)?(?: is| to| at| on|:|=)? +([\d.,/]+|[a-z]+)(?: ?mm| of \d+)?$/i;

/**
 * Reads "set tension 4" or "length 2.5" as the dial of a machine.
 *
 * @param typed - what was typed
 * @param kit - what is owned
 * @param machine - the machine
 * @param setup - what is on it
 * @returns the dial and its choice; the marks there are where this one is not among them; null where no dial was meant
 */
export function dialSaid(
  typed: string,
  kit: Kit,
  machine: Machine,
  setup: Setup,
): { reading: Reading; choice: ReadingChoice | null; least: string; most: string } | null {
  const said = DIAL_SAID.exec(typed.trim());
  if (!said) return null;
  const reading = said[1].toLowerCase() as Dial & Reading;
  const choices = readingChoices(reading, kit, machine, setup);
  if (choices.length === 0) return null;
  const [number] = choices[0].text.split(' ');
  const mark = said[2].replace(',', '.').toLowerCase();
  const asNumber = Number(mark);
  const found = choices.find(({ text }) => {
    const [at] = text.split(' ');
    return Number.isFinite(asNumber) && Number.isFinite(Number(at))
      ? Number(at) === asNumber
      : at.toLowerCase() === mark;
  });
  if (!found && !Number.isFinite(asNumber)) return null;
  return { reading, choice: found ?? null, least: number, most: choices.at(-1)!.text };
}
