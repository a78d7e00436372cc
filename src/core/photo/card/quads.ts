import type { Point } from '../../geometry';
import { homographyFrom, type Quad, taken } from '../picture/homography';
import { CARD, CARD_CORNERS } from './cards';
import type { Edges } from './edges';
import { offFromCard } from './plausible';
import type { Straight } from './straights';

/** Four lines that may be the sides of a card. */
export interface CardGuess {
  corners: Quad;
  /** 0 … about 2: support of its sides, less what does not fit a card. */
  score: number;
  /** Share of its weakest side that lies on an edge. */
  weakestSide: number;
}

const RATIO = CARD.widthMm / CARD.heightMm;
/** How much the ratio of the sides may seem to differ, leaning to 35°. */
const LEAN = 1.3;
/** Opposite sides may converge by so much, radians. */
const CONVERGE = 0.42;
/** Shortest side, as a share of the picture's longer one. */
const SMALLEST = 0.09;
const SAMPLES = 26;

/**
 * Quadrilaterals out of straight lines that look like a card, the likeliest first.
 *
 * @param lines - of the picture
 * @param edges - of the picture
 * @returns guesses whose four sides lie on edges
 */
export function cardGuesses(lines: readonly Straight[], edges: Edges): CardGuess[] {
  const pairs = lines.flatMap((a, i) => lines.slice(i + 1).flatMap((b) => (parallel(a, b) ? [[a, b] as const] : [])));
  const guesses: CardGuess[] = [];
  pairs.forEach(([a, b], i) => {
    for (const [c, d] of pairs.slice(i + 1)) {
      const corners = cornersOf(a, c, b, d, edges);
      if (!corners) continue;
      const sides = supports(corners, edges);
      if (!sides) continue;
      const off = offFromCard(corners, edges.width, edges.height);
      if (off > 0.16) continue;
      const weakestSide = Math.min(...sides);
      const mean = sides.reduce((sum, side) => sum + side, 0) / 4;
      const rounded = roundness(corners, edges);
      guesses.push({ corners, weakestSide, score: mean + 0.6 * weakestSide - 2.5 * off + 0.35 * rounded });
    }
  });
  return guesses.sort((x, y) => y.score - x.score).slice(0, 12);
}

/** Half turns do not matter between lines. */
function between(a: number, b: number): number {
  const off = Math.abs(a - b) % Math.PI;
  return Math.min(off, Math.PI - off);
}

const parallel = (a: Straight, b: Straight): boolean => between(a.angleRad, b.angleRad) < CONVERGE;

export const sidesOf = (q: Quad): [Point, Point][] => q.map((corner, i) => [corner, q[(i + 1) % 4]]);

function crossing(a: Straight, b: Straight): Point | null {
  const [ca, sa, cb, sb] = [Math.cos(a.angleRad), Math.sin(a.angleRad), Math.cos(b.angleRad), Math.sin(b.angleRad)];
  const det = ca * sb - sa * cb;
  if (Math.abs(det) < 0.3) return null;
  return { x: (a.off * sb - b.off * sa) / det, y: (b.off * ca - a.off * cb) / det };
}

/** The corners where the sides meet, a long side first, round one way; null where it cannot be a card in the picture. */
function cornersOf(a: Straight, c: Straight, b: Straight, d: Straight, { width, height }: Edges): Quad | null {
  const places = [crossing(a, c), crossing(c, b), crossing(b, d), crossing(d, a)];
  if (places.some((p) => !p || p.x < -2 || p.y < -2 || p.x > width + 1 || p.y > height + 1)) return null;
  const [p, q, r, s] = places as Point[];
  const one = (far(p, q) + far(r, s)) / 2;
  const other = (far(q, r) + far(s, p)) / 2;
  if (Math.min(one, other) < SMALLEST * Math.max(width, height)) return null;
  const ratio = Math.max(one, other) / Math.min(one, other);
  if (ratio < RATIO / LEAN || ratio > RATIO * LEAN) return null;
  const round: Quad = one >= other ? [p, q, r, s] : [q, r, s, p];
  const area = doubleArea(round);
  // Seen from above a card is never mirrored: always the same way round.
  return area > 0 ? round : [round[1], round[0], round[3], round[2]];
}

const far = (p: Point, q: Point): number => Math.sqrt((p.x - q.x) ** 2 + (p.y - q.y) ** 2);

const doubleArea = (q: Quad): number => sidesOf(q).reduce((sum, [a, b]) => sum + a.x * b.y - b.x * a.y, 0);

/** What of each side lies on an edge; null as soon as one does not. */
function supports(corners: Quad, edges: Edges): number[] | null {
  const held: number[] = [];
  for (const [p, q] of sidesOf(corners)) {
    const side = support(p, q, edges);
    if (side < 0.45) return null;
    held.push(side);
  }
  return held;
}

/** Share of a side, its rounded ends left out, that lies on an edge going its way. */
function support(p: Point, q: Point, { width, height, strength, across }: Edges): number {
  const way = Math.atan2(q.y - p.y, q.x - p.x) + Math.PI / 2;
  const normal = ((way % Math.PI) + Math.PI) % Math.PI;
  const [nx, ny] = [Math.cos(normal), Math.sin(normal)];
  let held = 0;
  for (let k = 0; k < SAMPLES; k += 1) {
    // Not half of what is left can make up for it any more.
    if (held + SAMPLES - k < 0.45 * SAMPLES) return 0;
    const t = 0.08 + (0.84 * (k + 0.5)) / SAMPLES;
    for (let off = -2; off <= 2; off += 1) {
      const x = Math.round(p.x + t * (q.x - p.x) + off * nx);
      const y = Math.round(p.y + t * (q.y - p.y) + off * ny);
      if (x < 0 || y < 0 || x >= width || y >= height) continue;
      const at = y * width + x;
      if (strength[at] > 0 && between(across[at], normal) < 0.3) {
        held += 1;
        break;
      }
    }
  }
  return held / SAMPLES;
}

/**
 * Whether the corners are those of a card: the edge runs past the corner at the distance of a rounded one, 1.3 mm, and
 * not through it. 1 for all four, 0 for none.
 */
function roundness(corners: Quad, { width, height, slope }: Edges): number {
  const h = homographyFrom(CARD_CORNERS, corners);
  if (!h) return 0;
  const { widthMm: w, heightMm: t } = CARD;
  const round = [
    [0, 0, 1, 1],
    [w, 0, -1, 1],
    [w, t, -1, -1],
    [0, t, 1, -1],
  ].filter(([x, y, dx, dy]) => {
    let best = { steep: 0, in: -1 };
    for (let mm = -0.9; mm <= 2.6; mm += 0.15) {
      const at = taken(h, x + dx * mm, y + dy * mm);
      const [i, j] = [Math.round(at.x), Math.round(at.y)];
      if (i < 0 || j < 0 || i >= width || j >= height) continue;
      if (slope[j * width + i] > best.steep) best = { steep: slope[j * width + i], in: mm };
    }
    return best.in > 0.4 && best.in < 1.7;
  });
  return round.length / 4;
}
