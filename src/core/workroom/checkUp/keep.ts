import type { MachineRecord, OnMachine } from '../../file';
import type { Reading } from '../../setup';
import { checkedUp, type CheckUpFound } from './read';

/** What the last line of a check-up leaves on the machine is nobody's setting: it is looked at again before the next seam. */
const LEFT_BY_IT: readonly Reading[] = ['needle', 'thread', 'foot', 'stitch', 'length', 'width', 'tension', 'pressure'];

/**
 * A machine after its check-up. What its cards taught of a dial was learned against the old normal: where a new one was found, they no longer
 * teach it.
 *
 * @param record - as it was
 * @param found - what the check-up tells
 * @param at - the moment
 */
export function afterCheckUp(record: MachineRecord, found: CheckUpFound, at: string): MachineRecord {
  const forgotten = {
    ...record.forgotten,
    ...Object.fromEntries(Object.keys(found.offsets).map((dial) => [dial, at])),
  };
  return {
    ...record,
    machine: checkedUp(record.machine, found),
    ...(Object.keys(forgotten).length > 0 && { forgotten }),
  };
}

/**
 * What is on a machine after its check-up: all that it turned is to be looked at again.
 *
 * @param on - as it was noted before
 */
export const onAfterCheckUp = (on: OnMachine): OnMachine => ({
  ...on,
  unsure: [...new Set([...on.unsure, ...LEFT_BY_IT])],
});
