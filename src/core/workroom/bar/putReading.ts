import type { NeedleRecord, OnMachine } from '../../file';
import type { Machine } from '../../kit';
import { type Reading, READINGS, type Setup, setupChanges } from '../../setup';
import type { MachineTarget } from './machineTarget';
import { needleIn, needleToPutIn } from './needleToPutIn';

/** What is known when a person says what is really on the machine. */
export interface PutWith {
  machine: Machine;
  /** Where it is to be brought; null when nothing was matched. */
  target: MachineTarget | null;
  /** All needles kept: one of them goes in when another kind is put in. */
  stock: readonly NeedleRecord[];
  /** Hours a needle is kept; null where hours do not decide. */
  lifeHours: number | null;
  /** The moment it was said, ISO 8601. */
  at: string;
}

/**
 * A machine of which nobody has said anything: every reading is in doubt.
 *
 * @param machineId - whose machine it is
 * @param setup - a setting to begin with
 * @param at - the moment, ISO 8601
 */
export const nothingTold = (machineId: string, setup: Setup, at: string): OnMachine => ({
  machineId,
  setup,
  unsure: [...READINGS],
  clothId: null,
  since: at,
  needleSewn: [],
  needleId: null,
});

/**
 * What is on a machine after one reading was said to be what it really is.
 *
 * That reading is no longer in doubt; the rest stays as it was. Another needle is taken from the stock. Once nothing differs from the
 * target any more, the machine is set for the target's fabric, from this moment on.
 *
 * @param on - what was known to be on it
 * @param reading - which reading was told
 * @param setup - the setting with it
 * @param known - the machine, its target, the needles kept and the moment
 */
export function putReading(on: OnMachine, reading: Reading, setup: Setup, known: PutWith): OnMachine {
  const { machine, target, stock, lifeHours, at } = known;
  const unsure = on.unsure.filter((one) => one !== reading);
  const { clothNamed, ...rest } = on;
  const done = target !== null && setupChanges(machine, setup, target.setup, unsure).length === 0;
  return {
    ...rest,
    ...(clothNamed !== undefined && !done && { clothNamed }),
    setup,
    unsure,
    ...(reading === 'needle' && needleIn(needleToPutIn(stock, setup.needle, lifeHours))),
    ...(done && { clothId: target.clothId, since: at }),
  };
}
