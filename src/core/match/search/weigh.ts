import type { Hazard } from '../../physics';
import type { Sign } from '../../stitch';
import type { Aim } from '../rules/ruleTypes';

/** How much each sign spoils a seam, when two settings are weighed against each other (model). */
const WEIGHT: Readonly<Record<Sign, number>> = {
  skipped: 4,
  'needle-broke': 4,
  perforated: 4,
  wavy: 4,
  'uneven-layers': 4,
  holes: 3,
  shreds: 3,
  'pucker-away': 3,
  'loops-below': 3,
  'loops-above': 3,
  'pucker-line': 2.5,
  'uneven-length': 2.5,
  wandering: 2,
  chewed: 2,
  tunnel: 2,
  popped: 2,
  'hump-stall': 2,
  slippage: 2,
  grinning: 1.5,
  marks: 1.5,
  // No model foretells these: they are weighed when one does.
  bowed: 2,
  nest: 2,
  'thread-broke': 2,
  'no-feed': 2,
  shine: 2,
  'zip-bubble': 2,
  'one-needle-missing': 2,
  'hem-roped': 2,
  'band-gapes': 2,
  'band-puckers': 2,
  'zip-rippled': 2,
  'pleat-caught': 2,
};

/** The risks of a setting weighed into one number. */
export const weigh = (risks: readonly Hazard[]) =>
  risks.reduce((sum, { sign, level }) => sum + WEIGHT[sign] * level, 0);

/** How far a value is from what is wanted, as a share of the room practice leaves on that side, squared. */
export function miss(value: number, { min, ideal, max }: Aim): number {
  const room = value < ideal ? ideal - min : max - ideal;
  return value === ideal ? 0 : ((value - ideal) / Math.max(room, 0.1)) ** 2;
}
