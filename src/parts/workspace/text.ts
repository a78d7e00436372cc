/** Empties the workroom for a person's own start. */
export const START_OWN_TEXT = {
  youHaveAnEmpty: 'You have an empty workroom.',
} as const;

/** The person's units, and how things are printed in them. */
export const UNITS_TEXT = {
  perInch: (spiFromLength: string) => `${spiFromLength} per inch`,
} as const;
