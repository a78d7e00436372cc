import type { changeKit } from '@/data';

/** Changes what is owned, as it is stored now. */
export type ChangeKit = (edit: Parameters<typeof changeKit>[0]) => void;
