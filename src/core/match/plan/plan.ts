import * as z from 'zod';
import { HOLDS, PINS } from '../../kit';
import { SECURES } from '../../physics';

/** Where a knit is begun; how it goes on from there depends on how the end is held. */
export const IN_FROM_EDGE = 'Start {10 mm} in from the edge.';
/** What takes an iron, and what takes steam: left out where the fabric stands neither. */
export const PRESS_FLAT = 'Press the stitching flat before you open the seam.';
export const STEAM_BACK = 'If the seam has stretched: hold the iron {25 mm} above it and steam it back.';
export const UNKNOWN_FIBRE =
  'Fibres not known: start at one dot (110 °C) through a press cloth. Test hotter on a scrap.';
export const PRESS_PILE = 'Press it face down on a towel or needle board with the steam held above; never on the face.';
/** Tape in the fold of a hem: fused where the iron may be hot enough. */
export const FUSIBLE = {
  tape: 'fusible stretch tape in the fold',
  coolTape: 'wash-away tape in the fold',
} as const;
/** What fusible tape needs to hold, °C (common practice). */
export const FUSES_FROM_C = 150;
/** Stands in a seam for how it is opened: with the iron, or with a thumb. */
export const OPENED = { place: '{opened}', byIron: 'pressed open', byHand: 'finger-pressed open' } as const;

/** How the seam is held, cut, begun, secured and pressed: everything but the dials. */
export const planSchema = z.strictObject({
  seam: z.string(),
  start: z.array(z.string()),
  secure: z.enum(SECURES),
  hold: z.array(z.enum(HOLDS)),
  /** Which pins are meant where a way of holding says only "pins". */
  pins: z.enum(PINS),
  leader: z.boolean(),
  tissue: z.boolean(),
  cut: z.strictObject({
    layers: z.enum(['single', 'double']),
    tool: z.string(),
    sandwich: z.boolean(),
    oneWay: z.boolean(),
  }),
  mark: z.string(),
  press: z.strictObject({
    maxSolePlateC: z.number(),
    pressCloth: z.boolean(),
    steam: z.enum(['yes', 'little', 'no']),
  }),
  speed: z.enum(['slow', 'steady', 'free']),
  notes: z.array(z.string()),
});
export type SewingPlan = z.infer<typeof planSchema>;
