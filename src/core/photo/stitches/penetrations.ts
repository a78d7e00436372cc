import type { Signal } from './signal';

/** How far one stitch may be off the usual length, as a share: twice this is not looked at. */
const LOOSE = 0.42;
/** Spread of one stitch's length that is usual, as a share. */
const USUAL = 0.12;

/**
 * Where the needle went in: places of high score at about even distances.
 *
 * Dynamic programming over columns: the sum of the scores less what the distances are off the pitch. Where the score
 * says nothing, as over missing stitches, the pitch is carried on.
 *
 * @param scores - one for each row in turn: a straight stitch has one, a zigzag two
 * @param pitch - columns
 * @param pull - what a stitch one usual spread off costs, in scores
 * @returns columns, ascending; each with the row it belongs to
 */
export function penetrationsIn(scores: readonly Signal[], pitch: number, pull: number): { at: number; row: number }[] {
  const length = scores[0].length;
  const rows = scores.length;
  const best = scores.map(() => new Float64Array(length));
  const before = scores.map(() => new Int32Array(length).fill(-1));
  const least = Math.max(1, Math.round(pitch * (1 - LOOSE)));
  const most = Math.max(least + 1, Math.round(pitch * (1 + LOOSE)));
  const cost = new Float64Array(most + 1);
  for (let d = least; d <= most; d += 1) cost[d] = pull * ((d / pitch - 1) / USUAL) ** 2;
  for (let i = 0; i < length; i += 1)
    for (let row = 0; row < rows; row += 1) {
      const from = (row + rows - 1) % rows;
      // A seam may begin anywhere in its first pitch and a half.
      let top = i < pitch * 1.5 ? 0 : -Infinity;
      let prior = -1;
      for (let d = least; d <= most && d <= i; d += 1) {
        const value = best[from][i - d] - cost[d];
        if (value > top) {
          top = value;
          prior = i - d;
        }
      }
      best[row][i] = top + scores[row][i];
      before[row][i] = prior;
    }
  let [at, row] = [length - 1, 0];
  let top = -Infinity;
  for (let i = Math.max(0, Math.floor(length - pitch * 1.5)); i < length; i += 1)
    for (let r = 0; r < rows; r += 1)
      if (best[r][i] > top) {
        top = best[r][i];
        [at, row] = [i, r];
      }
  const found: { at: number; row: number }[] = [];
  while (at >= 0) {
    found.push({ at, row });
    at = before[row][at];
    row = (row + rows - 1) % rows;
  }
  return found.reverse();
}
