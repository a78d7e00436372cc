import type { Point } from '../geometry';
import { type Homography, scaleAt } from './picture/homography';
import type { Pixels } from './picture/pixels';
import { centred } from './seam/centre';
import { stripAlong } from './seam/strip';
import { type ThreadMap, threadMap } from './seam/thread';
import { aside, placeOn, type Way, wayThrough } from './seam/way';
import { type ReadStitches, straightStitches } from './stitches/straight';
import { edgesOf, zigzagStitches } from './stitches/zigzag';

/** A seam with its stitches, as read along one way. */
export interface ReadSeam extends ReadStitches {
  way: Way;
  map: ThreadMap;
  /** Pixels of the picture to the mm, where the seam lies. */
  pxPerMm: number;
}

/** Pixels of a strip to the mm at most: more only takes time. */
const MOST_PX_PER_MM = 11;
/** The strip goes on so far beyond what was seen of the seam, mm. */
const BEYOND_MM = 14;
const ROUNDS = 4;
/** A pitch that changes by less is found. */
const SETTLED = 0.003;
/** Fabric beside the stitching, to both sides, mm. */
const BESIDE_MM = 2.6;

/**
 * Reads the stitches along a way.
 *
 * @param pixels - the picture
 * @param mmToPx - from the plane to pixels
 * @param places - the way, mm in the plane
 * @param bandMm - about how wide the stitching is
 * @param kind - what is sewn; null when that is to be found out
 * @returns the seam; null where no stitches are found along the way
 */
export function readSeam(
  pixels: Pixels,
  mmToPx: Homography,
  places: readonly Point[],
  bandMm: number,
  kind: 'straight' | 'zigzag' | null,
): ReadSeam | null {
  const middle = places[Math.floor(places.length / 2)];
  const sharp = scaleAt(mmToPx, middle.x, middle.y);
  const coarse = Math.min(8, Math.max(4, sharp));
  const fine = Math.min(MOST_PX_PER_MM, Math.max(5, sharp * 1.1));
  let way = wayThrough(places, 9, BEYOND_MM);
  let wide = bandMm;
  for (let round = 0; round < 2; round += 1) {
    const map = threadMap(stripAlong(pixels, mmToPx, way, wide / 2 + BESIDE_MM + 1, coarse), wide);
    if (map.contrast < FAINTEST) return null;
    const edges = edgesOf(map);
    const seen = edges ? edges.high - edges.low : 0;
    // As wide as it is seen to be, once it is seen as more than a thread.
    if (edges && bandMm > 1 && seen > 0.8 && seen < 12) {
      wide = seen;
      way = aside(way, (edges.low + edges.high) / 2);
    }
    way = centred(map, way, wide, BEYOND_MM);
  }
  let read = readAlong(pixels, mmToPx, way, wide, fine, kind);
  // The corners of a zigzag tell its middle better than its thread does: again along them, until no more are found.
  for (let round = 0; round < ROUNDS && read?.kind === 'zigzag'; round += 1) {
    const middles = middlesOf(read);
    if (middles.length < 4) break;
    const straighter = wayThrough(middles, 14, BEYOND_MM);
    const again: ReadAlong | null = readAlong(pixels, mmToPx, straighter, read.widthMm + 0.4, fine, 'zigzag');
    if (!again || again.fit * again.slots.clear < 0.85 * read.fit * read.slots.clear) break;
    const more = again.slots.stitches - read.slots.stitches;
    const settled = more <= 0 && Math.abs(again.pitchMm / read.pitchMm - 1) < SETTLED;
    read = again;
    if (settled) break;
  }
  return read && { ...read, pxPerMm: sharp };
}

type ReadAlong = Omit<ReadSeam, 'pxPerMm'>;

function readAlong(
  pixels: Pixels,
  mmToPx: Homography,
  way: Way,
  wide: number,
  fine: number,
  kind: 'straight' | 'zigzag' | null,
): ReadAlong | null {
  const map = threadMap(stripAlong(pixels, mmToPx, way, wide / 2 + BESIDE_MM, fine), wide);
  if (map.contrast < FAINTEST) return null;
  const reads = [
    kind === 'zigzag' ? null : straightStitches(map),
    kind === 'straight' ? null : zigzagStitches(map),
  ].filter((read) => read !== null);
  if (reads.length === 0) return null;
  const best = reads.reduce((a, b) => (b.fit * b.slots.clear > a.fit * a.slots.clear ? b : a));
  // From side to side a zigzag is a straight line too, of the same pitch: it is a zigzag once that is clear.
  const zigzag = reads.find((read) => read.kind === 'zigzag' && read.fit >= 0.75 && read.slots.clear >= 0.5);
  return { ...(zigzag ?? best), way, map };
}

/** Between each two corners that are well placed, mm in the plane. */
function middlesOf({ penetrations, way, slots }: ReadAlong): Point[] {
  const at = new Map(slots.kept.map(({ index }, i) => [index, penetrations[i]]));
  return slots.even.flatMap(([a, b]) => {
    const one = at.get(a);
    const two = at.get(b);
    if (!one || !two) return [];
    const p = placeOn(way, one.alongMm, one.acrossMm);
    const q = placeOn(way, two.alongMm, two.acrossMm);
    return [{ x: (p.x + q.x) / 2, y: (p.y + q.y) / 2 }];
  });
}

/** Less than this, in spreads of the fabric, is fabric. */
const FAINTEST = 1.1;
