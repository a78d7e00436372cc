/** The lists of a workroom whose entries have a key of their own. */
export const NOUNS = [
  'cloths',
  'machines',
  'swatches',
  'lines',
  'cards',
  'needles',
  'threads',
  'care',
  'photos',
  'runs',
  'jobs',
  'views',
] as const;
export type Noun = (typeof NOUNS)[number];
