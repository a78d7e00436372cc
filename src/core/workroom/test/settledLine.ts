import type { MachineRecord } from '../../file';
import { needleMinutes, PACE_SHARE } from '../../stitch';
import { type TestLine, LINE_MM } from '../../swatch';

/**
 * Minutes a needle has sewn for one test line.
 *
 * @param line - as it stands before it is settled
 * @param machine - the one it was sewn on
 * @returns 0 for a line that was counted already, is still planned, or was sewn by a simulated machine: that wears no needle
 */
export function lineNeedleMinutes(
  line: Pick<TestLine, 'status' | 'simulated' | 'setup'>,
  machine: Pick<MachineRecord, 'machine'>,
): number {
  if (line.status !== 'sewing' || line.simulated) return 0;
  const { stitch, lengthMm } = line.setup;
  return needleMinutes(stitch, lengthMm, LINE_MM.sewn, machine.machine.speedSpm * PACE_SHARE);
}
