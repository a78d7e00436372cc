import { formatNumber } from '../units';
import { FOOT, type Machine, machineReads, needleName, PLATE, pressureSteps, stitchReading, threadsName } from '../kit';
import { stitchFacts } from '../stitch';
import type { Setup } from './setup';

/** The readings of a setting in the order a person should change them. */
export const READINGS = [
  'needle',
  'plate',
  'foot',
  'thread',
  'stitch',
  'length',
  'width',
  'position',
  'tension',
  'pressure',
] as const;
export type Reading = (typeof READINGS)[number];

/** Each reading in words for a screen. */
export const READING_TEXT: Readonly<Record<Reading, string>> = {
  needle: 'Needle',
  plate: 'Plate',
  foot: 'Foot',
  thread: 'Thread',
  stitch: 'Stitch',
  length: 'Length',
  width: 'Width',
  position: 'Needle position',
  tension: 'Tension',
  pressure: 'Pressure',
};

/** Readings for which the machine is switched off first. */
export const POWER_OFF_READINGS: readonly Reading[] = ['needle', 'plate', 'foot'];

/** Which parts of a setting each reading shows. */
const PARTS: Record<Reading, readonly (keyof Setup)[]> = {
  needle: ['needle'],
  plate: ['plate'],
  foot: ['foot', 'footSide'],
  thread: ['thread', 'bobbin'],
  stitch: ['stitch'],
  length: ['lengthMm'],
  width: ['widthMm'],
  position: ['needlePositionMm'],
  tension: ['tensionSteps'],
  pressure: ['pressure'],
};

/** One thing to change on the machine. */
export interface ReadingChange {
  reading: Reading;
  /** What it shows now, null when nobody knows. */
  from: string | null;
  to: string;
  powerOff: boolean;
}

/**
 * A setting as a person reads it off one machine, every number with its unit or its scale.
 *
 * @param machine - the machine whose dials are meant
 * @param setup - the setting
 * @returns one text for each reading
 */
export function settingReadings(machine: Machine, setup: Setup): Record<Reading, string> {
  const dials = machineReads(machine, setup);
  const heaviest = pressureSteps(machine).at(-1)!.position;
  const scaled = Number.isFinite(Number(dials.pressure)) && Number.isFinite(Number(heaviest));
  return {
    needle: needleName(setup.needle),
    plate: PLATE[setup.plate].name,
    foot: setup.footSide ? `${FOOT[setup.foot].name}, ${setup.footSide}` : FOOT[setup.foot].name,
    thread: threadsName(setup.thread, setup.bobbin),
    stitch: stitchReading(machine, setup.stitch),
    length: `${dials.length} mm`,
    width: setup.widthMm === 0 || !stitchFacts(setup.stitch).swings ? 'none' : `${dials.width} mm`,
    position: dials.needlePosition,
    tension: `${dials.tension} of ${formatNumber(machine.tensionDial.max)}`,
    pressure: scaled ? `${dials.pressure} of ${heaviest}` : dials.pressure,
  };
}

/**
 * What to change on the machine to get from one setting to another, in safe order.
 *
 * Needle, plate and foot come first and together, with the power off; then the thread, then the dials. A wide
 * stitch is never dialled before the plate and foot that allow it are on.
 *
 * @param machine - the machine
 * @param from - what is on the machine, or null when nothing is known
 * @param to - the setting wanted
 * @param unsure - readings of `from` that nobody has looked at
 * @returns the changes, none when they are the same
 */
export function setupChanges(
  machine: Machine,
  from: Setup | null,
  to: Setup,
  unsure: readonly Reading[] = [],
): ReadingChange[] {
  const before = from ? settingReadings(machine, from) : null;
  const after = settingReadings(machine, to);
  return READINGS.flatMap((reading) => {
    const known = before && !unsure.includes(reading) ? before[reading] : null;
    if (known === after[reading] || !canBeSet(reading, machine, to)) return [];
    return [{ reading, from: known, to: after[reading], powerOff: POWER_OFF_READINGS.includes(reading) }];
  });
}

/** What there has to be for a reading to be set at all; the others can always be. */
const NEEDS: Partial<Record<Reading, (machine: Machine, setup: Setup) => boolean>> = {
  width: (_, { stitch }) => stitchFacts(stitch).swings,
  position: ({ needlePositions }) => needlePositions > 1,
  pressure: ({ pressureDial }) => pressureDial !== null,
  plate: ({ plates }) => plates.length > 1,
};

/**
 * Whether there is anything to set: a line has no width, and a machine without a dial has one pressure.
 *
 * @param reading - which
 * @param machine - the machine
 * @param setup - the setting it is to be set for
 */
export const canBeSet = (reading: Reading, machine: Machine, setup: Setup): boolean =>
  NEEDS[reading]?.(machine, setup) ?? true;

/**
 * A setting with one reading changed to that of another.
 *
 * @param from - the setting on the machine
 * @param to - the setting wanted
 * @param reading - which reading was just changed
 * @returns a new setting
 * @example
 * withReading({ stitch: 'zigzag', lengthMm: 2 }, { stitch: 'straight', lengthMm: 3 }, 'length') // => { stitch: 'zigzag', lengthMm: 3 }
 */
export function withReading(from: Setup, to: Setup, reading: Reading): Setup {
  // A line has no width to be set: it goes with the stitch.
  const line = reading === 'stitch' && to.widthMm === 0;
  return {
    ...from,
    ...(line && { widthMm: 0 }),
    ...Object.fromEntries(PARTS[reading].flatMap((part) => (to[part] === undefined ? [] : [[part, to[part]]]))),
  };
}
