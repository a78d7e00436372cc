import { idsOf } from '../result';

/** What a sewn line can show, in the order a person would look and in words a person would use. */
export const SIGN_TEXT = {
  skipped: 'Skipped stitches',
  'pucker-line': 'Puckers on the line',
  'pucker-away': 'Pulls away from the line',
  wavy: 'Stretched, wavy seam',
  'uneven-layers': 'Layers end uneven',
  bowed: 'Strip is bowed',
  popped: 'Thread popped',
  grinning: 'Stitches show when the seam is pulled apart',
  tunnel: 'Ridge between the rows',
  chewed: 'Fabric pulled into the plate',
  nest: 'Thread nest underneath',
  'loops-below': 'Loops below',
  'loops-above': 'Loops above',
  holes: 'Holes along the line',
  perforated: 'Tears along the holes',
  'hump-stall': 'Stalled at a bulky seam',
  'needle-broke': 'Needle broke',
  shreds: 'Thread shreds',
  'thread-broke': 'Thread broke',
  'uneven-length': 'Uneven stitch length',
  'no-feed': 'Does not feed',
  slippage: 'Yarns part beside the seam',
  marks: 'Marks from the foot or feed',
  shine: 'Shiny from the iron',
  'zip-bubble': 'Bubble at the end of the zip',
  'one-needle-missing': 'One of the two needles skips',
  wandering: 'Wandering line',
  'hem-roped': 'Hem twists like a rope',
  'band-gapes': 'Band stands away',
  'band-puckers': 'Band puckers the opening',
  'zip-rippled': 'Wavy zip',
  'pleat-caught': 'Pleat caught in the seam',
} as const satisfies Record<string, string>;
export type Sign = keyof typeof SIGN_TEXT;
export const SIGNS = idsOf(SIGN_TEXT);
