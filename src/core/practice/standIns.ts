/** Stand-ins a person may choose between. */
export const STAND_INS = [1, 2, 3, 4, 5, 6, 7, 8] as const;
