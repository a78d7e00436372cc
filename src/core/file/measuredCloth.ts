import { type Cloth, repeated, type Repeated, stretchFromMarks } from '../cloth';
import type { ClothRecord, StretchReading } from './records';

/** What repeated pulls say about one direction. */
export interface MeasuredStretch {
  stretch: Repeated | null;
  recovery: Repeated | null;
}

/**
 * What the readings in one direction say together.
 *
 * @param readings - all readings of a cloth
 * @param direction - which way the cloth was pulled
 * @returns mean and spread of stretch and recovery; null where nothing was read
 */
export function measuredStretch(
  readings: readonly StretchReading[],
  direction: StretchReading['direction'],
): MeasuredStretch {
  const results = readings.filter((r) => r.direction === direction).map((r) => stretchFromMarks(r.marks));
  const recoveries = results.flatMap((r) => (typeof r.recoveryPercent === 'number' ? [r.recoveryPercent] : []));
  return { stretch: repeated(results.map((r) => r.stretchPercent)), recovery: repeated(recoveries) };
}

/**
 * The cloth that goes into the computations: readings beat what was typed, at their cautious end.
 *
 * @param record - a cloth of the drawer
 * @returns the cloth
 */
export function clothOf(record: Pick<ClothRecord, 'cloth' | 'readings'>): Cloth {
  const across = measuredStretch(record.readings, 'across');
  const along = measuredStretch(record.readings, 'along');
  const recoveries = [across.recovery, along.recovery].flatMap((r) => (r ? [r.cautious] : []));
  return {
    ...record.cloth,
    ...(across.stretch && { stretchAcross: across.stretch.cautious }),
    ...(along.stretch && { stretchAlong: along.stretch.cautious }),
    ...(recoveries.length > 0 && { recovery: Math.min(...recoveries) }),
  };
}
