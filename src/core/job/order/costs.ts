import * as z from 'zod';
import { within } from '../../result';

const minutes = (usual: number) => within(0, 600, 'minutes').default(usual);

/** What each change costs, minutes: each dial that is turned, each walk to the iron. */
export const costsSchema = z.strictObject({
  needle: minutes(1.5),
  thread: minutes(2),
  bobbin: minutes(2),
  foot: minutes(1),
  plate: minutes(3),
  dials: minutes(0.3),
  iron: minutes(1.5),
});
export type Costs = z.infer<typeof costsSchema>;
