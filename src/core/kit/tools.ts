/** What holds layers together until they are sewn. */
export const PINS = ['standard', 'ballpoint', 'silk', 'glass-head', 'clips', 'weights'] as const;
export type Pins = (typeof PINS)[number];

/** What cloth is cut with. */
export const BLADES = ['shears', 'small-scissors', 'rotary-45', 'rotary-28', 'micro-serrated', 'knife'] as const;
export type Blade = (typeof BLADES)[number];
