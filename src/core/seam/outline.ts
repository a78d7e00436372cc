import { atLeast, stepsWithin } from '../numbers';
import { longestChordMm, markStraights, outlineBends, outlineLengthMm, steeredStitchMm } from '../geometry';
import { allowanceCuts, clearOf } from './allowanceCuts';
import type { OutlineAnswer, OutlineRequest, OutlineStretch } from './outlineTypes';

/** A turn of this much at one point is a corner to pivot at, not part of a curve. */
const CORNER_DEG = 35;
/** Below this no home machine forms a stitch reliably. */
export const SHORTEST_MM = 1;
/** Nobody turns a dial for less than this much of seam. */
const LEAST_STRETCH_MM = 15;

/**
 * Stitch length along any outline, where to pivot, and where to clip or notch its allowance.
 *
 * The outline is a polyline fine enough that no true curve turns 35° at one point; sharper turns are corners. The
 * stitch is shortened to stay within the tolerance of each bend and to be steered round it. A tight stretch too short to turn a dial for
 * is lengthened, a loose one takes the stitch of its tighter neighbour: the line is never coarser than asked. Cuts are as many
 * as `clipsFor` says of each curve.
 *
 * @param request - outline and what is known of the seam
 * @returns stretches in order along the line; empty lists for fewer than two points
 * @example
 * outlineSeam({ points: [{ x: 0, y: 0 }, { x: 60, y: 0 }, { x: 60, y: 60 }], closed: false, lengthMm: 2.5, toleranceMm: 0.1, allowanceMm: 10, allowanceOn: 'left' }).pivots // => [{ alongMm: 60, turnDeg: 90, side: 'outer' }]
 */
export function outlineSeam(request: OutlineRequest): OutlineAnswer {
  const { closed, allowanceOn } = request;
  const lengthMm = outlineLengthMm(request.points, closed);
  const bends = outlineBends(markStraights(request.points, closed), closed);
  const outer = (turnDeg: number) => turnDeg > 0 === (allowanceOn === 'left');
  const pivots = bends
    .filter((b) => Math.abs(b.turnDeg) >= CORNER_DEG)
    .map(({ alongMm, turnDeg }) => ({ alongMm, turnDeg, side: outer(turnDeg) ? 'outer' : 'inner' }) as const);
  const curves = bends.filter((b) => Math.abs(b.turnDeg) < CORNER_DEG);
  const stretches = lengthMm > 0 ? stretchesOf(request, curves, lengthMm) : [];
  const { cuts, trimFirst } = allowanceCuts(request.allowanceMm, curves, outer);
  return { lengthMm, stretches, pivots, cuts: cuts.filter(clearOf(pivots, request, lengthMm)), trimFirst };
}

type Bends = ReturnType<typeof outlineBends>;

function stretchesOf(request: OutlineRequest, bends: Bends, totalMm: number): OutlineStretch[] {
  const { lengthMm, toleranceMm, stepMm = 0.1 } = request;
  const at = bends.map(({ alongMm, radiusMm }) => {
    const longest =
      radiusMm === null
        ? lengthMm
        : Math.min(lengthMm, longestChordMm(radiusMm, toleranceMm), steeredStitchMm(radiusMm));
    const told = longest === lengthMm ? lengthMm : stepsWithin(longest / stepMm) * stepMm;
    return { alongMm, lengthMm: Math.round(Math.max(SHORTEST_MM, told) * 1000) / 1000 };
  });
  const stretches: OutlineStretch[] = [{ fromMm: 0, toMm: totalMm, lengthMm: at[0]?.lengthMm ?? lengthMm }];
  for (const [i, bend] of at.entries()) {
    const last = stretches.at(-1)!;
    if (bend.lengthMm === last.lengthMm) continue;
    const middle = i === 0 ? 0 : (at[i - 1].alongMm + bend.alongMm) / 2;
    last.toMm = middle;
    stretches.push({ fromMm: middle, toMm: totalMm, lengthMm: bend.lengthMm });
  }
  return joined(stretches.filter(({ fromMm, toMm }) => toMm > fromMm));
}

const longOf = (s: OutlineStretch) => s.toMm - s.fromMm;

/** Works on the shortest stretch again and again, until all are long enough to turn a dial for. */
function joined(all: readonly OutlineStretch[]): OutlineStretch[] {
  const stretches = all.map((s) => ({ ...s }));
  while (stretches.length > 1) {
    const i = stretches.reduce((best, s, k) => (longOf(s) < longOf(stretches[best]) ? k : best), 0);
    if (atLeast(longOf(stretches[i]), LEAST_STRETCH_MM)) break;
    const beside = [i - 1, i + 1].filter((k) => stretches[k]);
    // A tight spot is sewn short a little before and after it; a loose one between tight ones is not worth a change.
    if (beside.every((k) => stretches[k].lengthMm > stretches[i].lengthMm)) grow(stretches, i);
    else take(stretches, i, beside);
  }
  return stretches.reduce<OutlineStretch[]>((kept, s) => {
    const last = kept.at(-1);
    if (last?.lengthMm === s.lengthMm) last.toMm = s.toMm;
    else kept.push(s);
    return kept;
  }, []);
}

/** Lengthens one stretch into both neighbours; a neighbour that is used up goes. */
function grow(stretches: OutlineStretch[], i: number) {
  const [before, now, after] = [stretches[i - 1], stretches[i], stretches[i + 1]];
  const needs = (LEAST_STRETCH_MM - longOf(now)) / (before && after ? 2 : 1);
  if (before) before.toMm = now.fromMm = Math.max(before.fromMm, now.fromMm - needs);
  if (after) after.fromMm = now.toMm = Math.min(after.toMm, now.toMm + needs);
  for (const k of [i + 1, i - 1]) if (stretches[k] && longOf(stretches[k]) <= 1e-9) stretches.splice(k, 1);
}

/** Gives one stretch the stitch of the neighbour that is nearer in length and not longer in stitch, and makes them one. */
function take(stretches: OutlineStretch[], i: number, beside: readonly number[]) {
  const tighter = beside.filter((k) => stretches[k].lengthMm <= stretches[i].lengthMm);
  const into = tighter.reduce((best, k) => (stretches[k].lengthMm > stretches[best].lengthMm ? k : best), tighter[0]);
  const [a, b] = [Math.min(i, into), Math.max(i, into)];
  const lengthMm = stretches[into].lengthMm;
  stretches.splice(a, 2, { fromMm: stretches[a].fromMm, toMm: stretches[b].toMm, lengthMm });
}
