/** Which kind of machine it is. */
export const KINDS_TEXT = { which: 'Kind of machine' } as const;
