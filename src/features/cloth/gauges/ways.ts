/** Across or along the cloth. */
export const WAYS = [
  { id: 'across', name: 'Across' },
  { id: 'along', name: 'Along' },
] as const;
