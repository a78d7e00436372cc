import { ID1_CARD_MM } from '../../units';
import type { Point } from '../../geometry';
import { homographyFrom, type Quad, taken } from '../picture/homography';
import { CARD_CORNERS } from './cards';
import type { Edges } from './edges';
import { offFromCard } from './plausible';
import type { Straight } from './straights';

/** Four lines that may be the sides of a card. */
export interface CardGuess {
  corners: Quad;
  /** 0 … about 2: support of its sides, less what does not fit a card. */
  score: number;
}

const RATIO = ID1_CARD_MM.width / ID1_CARD_MM.height;
/** How much the ratio of the sides may seem to differ, leaning to 35°. */
const LEAN = 1.3;
/** Opposite sides may converge by so much, radians. */
const CONVERGE = 0.42;
/** Shortest side, as a share of the picture's longer one. */
const SMALLEST = 0.09;
/** Less of a side than this on an edge, and it is none. */
const LEAST_SIDE = 0.45;

/**
 * Quadrilaterals out of straight lines that look like a card, the likeliest first.
 *
 * @param lines - of the picture
 * @param edges - of the picture
 * @returns guesses whose four sides lie on edges
 */
export function cardGuesses(lines: readonly Straight[], edges: Edges): CardGuess[] {
  const held = lines.map((line) => heldAlong(line, edges));
  const pairs = held.flatMap((a, i) =>
    held.slice(i + 1).flatMap((b) => (parallel(a.line, b.line) ? [[a, b] as const] : [])),
  );
  const guesses: CardGuess[] = [];
  pairs.forEach(([a, b], i) => {
    for (const [c, d] of pairs.slice(i + 1)) {
      if (parallel(a.line, c.line)) continue;
      const guess = guessFrom([a, c, b, d], edges);
      if (guess) guesses.push(guess);
    }
  });
  return guesses.sort((x, y) => y.score - x.score).slice(0, 12);
}

/** Four lines in turn round a card; null where they are none. */
function guessFrom(sides: readonly [Held, Held, Held, Held], edges: Edges): CardGuess | null {
  const places = cornersIn(sides, edges);
  if (!places) return null;
  // The first corner lies between the first and the second line: each line runs from the corner before to it.
  const shares: number[] = [];
  for (let k = 0; k < 4; k += 1) {
    const share = support(places[(k + 3) % 4], places[k], sides[k]);
    if (share < LEAST_SIDE) return null;
    shares.push(share);
  }
  const corners = roundFrom(places);
  if (!corners) return null;
  const off = offFromCard(corners, edges.width, edges.height);
  if (off > 0.16) return null;
  const weakestSide = Math.min(...shares);
  const mean = shares.reduce((sum, share) => sum + share, 0) / 4;
  const score = mean + 0.6 * weakestSide - 2.5 * off + 0.35 * roundness(corners, edges);
  return { corners, score };
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

/** Where each line meets the next; null where that is not in the picture. */
function cornersIn(sides: readonly Held[], { width, height }: Edges): Point[] | null {
  const places: Point[] = [];
  for (let k = 0; k < 4; k += 1) {
    const p = crossing(sides[k].line, sides[(k + 1) % 4].line);
    if (!p || p.x < -2 || p.y < -2 || p.x > width + 1 || p.y > height + 1) return null;
    places.push(p);
  }
  const shortest = SMALLEST * Math.max(width, height);
  return places.every((p, k) => far(p, places[(k + 1) % 4]) >= shortest) ? places : null;
}

/** The corners from a long side on, round one way; null where the sides are not those of a card. */
function roundFrom([p, q, r, s]: readonly Point[]): Quad | null {
  const one = (far(p, q) + far(r, s)) / 2;
  const other = (far(q, r) + far(s, p)) / 2;
  const ratio = Math.max(one, other) / Math.min(one, other);
  if (ratio < RATIO / LEAN || ratio > RATIO * LEAN) return null;
  const round: Quad = one >= other ? [p, q, r, s] : [q, r, s, p];
  const area = doubleArea(round);
  // Seen from above a card is never mirrored: always the same way round.
  return area > 0 ? round : [round[1], round[0], round[3], round[2]];
}

const far = (p: Point, q: Point): number => Math.sqrt((p.x - q.x) ** 2 + (p.y - q.y) ** 2);

const doubleArea = (q: Quad): number => sidesOf(q).reduce((sum, [a, b]) => sum + a.x * b.y - b.x * a.y, 0);

/** Where along a line edges go its way: running counts from one end of the picture to the other, a pixel each. */
interface Held {
  line: Straight;
  counts: Int32Array;
  from: number;
}

function heldAlong(line: Straight, { width, height, strength, across }: Edges): Held {
  const reach = Math.ceil(Math.sqrt(width * width + height * height));
  const [nx, ny] = [Math.cos(line.angleRad), Math.sin(line.angleRad)];
  const counts = new Int32Array(2 * reach + 2);
  for (let s = -reach; s <= reach; s += 1) {
    let held = 0;
    for (let off = line.off - 2; off <= line.off + 2 && held === 0; off += 1) {
      const x = Math.round(nx * off - ny * s);
      const y = Math.round(ny * off + nx * s);
      if (x < 0 || y < 0 || x >= width || y >= height) continue;
      const at = y * width + x;
      if (strength[at] > 0 && between(across[at], line.angleRad) < 0.3) held = 1;
    }
    counts[s + reach + 1] = counts[s + reach] + held;
  }
  return { line, counts, from: -reach };
}

/** Share of a side, its rounded ends left out, that lies on an edge going its way. */
function support(p: Point, q: Point, { line, counts, from }: Held): number {
  const [nx, ny] = [Math.cos(line.angleRad), Math.sin(line.angleRad)];
  const [a, b] = [nx * p.y - ny * p.x, nx * q.y - ny * q.x];
  const [low, high] = [Math.min(a, b), Math.max(a, b)];
  const ends = 0.08 * (high - low);
  const [first, last] = [Math.round(low + ends) - from, Math.round(high - ends) - from];
  return last > first ? (counts[last] - counts[first]) / (last - first) : 0;
}

/**
 * Whether the corners are those of a card: the edge runs past the corner at the distance of a rounded one, 1.3 mm, and
 * not through it. 1 for all four, 0 for none.
 */
function roundness(corners: Quad, { width, height, slope }: Edges): number {
  const h = homographyFrom(CARD_CORNERS, corners);
  if (!h) return 0;
  const { width: w, height: t } = ID1_CARD_MM;
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
