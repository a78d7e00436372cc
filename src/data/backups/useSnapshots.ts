import { sharedLive } from '../sharedLive';
import { listSnapshots } from '../snapshots';

/** All copies that are kept, newest first, live; undefined while they are first read. */
export const useSnapshots = sharedLive(listSnapshots);
