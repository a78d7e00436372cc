import type { Point } from '../geometry';
import { straightnessMm } from './judge/straightness';
import { puckerGrade } from './judge/pucker';
import { type Homography, scaleAt, taken } from './picture/homography';
import type { Pixels } from './picture/pixels';
import type { ReadSeam } from './readSeam';
import { stripAlong } from './seam/strip';
import { placeOn } from './seam/way';

/** A penetration as seen in the picture. */
export interface SeenPenetration {
  xPx: number;
  yPx: number;
  /** False where the needle should have left a stitch and has not. */
  seen: boolean;
}

/** What a picture says of one line of stitching. */
export interface PhotoSeam {
  kind: 'straight' | 'zigzag';
  /** Feed per needle penetration, mm: half a repeat of a zigzag. */
  pitchMm: number;
  /** Standard deviation of one stitch, mm. */
  pitchSpreadMm: number;
  /** Stitches: penetrations seen less 1. */
  count: number;
  skipped: number;
  /** 0 for a straight stitch. */
  widthMm: number;
  /** Largest distance from the best straight line or smooth curve, mm. */
  straightnessMm: number;
  /** Of the seam in the picture, degrees, −90 … 90, positive where it rises to the right. */
  angleDeg: number;
  /** Of the seam that was seen, mm. */
  lengthMm: number;
  /** 5 smoothest … 1, an estimate; null where too little fabric lies beside the seam. */
  puckerGrade: number | null;
  confidence: number;
  mmPerPx: number;
  /** From the left of the picture to the right: which end was sewn first a picture does not say. */
  penetrations: SeenPenetration[];
  /** The middle of the seam, pixels. */
  way: Point[];
}

/** Fabric looked at beside a seam for puckers, mm. */
const BESIDE_MM = 7;

/** What is said of a seam that was read. */
export function seamMeasures(read: ReadSeam, confidence: number, mmToPx: Homography, pixels: Pixels): PhotoSeam {
  const { way, penetrations } = read;
  const first = penetrations[0].alongMm;
  const last = penetrations[penetrations.length - 1].alongMm;
  const middle = placeOn(way, (first + last) / 2, 0);
  const along: Point[] = [];
  for (let s = first; s < last; s += 1) along.push(placeOn(way, s, 0));
  along.push(placeOn(way, last, 0));
  const px = along.map(({ x, y }) => taken(mmToPx, x, y));
  // From the left of the picture, whichever way the card lies; a vertical seam from below.
  const across = px[px.length - 1].x - px[0].x;
  const turned = Math.abs(across) > 1e-6 ? across < 0 : px[0].y < px[px.length - 1].y;
  const [from, to] = turned ? [px[px.length - 1], px[0]] : [px[0], px[px.length - 1]];
  const seen = penetrations.map(({ alongMm, acrossMm, seen: is }) => {
    const at = placeOn(way, alongMm, acrossMm);
    const { x, y } = taken(mmToPx, at.x, at.y);
    return { xPx: x, yPx: y, seen: is };
  });
  const beside = stripAlong(pixels, mmToPx, way, read.widthMm / 2 + BESIDE_MM, 2.5);
  return {
    kind: read.kind,
    pitchMm: read.pitchMm,
    pitchSpreadMm: read.pitchSpreadMm,
    count: read.slots.stitches,
    skipped: read.slots.skipped,
    widthMm: read.widthMm,
    straightnessMm: straightnessMm(along),
    angleDeg: (Math.atan2(from.y - to.y, to.x - from.x) * 180) / Math.PI,
    lengthMm: last - first,
    puckerGrade: puckerGrade(beside, read.widthMm),
    confidence,
    mmPerPx: 1 / scaleAt(mmToPx, middle.x, middle.y),
    penetrations: turned ? seen.reverse() : seen,
    way: turned ? px.reverse() : px,
  };
}
