import type { Point } from '../geometry';
import type { Blocked } from '../result';
import { ID1_CARD_MM } from '../units';
import { CARD_CORNERS } from './card/cards';
import { findCard } from './card/findCard';
import { tiltDeg } from './card/plausible';
import { confidenceOf } from './judge/confidence';
import { edgeWidthPx } from './judge/sharpness';
import { exposureOf } from './picture/exposure';
import { type Homography, homographyFrom, inverse, type Quad, taken } from './picture/homography';
import type { Pixels } from './picture/pixels';
import { type PhotoSeam, seamMeasures } from './photoSeam';
import { type ReadSeam, readSeam } from './readSeam';
import { refused, refusedBy } from './refusals';
import { followerOf } from './seam/follow';
import { groundOf } from './seam/ground';
import { type Seed, seedsOf } from './seam/seeds';

/** Where the scale of a picture comes from. */
export type PhotoScale =
  /** An ID-1 card lies in it. */
  | { from: 'card' }
  /** An ID-1 card, its corners shown by the person: pixels, round from the first end of a long side. */
  | { from: 'corners'; corners: Quad }
  /** Typed, or two taps on a ruler. */
  | { from: 'typed'; mmPerPx: number };

/** What is asked of a picture. */
export interface PhotoQuestion {
  scale: PhotoScale;
  /** What is sewn; null when that is to be found out. */
  kind: 'straight' | 'zigzag' | null;
  /** A line shown by the person, pixels; null to look for lines. */
  line: readonly Point[] | null;
  /** How many lines at most. */
  most: number;
}

/** A measured picture. */
export interface PhotoMeasured {
  seams: PhotoSeam[];
  /** Corners of the card, pixels; null without one. */
  card: Quad | null;
}

/** Told how far the work is, 0 … 1. */
export type Progress = (share: number) => void;

/** How many pieces of each width are followed at most. */
const SEEDS = [4, 3, 3];
/** And how many of these are read. */
const READS = 9;
/** Shorter is no seam, mm. */
const SHORTEST_MM = 12;
/** From this confidence on a seam is believed, and what lies on it is not read again. */
const BELIEVED = 0.5;
/** Of the strength of a seam that is believed: what is weaker is not read. */
const FAR_LESS = 0.3;
/** From this confidence and length on one line is enough, when one is asked for. */
const CLEAR = 0.85;
const LONG_MM = 50;
/** A seam so long is long enough, mm. */
const USUAL_MM = 40;
/** Below it a reading is not given out. */
const LEAST_CONFIDENCE = 0.25;
/** What a picture must have: `none` and `faint` are how far a line stands out, in what the fabric does by itself. */
const LIMITS = {
  sidePx: 120,
  bright: 28,
  spread: 1.2,
  burnt: 0.6,
  tiltDeg: 40,
  edgePx: 9,
  stitchPx: 4,
  stitches: 6,
  none: 3.2,
  faint: 4.5,
};

/**
 * Measures the stitching in a picture.
 *
 * Card → plane in mm → lines that stand out → each followed, straightened, and its stitches placed one by one (compare
 * `docs/photo.md`). Nothing random: the same picture gives the same numbers.
 *
 * Where it is wrong: a card lies 0.76 mm nearer the lens than the fabric, 0.25 % at 300 mm; lens distortion is
 * ignored; puckers are an estimate by the light.
 *
 * @param pixels - the picture, upright
 * @param question - scale, kind of stitch, a line if one is shown
 * @param progress - told how far it is
 * @returns the lines, the most confident first; or why the picture is refused, with what to do better
 */
