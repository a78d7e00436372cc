import type { NeedleRecord, OnMachine } from '../../file';
import type { Machine } from '../../kit';
import { type Reading, READINGS, setupChanges, withReading } from '../../setup';
import type { MachineTarget } from './machineTarget';
import { needleIn, needleToPutIn } from './needleToPutIn';

/** What ticking needs to know beside the machine bar itself. */
export interface TickedWith {
  machine: Machine;
  target: MachineTarget;
  /** All needles kept: one of them goes in when the needle is ticked. */
  stock: readonly NeedleRecord[];
  /** Hours a needle is kept; null where hours do not decide. */
  lifeHours: number | null;
  /** The moment of the press, ISO 8601. */
  at: string;
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
  const { machine, target, stock, lifeHours, at } = ticked;
  const unsure = (on ? on.unsure : [...READINGS]).filter((r) => r !== reading);
  const { clothNamed, ...rest } = on ?? setTo(target, at);
  const setup = withReading(rest.setup, target.setup, reading);
  const done = setupChanges(machine, setup, target.setup, unsure).length === 0;
  return {
    ...rest,
    ...(clothNamed !== undefined && !done && { clothNamed }),
    setup,
    unsure,
    ...(reading === 'needle' && needleIn(needleToPutIn(stock, target.setup.needle, lifeHours))),
    ...(done && { clothId: target.clothId, since: at }),
  };
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
