/** What a cloth does that changes how it is sewn. */
export const TRAITS = [
  'slippery',
  'sheer',
  'napped',
  'frays',
  'curls',
  'holes-stay',
  'heat-sensitive',
  'water-marks',
  'loose',
  'stiff',
] as const;
export type Trait = (typeof TRAITS)[number];