export function measurePhoto(
  pixels: Pixels,
  question: PhotoQuestion,
  progress: Progress = () => {},
): PhotoMeasured | { blocked: Blocked[] } {
  const unfit = unfitPicture(pixels);
  if (unfit) return unfit;
  const scale = scaleOf(pixels, question.scale);
  if ('blocked' in scale) return scale;
  progress(0.3);
  const looked = question.line
    ? readLine(pixels, scale.mmToPx, question)
    : readLines(pixels, scale.mmToPx, scale.card !== null, question, progress);
  const { reads } = looked;
  progress(0.95);
  const sure = reads
    .map((read) => ({ read, confidence: confidenceOf(read) }))
    .filter(({ confidence }) => confidence >= LEAST_CONFIDENCE)
    .sort((a, b) => weightOf(b) - weightOf(a));
  if (sure.length === 0) return whyNot(pixels, looked, scale.mmToPx);
  const pxStitch = sure[0].read.pitchMm * sure[0].read.pxPerMm;
  if (pxStitch < LIMITS.stitchPx) return refusedBy('photo.stitches-too-small', pxStitch, LIMITS.stitchPx, 'px');
  const seams = apartFrom(sure.map(({ read, confidence }) => seamMeasures(read, confidence, scale.mmToPx, pixels)));
  return { seams: seams.slice(0, question.most), card: scale.card };
}

function unfitPicture(pixels: Pixels): { blocked: Blocked[] } | null {
  const side = Math.min(pixels.width, pixels.height);
  if (side < LIMITS.sidePx) return refusedBy('photo.picture-too-small', side, LIMITS.sidePx, 'px');
  const { bright, spread, burnt } = exposureOf(pixels);
  if (bright < LIMITS.bright) return refused('photo.light-dark');
  if (burnt > LIMITS.burnt) return refused('photo.light-burnt');
  return spread < LIMITS.spread ? refused('photo.picture-empty') : null;
}

type Scale = { mmToPx: Homography; card: Quad | null };

function scaleOf(pixels: Pixels, scale: PhotoScale): Scale | { blocked: Blocked[] } {
  if (scale.from === 'typed') {
    const perMm = 1 / scale.mmPerPx;
    return { mmToPx: [perMm, 0, 0, 0, perMm, 0, 0, 0, 1], card: null };
  }
  const corners = scale.from === 'corners' ? scale.corners : findCard(pixels);
  const mmToPx = corners && homographyFrom(CARD_CORNERS, corners);
  if (!corners || !mmToPx) return refused('photo.scale-missing');
  const lean = tiltDeg(corners, pixels.width, pixels.height);
  return lean > LIMITS.tiltDeg
    ? refusedBy('photo.picture-tilted', lean, LIMITS.tiltDeg, '°')
    : { mmToPx, card: corners };
}

/** What was found of lines: what was read, how far the clearest stands out, and how long the longest clear one is, mm. */
interface Looked {
  reads: ReadSeam[];
  standsOut: number;
  longMm: number;
}

/** The line that was shown, read as a thread and as narrow and wide bands. */
function readLine(pixels: Pixels, mmToPx: Homography, { line, kind }: PhotoQuestion): Looked {
  const pxToMm = inverse(mmToPx);
  const places = (line ?? []).map(({ x, y }) => taken(pxToMm, x, y));
  if (places.length < 2) return { reads: [], standsOut: 0, longMm: 0 };
  const reads = [0.5, 2.2, 5]
    .map((bandMm) => readSeam(pixels, mmToPx, places, bandMm, kind))
    .filter((read) => read !== null);
  // Where the person shows a line there is one.
  return { reads, standsOut: Infinity, longMm: Infinity };
}

