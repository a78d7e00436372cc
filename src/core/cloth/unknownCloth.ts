import type { Cloth } from './cloth';

/** A cloth that was not chosen yet, or is gone from the drawer: what hangs on it still shows, on the plainest guess. */
export const UNKNOWN_CLOTH: Cloth = { structure: 'woven', family: 'other', traits: [] };
