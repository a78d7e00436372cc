import type { SceneDim, SceneLine, ScenePoint } from '../engine/scene';

/** No more of a curve than this is drawn, degrees: the rest would lie over the drawing. */
const MOST_DEG = 150;

/** How much of a turn is drawn, degrees. */
export const shownDeg = (turnDeg: number): number => Math.min(turnDeg, MOST_DEG);

/** A place on a curve: `share` from −½ to ½ of the turn, 0 at its top, mm. */
const at = (radius: number, turnDeg: number, share: number): ScenePoint => {
  const angle = (share * turnDeg * Math.PI) / 180;
  return [radius * Math.sin(angle), -radius * Math.cos(angle)];
};

/** Points along an arc round the middle of the drawing, mm; its top is up. */
export function arc(radius: number, turnDeg: number, count = 48): ScenePoint[] {
  return Array.from({ length: count + 1 }, (_, i) => at(radius, turnDeg, i / count - 0.5));
}

/**
 * A distance between two arcs, dimensioned to the right of the drawing where nothing is sewn.
 *
 * @param from - radius of the one arc, mm
 * @param to - radius of the other, mm
 * @param outer - radius of what is drawn farthest out, mm
 * @param turnDeg - how much of the curve is drawn
 * @param said - the length and its name
 */
export function besideArc(
  from: number,
  to: number,
  outer: number,
  turnDeg: number,
  said: Pick<SceneDim, 'mm' | 'name'>,
): SceneDim {
  const x = outer * Math.sin((Math.min(90, turnDeg / 2) * Math.PI) / 180) + 6;
  return { from: [x, -from], to: [x, -to], ...said };
}

/** The band of fabric between two arcs. */
export const ringPart = (inner: number, outer: number, turnDeg: number): ScenePoint[] => [
  ...arc(outer, turnDeg),
  ...arc(inner, turnDeg).reverse(),
];

/**
 * Slits from an edge towards the stitching, evenly along the curve.
 *
 * @param edge - radius of the raw edge, mm
 * @param to - radius that they stop at, mm
 * @param turnDeg - how much of the curve is drawn
 * @param count - how many of them lie there
 */
export const slitLines = (edge: number, to: number, turnDeg: number, count: number): SceneLine[] =>
  Array.from({ length: count }, (_, i) => {
    const share = (i + 0.5) / count - 0.5;
    return { id: 'cuts', points: [at(edge, turnDeg, share), at(to, turnDeg, share)], role: 'cut' as const };
  });

/**
 * Wedges cut out of a round edge, each half-way between two slits of the other one.
 *
 * @param edge - radius of the raw edge, mm
 * @param to - radius of their points, mm
 * @param turnDeg - how much of the curve is drawn
 * @param count - how many of them lie there
 * @param base - how wide they are at the raw edge, mm
 */
export function wedgeLines(edge: number, to: number, turnDeg: number, count: number, base: number): SceneLine[] {
  const half = (base / 2 / edge) * (180 / Math.PI) * (1 / turnDeg);
  return Array.from({ length: count }, (_, i) => {
    const share = count === 1 ? 0 : (i + 1) / (count + 1) - 0.5;
    return {
      id: 'wedges',
      points: [at(edge, turnDeg, share - half), at(to, turnDeg, share), at(edge, turnDeg, share + half)],
      role: 'cut' as const,
    };
  });
}
