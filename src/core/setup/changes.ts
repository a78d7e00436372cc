import { formatNumber } from '../units';
import { FOOT, needleName, PLATE, threadName } from '../kit';
import { STITCH } from '../stitch';
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

/** Readings for which the machine is switched off first. */
export const POWER_OFF_READINGS: readonly Reading[] = ['needle', 'plate', 'foot'];

/** One thing to change on the machine. */
export interface Change {
  reading: Reading;
  from: string | null;
  to: string;
  powerOff: boolean;
}

const SHOW: Record<Reading, (s: Setup) => string> = {
  needle: (s) => needleName(s.needle),
  plate: (s) => PLATE[s.plate].name,
  foot: (s) => (s.footSide ? `${FOOT[s.foot].name}, ${s.footSide}` : FOOT[s.foot].name),
  thread: (s) => threadName(s.thread),
  stitch: (s) => STITCH[s.stitch].name,
  length: (s) => `${formatNumber(s.lengthMm, 2)} mm`,
  width: (s) => `${formatNumber(s.widthMm, 2)} mm`,
  position: (s) => `${formatNumber(s.needlePositionMm, 1)} mm`,
  tension: (s) => formatNumber(s.tensionSteps, 1),
  pressure: (s) => formatNumber(s.pressure, 2),
};

/**
 * One reading of a setting as text, without the machine's own scales.
 *
 * @param setup - the setting
 * @param reading - which part of it
 * @returns for example `Ballpoint 75/11`
 * @example
 * readingText({ stitch: 'zigzag' }, 'stitch') // => 'Zigzag'
 */
export function readingText(setup: Setup, reading: Reading): string {
  return SHOW[reading](setup);
}

/**
 * What to change on the machine to get from one setting to another, in safe order.
 *
 * Needle, plate and foot come first and together, with the power off; then the thread, then the dials. A wide
 * stitch is never dialled before the plate and foot that allow it are on.
 *
 * @param from - what is on the machine, or null when nothing is known
 * @param to - the setting wanted
 * @returns the changes, none when they are the same
 * @example
 * setupChanges(a, a) // => [] where a = { needle: { point: 'sharp', nm: 70 }, thread: { fibre: 'silk', tex: 16 }, foot: 'standard', plate: 'standard', stitch: 'straight', lengthMm: 2, widthMm: 0, needlePositionMm: 0, tensionSteps: 0, pressure: 0.5 }
 */
export function setupChanges(from: Setup | null, to: Setup): Change[] {
  return READINGS.filter((reading) => !from || SHOW[reading](from) !== SHOW[reading](to)).map((reading) => ({
    reading,
    from: from ? SHOW[reading](from) : null,
    to: SHOW[reading](to),
    powerOff: POWER_OFF_READINGS.includes(reading),
  }));
}
