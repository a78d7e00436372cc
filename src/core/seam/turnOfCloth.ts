/** How much of its thickness cloth keeps where it is folded and pressed (model). */
const FOLD_SQUASH = 0.9;

/**
 * Cloth used up by a fold: the length that goes round the turn and is missing from the flat parts.
 *
 * Model: a fold round n layers of thickness t is half a circle at the middle of the folding layer, π(n + 1)/2·t·squash; cloth
 * folded flat on itself, as in felled and French seams, takes π/2·t.
 * A hard press or a soft cloth takes less.
 *
 * @param thicknessMm - thickness of one layer, mm, 0 or more
 * @param layers - how many layers the fold goes round; 0 when the cloth is folded flat on itself
 * @returns mm
 * @example
 * turnOfClothMm(0.9, 0) // => 1.41
 * turnOfClothMm(0.5, 1) // => 1.41
 */
export function turnOfClothMm(thicknessMm: number, layers: number): number {
  return layers === 0 ? (Math.PI / 2) * thicknessMm : (Math.PI / 2) * (layers + 1) * thicknessMm * FOLD_SQUASH;
}
