import type { Sign } from '../stitch';
import { CAUSE, type Cause } from './causes';

/**
 * How strongly a cause shows as a sign: the probability that a line with this cause alone shows it.
 *
 * The order within each sign is the order in which people suspect (common practice); the numbers are a model of it.
 */
// prettier-ignore
export const LIKELIHOOD: Readonly<Record<Sign, Partial<Record<Cause, number>>>> = {
  skipped: { 'needle-worn': 0.75, 'wrong-point': 0.65, 'thread-poor': 0.45, 'needle-inserted-wrong': 0.6, 'hook-timing': 0.9, pulled: 0.25, 'needle-too-small': 0.3, 'plate-slot-wide': 0.2, 'pressure-low': 0.2, 'rethread-needed': 0.15 },
  'pucker-away': { 'needle-too-big': 0.8, 'needle-worn': 0.6, 'wrong-point': 0.3 },
  'pucker-line': { 'upper-tension-high': 0.75, 'thread-too-thick': 0.5, 'foot-drag': 0.35, 'stitch-too-long': 0.35, 'stitch-too-short': 0.35, 'needle-too-big': 0.15, 'bobbin-tension': 0.35, 'pressure-high': 0.2 },
  wavy: { 'pressure-high': 0.8, pulled: 0.6, 'foot-drag': 0.4, 'stitch-too-short': 0.4 },
  'uneven-layers': { 'foot-drag': 0.75, 'pressure-high': 0.45, 'lint-in-feed': 0.3, pulled: 0.25, 'stitch-too-long': 0.1 },
  bowed: { 'foot-drag': 0.75, 'pressure-high': 0.4, 'lint-in-feed': 0.35, pulled: 0.2 },
  popped: { 'stitch-no-give': 0.9, 'thread-no-give': 0.55, 'stitch-too-long': 0.3, 'upper-tension-high': 0.3, 'thread-poor': 0.25, 'bobbin-tension': 0.15 },
  grinning: { 'upper-tension-low': 0.75, 'stitch-too-long': 0.25, 'bobbin-tension': 0.25 },
  tunnel: { 'upper-tension-high': 0.6, 'soft-hem': 0.65, 'bobbin-tension': 0.35, 'stitch-too-short': 0.2 },
  chewed: { 'start-at-edge': 0.75, 'plate-slot-wide': 0.6, 'tails-loose': 0.4, 'needle-worn': 0.25 },
  nest: { 'rethread-needed': 0.85, 'lever-not-up': 0.6, 'tails-loose': 0.6 },
  'loops-below': { 'rethread-needed': 0.65, 'upper-tension-low': 0.75, 'bobbin-tension': 0.15, 'thread-too-thick': 0.1 },
  'loops-above': { 'upper-tension-high': 0.8, 'rethread-needed': 0.35, 'bobbin-tension': 0.4 },
  holes: { 'needle-too-big': 0.65, 'wrong-point': 0.65, 'needle-worn': 0.5, 'stitch-too-short': 0.4, 'thread-too-thick': 0.15 },
  perforated: { 'stitch-too-short': 0.9, 'needle-too-big': 0.4, 'wrong-point': 0.2 },
  'hump-stall': { 'hump-step': 0.9, 'needle-too-small': 0.2, 'pressure-high': 0.2 },
  'needle-broke': { 'hit-metal': 0.6, 'hump-step': 0.5, 'needle-too-small': 0.5, pulled: 0.4, 'needle-inserted-wrong': 0.3 },
  shreds: { 'thread-too-thick': 0.6, 'needle-worn': 0.55, 'thread-poor': 0.5, 'needle-too-small': 0.3, 'upper-tension-high': 0.25, 'rethread-needed': 0.2 },
  'thread-broke': { 'rethread-needed': 0.45, 'upper-tension-high': 0.5, 'thread-poor': 0.45, 'needle-worn': 0.4, 'thread-too-thick': 0.35, 'needle-inserted-wrong': 0.3 },
  'uneven-length': { 'lint-in-feed': 0.6, 'pressure-low': 0.55, pulled: 0.5, 'foot-drag': 0.3 },
  'no-feed': { 'lint-in-feed': 0.6, 'pressure-low': 0.6, 'foot-drag': 0.4, 'stitch-too-short': 0.3 },
  slippage: { 'stitch-too-long': 0.55, 'allowance-narrow': 0.7, 'upper-tension-high': 0.1 },
  marks: { 'pressure-high': 0.85, 'foot-drag': 0.3 },
  shine: { heat: 0.95 },
  'zip-bubble': { 'zip-gap': 0.85, pulled: 0.2 },
  'one-needle-missing': { 'rethread-needed': 0.6, 'needle-worn': 0.55, 'needle-inserted-wrong': 0.5, 'hook-timing': 0.3 },
  wandering: { 'eyes-on-needle': 0.7, pulled: 0.35, 'foot-drag': 0.2, 'wrong-point': 0.2 },
};

/** What shows a sign although nothing on the list is wrong, and how strongly "something else" shows as any sign. */
export const LEAK = 0.04;
export const SOMETHING_ELSE = 0.25;

/** As many as a person tries before they ask. */
const FIRST = 3;

/**
 * What people suspect first when they see a sign, whatever the cloth: what shows so and is often the one.
 *
 * @param sign - the sign
 * @returns up to three causes in words, the strongest first
 * @example
 * suspectsOf('shine') // => ['the iron was too hot or too bare']
 */
export function suspectsOf(sign: Sign): string[] {
  const strength = LIKELIHOOD[sign];
  return (Object.keys(strength) as Cause[])
    .sort((a, b) => strength[b]! * CAUSE[b].prior - strength[a]! * CAUSE[a].prior)
    .slice(0, FIRST)
    .map((cause) => CAUSE[cause].text);
}
