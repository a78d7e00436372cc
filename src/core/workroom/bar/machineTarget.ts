import type { Setup } from '../../setup';

/** The setting a machine is to be brought to: for which fabric, on which machine. */
export interface MachineTarget {
  setup: Setup;
  machineId: string;
  clothId: string;
}
