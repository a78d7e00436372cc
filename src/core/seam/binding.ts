import { mm } from '../units';
import { type Cannot, cannot } from './cannot';
import { turnOfClothMm } from './turnOfCloth';

/** The back is cut this much deeper than the front, so that the pass from the front catches it (common practice). */
const BACK_DEEPER_MM = 2;
/** How many finished widths, folds and deeper backs each way of binding takes. */
const WAYS = { single: { widths: 4, folds: 2, backs: 1 }, double: { widths: 6, folds: 1, backs: 2 } } as const;

/**
 * How wide to cut a binding that shows `finishedMm` on both sides of an edge.
 *
 * Single: allowance, front, back and an allowance turned under, four finished widths. Double (French): folded in half
 * first, six. To that come the turn round the edge, the folds, and 2 mm so that the last pass catches the back.
 *
 * @param finishedMm - width to show on the front, mm, above 0
 * @param bindingMm - thickness of the binding cloth, mm
 * @param edgeMm - total thickness of the edge it goes round, mm
 * @param way - single or double
 * @returns mm to cut; blocked when its own turns use the binding up
 * @example
 * boundEdge(10, 0.2, 0.8, 'single') // => { cutMm: 43.99 }
 * 'blocked' in boundEdge(2, 1, 3, 'single') // => true
 */
export function boundEdge(
  finishedMm: number,
  bindingMm: number,
  edgeMm: number,
  way: keyof typeof WAYS,
): { cutMm: number } | Cannot {
  const { widths, folds, backs } = WAYS[way];
  const turns = edgeMm + turnOfClothMm(bindingMm, 1) + folds * turnOfClothMm(bindingMm, 0);
  if (turns > finishedMm) {
    const text = `A ${mm(finishedMm)} binding is used up by its own folds in this fabric: make it wider.`;
    return cannot('seam.binding-too-narrow', text, turns, finishedMm);
  }
  return { cutMm: widths * finishedMm + turns + backs * BACK_DEEPER_MM };
}
