import { idsOf } from '../result';

/** What a sewn line can show, in the order a person would look and in words a person would use. */
export const SIGN_TEXT = {
  skipped: 'Skipped stitches',
  'pucker-line': 'Puckers on the line',
  'pucker-away': 'Pulls away from the line',
  wavy: 'Came out long and wavy',
  'uneven-layers': 'Layers end uneven',
  bowed: 'Strip is bowed',
  popped: 'Thread popped',
  grinning: 'Stitches show when pulled apart',
  tunnel: 'Ridge between the rows',
  chewed: 'Drawn down into the plate',
  nest: 'Nest underneath',
  'loops-below': 'Loops below',
  'loops-above': 'Loops above',
  holes: 'Holes along the line',
  perforated: 'Tears like a stamp',
  'hump-stall': 'Stalled at a hump',
  'needle-broke': 'Needle broke',
  shreds: 'Thread shreds',
  'thread-broke': 'Thread broke',
  'uneven-length': 'Stitches uneven in length',
  'no-feed': 'Will not feed',
  slippage: 'Threads part beside the seam',
  marks: 'Foot or feed marks',
  shine: 'Shine from the iron',
  'zip-bubble': 'Bubble at the zip end',
  'one-needle-missing': 'One of two needles misses',
  wandering: 'Line wanders',
  'hem-roped': 'Hem twists like a rope',
  'band-gapes': 'Band stands away',
  'band-puckers': 'Band puckers its opening',
  'zip-rippled': 'Zip ripples',
  'pleat-caught': 'Pleat caught in the seam',
} as const satisfies Record<string, string>;
export type Sign = keyof typeof SIGN_TEXT;
export const SIGNS = idsOf(SIGN_TEXT);
