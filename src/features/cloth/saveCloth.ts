import type { ClothRecord } from '@/core/file';

/** Changes the cloth as it is stored now. */
export type SaveCloth = (edit: (now: ClothRecord) => Partial<ClothRecord>) => Promise<void>;
