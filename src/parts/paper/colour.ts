/** Red, green and blue, each 0 to 1. */
export type ColourParts = [red: number, green: number, blue: number];

/** Whether a colour covers anything: not where it lets everything through. */
export const isSeen = (said: string): boolean => said !== 'transparent' && !/^rgba\(.*, ?0\)$|\/ ?0\)$/.test(said);

/**
 * The parts of a colour as a style sheet works it out: `rgb(35, 31, 44)`, `rgba(0, 0, 0, 0.5)`, `color(srgb 0.1 0.2 0.3)`.
 *
 * How much it lets through is left out: paper has nothing behind it. What is no colour is black, so that it is seen.
 */
export function colourParts(said: string): ColourParts {
  const [kind] = said.split('(');
  const parts = (said.match(/-?\d+(?:\.\d+)?(?:e-?\d+)?/g) ?? []).slice(0, 3).map(Number);
  if (parts.length < 3) return [0, 0, 0];
  const most = kind === 'color' ? 1 : 255;
  return parts.map((part) => Math.min(1, Math.max(0, part / most))) as ColourParts;
}