function readLines(
  pixels: Pixels,
  mmToPx: Homography,
  withCard: boolean,
  { kind, most }: PhotoQuestion,
  progress: Progress,
): Looked {
  const covered = withCard ? { left: 0, top: 0, right: ID1_CARD_MM.width, bottom: ID1_CARD_MM.height } : null;
  const ground = groundOf(pixels, mmToPx, covered);
  progress(0.45);
  const seeds = seedsOf(ground, SEEDS);
  progress(0.6);
  const follow = followerOf(ground);
  const reads: ReadSeam[] = [];
  let left = READS;
  let [strongest, longMm] = [0, 0];
  for (const seed of seeds) {
    if (left === 0) break;
    if (reads.some((read) => confidenceOf(read) >= BELIEVED && liesOn(seed, read))) continue;
    // Once one is believed, what stands out far less than it is texture.
    if (seed.strength < FAR_LESS * strongest) continue;
    const places = follow(seed);
    const [first, last] = [places[0], places[places.length - 1]];
    const farMm = Math.hypot(last.x - first.x, last.y - first.y);
    if (seed.strength >= LIMITS.faint) longMm = Math.max(longMm, farMm);
    if (places.length < 4 || farMm < SHORTEST_MM) continue;
    left -= 1;
    const read = readSeam(pixels, mmToPx, places, seed.bandMm, kind);
    if (read) reads.push(read);
    const confidence = read ? confidenceOf(read) : 0;
    if (confidence >= BELIEVED) strongest = Math.max(strongest, seed.strength);
    // Asked for one line, a long clear one is enough.
    if (read && most === 1 && confidence >= CLEAR && seamLengthMm(read) >= LONG_MM) break;
    progress(0.6 + 0.35 * (1 - left / READS));
  }
  return { reads, standsOut: Math.max(0, ...seeds.map(({ strength }) => strength)), longMm };
}

/** Of two that are as sure the longer one: a piece of a seam reads as well as the whole. */
function weightOf({ read, confidence }: { read: ReadSeam; confidence: number }): number {
  return confidence * (1 - Math.exp(-seamLengthMm(read) / USUAL_MM));
}

const seamLengthMm = ({ penetrations }: ReadSeam): number =>
  penetrations[penetrations.length - 1].alongMm - penetrations[0].alongMm;

/** Whether a piece belongs to a seam already read. */
function liesOn(seed: Seed, { way, widthMm }: ReadSeam): boolean {
  return way.x.some((x, i) => Math.hypot(x - seed.x, way.y[i] - seed.y) < widthMm / 2 + 2);
}

/** Drops lines that were read twice: of two that run along each other the more confident one stays. */
function apartFrom(seams: readonly PhotoSeam[]): PhotoSeam[] {
  const kept: PhotoSeam[] = [];
  for (const seam of seams) {
    const middle = seam.penetrations[Math.floor(seam.penetrations.length / 2)];
    const twice = kept.some((one) => {
      const near = (one.widthMm / 2 + 2) / one.mmPerPx;
      return one.way.some(({ x, y }) => Math.hypot(x - middle.xPx, y - middle.yPx) < near);
    });
    if (!twice) kept.push(seam);
  }
  return kept;
}

/** What is wrong with a picture in which no stitches could be read: the first that is. */
function whyNot(pixels: Pixels, { standsOut, longMm, reads }: Looked, mmToPx: Homography): { blocked: Blocked[] } {
  const perMm = Math.sqrt(Math.abs(mmToPx[0] * mmToPx[4] - mmToPx[1] * mmToPx[3]));
  // A usual stitch of 2.5 mm on so few pixels is not told from the next.
  if (perMm * 2.5 < LIMITS.stitchPx) return refusedBy('photo.stitches-too-small', perMm * 2.5, LIMITS.stitchPx, 'px');
  if (standsOut < LIMITS.none) return refused('photo.seam-missing');
  if (standsOut < LIMITS.faint) return refused('photo.contrast-low');
  const edge = edgeWidthPx(pixels);
  // A line that stands out in a picture without a steep place is out of focus too.
  if (edge === null) return refused('photo.picture-blurred');
  if (edge > LIMITS.edgePx) return refusedBy('photo.picture-blurred', edge, LIMITS.edgePx, 'px');
  const stitches = Math.max(0, ...reads.map(({ slots }) => slots.stitches));
  if (longMm < SHORTEST_MM || (reads.length > 0 && stitches < LIMITS.stitches)) return refused('photo.seam-too-short');
  return refused('photo.stitch-not-read');
}
