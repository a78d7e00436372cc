import * as z from 'zod';
import { setupSchema } from '../../setup';

/** The setting a machine is to be brought to: for which fabric, on which machine. */
export const machineTargetSchema = z.object({ setup: setupSchema, machineId: z.string(), clothId: z.string() });
export type MachineTarget = z.infer<typeof machineTargetSchema>;
