/** Plans a scrap, with the setting as its first line, and goes there. */
export const START_SCRAP_TEXT = {
  theScrapCouldNot: (message: string) => `The swatch could not be planned: ${message}`,
  swatchStarted: (name: string) => `Swatch “${name}” started`,
} as const;
