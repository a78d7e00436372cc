import type { Hazard } from './risk';
import type { SeamContext } from './seamContext';

/** Two fabrics whose stretch differs by no more than this are alike in it, percent (model). */
export const ALIKE_STRETCH = 5;

/**
 * What goes wrong in a seam of two different cloths: of each risk the one of the cloth that suffers more.
 *
 * @param seam - the seam
 * @param risksOf - the risks of one cloth, always the same list in the same order
 * @returns the risks of the one cloth, or the worse of both, one by one
 */
export function worseOf(seam: SeamContext, risksOf: (one: SeamContext) => Hazard[]): Hazard[] {
  if (seam.each.length === 0) return risksOf(seam);
  const [first, second] = seam.each.map(risksOf);
  return first.map((hazard, at) => (second[at].level > hazard.level ? second[at] : hazard));
}
