import { quantileOf } from '../picture/quantile';
import type { Point } from '../../geometry';
import { boxMeans } from '../picture/blur';

import type { ThreadMap } from './thread';
import { placeOn, type Way, wayThrough } from './way';

/** How far off the way the seam is looked for, mm. */
const OFF_MM = 1.4;
/** One place to each so much of the way, mm. */
const EVERY_MM = 1;
/** The longest repeat of a zigzag, half of it, mm. */
const SWING_MM = 3;
/** Share of the usual thread below which there is none: the way is not led by fabric. */
const SEEN = 0.4;
/** What it costs to go aside, by mm aside to the mm along. */
const STIFF = 4;

/**
 * The way moved to the middle of the stitching.
 *
 * Dynamic programming across columns: where thread is most, less what going aside costs; then smoothed over more than
 * a stitch, so that a narrow zigzag is not followed itself.
 *
 * @param map - thread along the way so far
 * @param way - the way so far
 * @param bandMm - about how wide the stitching is
 * @param beyondMm - how much further than thread is seen it goes, straight on, at each end
 */
export function centred(map: ThreadMap, way: Way, bandMm: number, beyondMm: number): Way {
  const { width, height, pxPerMm, values } = map;
  // Over a whole repeat of a zigzag, or its swing would be followed.
  const along = Math.max(1, Math.round((bandMm > 1 ? SWING_MM : EVERY_MM / 2) * pxPerMm));
  const held = values.map((value) => Math.max(-0.5, Math.min(1.5, value)));
  const soft = boxMeans(held, width, height, along, Math.max(0, Math.round((bandMm * pxPerMm - 1) / 2)));
  const half = (height - 1) / 2;
  const reach = Math.min(half, Math.round(OFF_MM * pxPerMm));
  const columns = Math.max(4, Math.floor(width / pxPerMm / EVERY_MM));
  const offs = 2 * reach + 1;
  const columnAt = (c: number) => Math.min(width - 1, Math.round((c + 0.5) * EVERY_MM * pxPerMm));
  const best = new Float64Array(columns * offs);
  const from = new Int16Array(columns * offs);
  const step = Math.max(1, Math.round(0.4 * EVERY_MM * pxPerMm));
  for (let c = 0; c < columns; c += 1) {
    const i = columnAt(c);
    for (let o = 0; o < offs; o += 1) {
      const own = soft[(half - reach + o) * width + i];
      let top = c === 0 ? 0 : -Infinity;
      for (let d = -step; c > 0 && d <= step; d += 1) {
        const p = o + d;
        if (p < 0 || p >= offs) continue;
        const value = best[(c - 1) * offs + p] - STIFF * (d / pxPerMm / EVERY_MM) ** 2;
        if (value > top) {
          top = value;
          from[c * offs + o] = p;
        }
      }
      best[c * offs + o] = top + own;
    }
  }
  let o = 0;
  for (let k = 0; k < offs; k += 1) if (best[(columns - 1) * offs + k] > best[(columns - 1) * offs + o]) o = k;
  const chosen = new Array<number>(columns);
  for (let c = columns - 1; c >= 0; c -= 1) {
    chosen[c] = o;
    if (c > 0) o = from[c * offs + o];
  }
  const thread = chosen.map((off, c) => soft[(half - reach + off) * width + columnAt(c)]);
  const least = SEEN * quantileOf(thread, 0.6);
  const first = thread.findIndex((value) => value >= least);
  const last = thread.findLastIndex((value) => value >= least);
  const places: Point[] = [];
  for (let c = first; c <= last; c += 1)
    if (thread[c] >= least) places.push(placeOn(way, (c + 0.5) * EVERY_MM, (chosen[c] - reach) / pxPerMm));
  if (places.length < 4) return way;
  return wayThrough(places, bandMm > 1 ? 18 : 10, beyondMm);
}
