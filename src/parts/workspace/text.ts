/** Empties the workroom for a person's own start. */
export const START_OWN_TEXT = {
  youHaveAnEmpty: 'Your own workroom is open. It is empty.',
} as const;

/** The person's units, and how things are printed in them. */
export const UNITS_TEXT = {
  perInch: (spiFromLength: string) => `${spiFromLength} per inch`,
} as const;
