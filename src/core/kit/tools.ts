import { idsOf } from '../result';

/** What holds layers together until they are sewn. */
export const PINS = ['standard', 'ballpoint', 'silk', 'glass-head', 'clips', 'weights'] as const;
export type Pins = (typeof PINS)[number];

/** What cloth is cut with. */
export const BLADES = ['shears', 'small-scissors', 'rotary-45', 'rotary-28', 'micro-serrated', 'knife'] as const;
export type Blade = (typeof BLADES)[number];

/** What layers are held with until they are sewn, in words for "hold with …". */
export const HOLD_TEXT = {
  pins: 'pins',
  'ballpoint-pins': 'ballpoint pins',
  'silk-pins-in-allowance': 'silk pins inside the allowance',
  clips: 'clips',
  weights: 'weights',
  baste: 'basting',
  glue: 'a line of fabric glue',
  tape: 'tape',
} as const;
export const HOLDS = idsOf(HOLD_TEXT);
