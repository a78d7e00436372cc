import type { Sign } from '../stitch';
import type { Cause } from './causes';

/**
 * How strongly a cause shows as a sign: the probability that a line with this cause alone shows it.
 *
 * The order within each sign is the order in which people suspect (common practice); the numbers are a model of it.
 */
// prettier-ignore
export const LIKELIHOOD: Readonly<Record<Sign, Partial<Record<Cause, number>>>> = {
  skipped: { 'needle-worn': 0.75, 'wrong-point': 0.65, 'thread-poor': 0.45, 'needle-inserted-wrong': 0.6, 'hook-timing': 0.9, pulled: 0.25, 'needle-too-small': 0.3, 'plate-slot-wide': 0.2, 'pressure-low': 0.2, 'rethread-needed': 0.15, burr: 0.15, 'hit-metal': 0.3, 'sole-sticks': 0.1, 'thread-too-thick': 0.15 },
  'pucker-away': { 'needle-too-big': 0.8, 'needle-worn': 0.6, 'wrong-point': 0.3, burr: 0.35, 'hit-metal': 0.2 },
  'pucker-line': { 'upper-tension-high': 0.75, 'thread-too-thick': 0.5, 'foot-drag': 0.35, 'stitch-too-long': 0.35, 'stitch-too-short': 0.35, 'needle-too-big': 0.15, 'bobbin-tension': 0.35, 'pressure-high': 0.2, 'bobbin-wound-badly': 0.2, 'bobbin-wrong-way': 0.15, 'unequal-cloths': 0.15, 'dial-off': 0.25, 'feed-lowered': 0.25, 'length-zero': 0.25 },
  wavy: { 'pressure-high': 0.8, pulled: 0.6, 'foot-drag': 0.4, 'stitch-too-short': 0.4, 'sole-sticks': 0.3, 'unequal-cloths': 0.15, 'dial-off': 0.25, 'feed-lowered': 0.3, 'length-zero': 0.3 },
  'uneven-layers': { 'foot-drag': 0.75, 'pressure-high': 0.45, 'lint-in-feed': 0.3, pulled: 0.25, 'stitch-too-long': 0.1, 'unequal-cloths': 0.75, 'sole-sticks': 0.45, 'layer-slipped': 0.08 },
  bowed: { 'foot-drag': 0.75, 'pressure-high': 0.25, 'lint-in-feed': 0.2, pulled: 0.2, 'same-end-sewn': 0.85, 'unequal-cloths': 0.6, 'pressed-hot': 0.45 },
  popped: { 'stitch-no-give': 0.9, 'thread-no-give': 0.55, 'stitch-too-long': 0.3, 'upper-tension-high': 0.3, 'thread-poor': 0.25, 'bobbin-tension': 0.15, 'thread-old': 0.5 },
  grinning: { 'upper-tension-low': 0.75, 'stitch-too-long': 0.25, 'bobbin-tension': 0.4, 'bobbin-wrong-way': 0.5, 'bobbin-wound-badly': 0.2, 'rethread-needed': 0.4 },
  tunnel: { 'upper-tension-high': 0.6, 'soft-hem': 0.65, 'bobbin-tension': 0.35, 'stitch-too-short': 0.2, 'gap-wide': 0.7 },
  chewed: { 'start-at-edge': 0.75, 'plate-slot-wide': 0.6, 'tails-loose': 0.4, 'needle-worn': 0.25, 'plate-worn': 0.6, 'pressure-low': 0.1 },
  nest: { 'rethread-needed': 0.85, 'lever-not-up': 0.6, 'tails-loose': 0.6, 'foot-up': 0.8, 'upper-tension-low': 0.12, 'bobbin-wrong-way': 0.15, 'feed-lowered': 0.3, 'length-zero': 0.3 },
  'loops-below': { 'rethread-needed': 0.65, 'upper-tension-low': 0.75, 'bobbin-tension': 0.45, 'thread-too-thick': 0.1, 'foot-up': 0.5, 'bobbin-wrong-way': 0.1 },
  'loops-above': { 'upper-tension-high': 0.8, 'rethread-needed': 0.12, 'bobbin-tension': 0.5, 'bobbin-wrong-way': 0.6, 'bobbin-wound-badly': 0.6 },
  holes: { 'needle-too-big': 0.65, 'wrong-point': 0.65, 'needle-worn': 0.5, 'stitch-too-short': 0.4, 'thread-too-thick': 0.15, 'thread-stronger-than-cloth': 0.45, burr: 0.3, 'hit-metal': 0.2, 'dial-off': 0.2 },
  perforated: { 'stitch-too-short': 0.9, 'needle-too-big': 0.4, 'wrong-point': 0.2, 'dial-off': 0.5, 'feed-lowered': 0.3, 'length-zero': 0.3 },
  'hump-stall': { 'hump-step': 0.9, 'needle-too-small': 0.2, 'pressure-high': 0.2 },
  'needle-broke': { 'hit-metal': 0.6, 'hump-step': 0.5, 'needle-too-small': 0.5, pulled: 0.4, 'needle-inserted-wrong': 0.3, 'needle-worn': 0.25 },
  shreds: { 'thread-too-thick': 0.6, 'needle-worn': 0.55, 'thread-poor': 0.5, 'needle-too-small': 0.3, 'upper-tension-high': 0.25, 'rethread-needed': 0.2, burr: 0.6, 'thread-old': 0.4, 'needle-inserted-wrong': 0.35, 'hook-timing': 0.3, 'hit-metal': 0.3 },
  'thread-broke': { 'rethread-needed': 0.45, 'upper-tension-high': 0.5, 'thread-poor': 0.45, 'needle-worn': 0.4, 'thread-too-thick': 0.35, 'needle-inserted-wrong': 0.3, 'thread-old': 0.75, burr: 0.5 },
  'uneven-length': { 'lint-in-feed': 0.6, 'pressure-low': 0.55, pulled: 0.5, 'foot-drag': 0.3, 'sole-sticks': 0.6, 'hump-step': 0.2, 'feed-lowered': 0.2, 'needle-worn': 0.15 },
  'no-feed': { 'lint-in-feed': 0.4, 'pressure-low': 0.5, 'foot-drag': 0.2, 'stitch-too-short': 0.05, 'feed-lowered': 0.92, 'length-zero': 0.9, 'foot-up': 0.4, 'sole-sticks': 0.4, 'dial-off': 0.1 },
  slippage: { 'stitch-too-long': 0.55, 'allowance-narrow': 0.7, 'upper-tension-high': 0.1, 'dial-off': 0.2 },
  marks: { 'pressure-high': 0.85, 'foot-drag': 0.15, 'sole-sticks': 0.2 },
  shine: { heat: 0.95 },
  'zip-bubble': { 'zip-gap': 0.85, pulled: 0.2, 'zip-stretched': 0.2 },
  'one-needle-missing': { 'rethread-needed': 0.6, 'needle-worn': 0.55, 'needle-inserted-wrong': 0.5, 'hook-timing': 0.3, 'gap-wide': 0.15 },
  wandering: { 'eyes-on-needle': 0.7, pulled: 0.35, 'foot-drag': 0.2, 'wrong-point': 0.15, 'needle-worn': 0.15, 'sole-sticks': 0.25, 'needle-too-small': 0.2, 'pressure-low': 0.15 },
  'hem-roped': { 'hem-skewed': 0.85, 'foot-drag': 0.5, pulled: 0.35, 'pressure-high': 0.3 },
  'band-gapes': { 'band-too-long': 0.85, 'pressure-high': 0.35, pulled: 0.35 },
  'band-puckers': { 'band-too-short': 0.85, 'upper-tension-high': 0.3, 'foot-drag': 0.2 },
  'zip-rippled': { 'zip-stretched': 0.85, 'foot-drag': 0.45, pulled: 0.35, 'pressure-high': 0.3 },
  'pleat-caught': { 'layer-slipped': 0.85, 'foot-drag': 0.35, 'eyes-on-needle': 0.2 },
};

/** How strongly "something else" shows as any sign (model). */
export const SOMETHING_ELSE = 0.12;
