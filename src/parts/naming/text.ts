/** Texts under the name of a fabric: what it was heard as, or the one question that settles it. */
export const NAMING_TEXT = {
  colour: 'Its colour',
  examples: 'such as cotton jersey, 12 oz denim, light silk, neoprene',
  heard: (family: string, structure: string, mass: string) =>
    `Bobbet takes this as ${family}: ${structure}, about ${mass}.`,
  needed: 'Type a name, such as “cotton jersey”.',
  tooLong: 'Use at most 200 letters.',
  pick: 'Choose one of the answers first.',
} as const;

/** How a fabric is built, in a sentence. */
export const STRUCTURE_WORD = {
  woven: 'a woven',
  knit: 'a knit',
  foam: 'foam',
  hide: 'leather',
  coated: 'a coated fabric',
  layered: 'layers',
} as const;
