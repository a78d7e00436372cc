/** How a cloth is built. */
export const STRUCTURES = ['woven', 'knit', 'foam', 'hide', 'coated', 'layered'] as const;
export type Structure = (typeof STRUCTURES)[number];

/** The cloth families a person can start from. */
export const FAMILIES = [
  'jersey',
  'slinky-jersey',
  'rib',
  'double-knit',
  'scuba',
  'fleece',
  'sweater-knit',
  'swim',
  'terry',
  'lace',
  'mesh',
  'lawn',
  'poplin',
  'linen',
  'viscose-woven',
  'wool',
  'denim',
  'canvas',
  'corduroy',
  'silk',
  'satin',
  'chiffon',
  'velvet',
  'double-gauze',
  'ripstop',
  'neoprene',
  'leather',
  'suede',
  'vinyl',
  'waterproof',
  'faux-fur',
  'sequins',
  'hand-woven',
  'quilt-sandwich',
  'other',
] as const;
export type Family = (typeof FAMILIES)[number];

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
