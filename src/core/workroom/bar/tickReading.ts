import type { OnMachine } from '../../file';
import { type Reading, READINGS, setupChanges, withReading } from '../../setup';
import type { MachineTarget } from './machineTarget';
import { needleIn, needleToPutIn } from './needleToPutIn';
import { putReading, type PutWith } from './putReading';

/** What ticking needs to know beside the machine bar itself. */
export interface TickedWith extends PutWith {
  target: MachineTarget;
}

/**
 * What is on a machine after one reading was ticked off as set.
 *
 * The reading takes its value from the target and is no longer in doubt; the rest stays as it was. Ticking the needle puts one
 * of the stock in. Once nothing differs any more, the machine is set for the target's fabric, from this moment on.
 *
 * @param on - what is on it now; null when nobody has said, then every other reading is in doubt
 * @param reading - the reading that was set
 * @param ticked - the machine, where it is to be brought, the needles kept and the moment
 * @returns what is on it afterwards
 */
export function tickReading(on: OnMachine | null, reading: Reading, ticked: TickedWith): OnMachine {
  const { target, at } = ticked;
  const before = on ?? { ...setTo(target, at), unsure: [...READINGS] };
  return putReading(before, reading, withReading(before.setup, target.setup, reading), ticked);
}

/**
 * What is on a machine after everything was ticked off at once.
 *
 * The needle that is in keeps its hours unless the target asks for another one.
 *
 * @param on - what is on it now; null when nobody has said
 * @param ticked - the machine, where it is to be brought, the needles kept and the moment
 */
export function tickAll(on: OnMachine | null, ticked: TickedWith): OnMachine {
  const { machine, target, stock, lifeHours, at } = ticked;
  const changes = setupChanges(machine, on?.setup ?? null, target.setup, on?.unsure);
  const newNeedle = !on || changes.some(({ reading }) => reading === 'needle');
  const needle = newNeedle
    ? needleIn(needleToPutIn(stock, target.setup.needle, lifeHours))
    : { needleSewn: on.needleSewn, needleId: on.needleId };
  return { ...setTo(target, at), ...needle };
}

const setTo = ({ machineId, setup, clothId }: MachineTarget, at: string): OnMachine => ({
  machineId,
  setup,
  unsure: [],
  clothId,
  since: at,
  needleSewn: [],
  needleId: null,
});
