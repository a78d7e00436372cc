import type { outlineBends } from '../geometry';
import { cutsNeeded, cutsOver, NOTCH_BASE_MM } from './clips';
import type { OutlineAnswer, OutlinePivot, OutlineRequest } from './outlineTypes';

/** One curve to one side: how much of a cut each of its bends asks for. */
interface Curve {
  kind: 'notch' | 'clip';
  asked: { alongMm: number; fromMm: number; cuts: number }[];
}

/**
 * Where the allowance of an outline is cut: along each curve as many cuts as it takes, spread by how much each part of it asks for.
 *
 * @param allowanceMm - what is left of the allowance, mm
 * @param bends - the curves of the outline, in order along it
 * @param outer - whether a turn has the allowance on its outside
 * @returns cuts in order along the line, and the bends whose radius the allowance would pass
 */
export function allowanceCuts(
  allowanceMm: number,
  bends: ReturnType<typeof outlineBends>,
  outer: (turnDeg: number) => boolean,
): Pick<OutlineAnswer, 'cuts' | 'trimFirst'> {
  const trimFirst: OutlineAnswer['trimFirst'] = [];
  const curves: Curve[] = [];
  let before = 0;
  let isOnCurve = false;
  for (const { alongMm, turnDeg, radiusMm } of bends) {
    const fromMm = before;
    before = alongMm;
    if (radiusMm === null || Math.abs(turnDeg) < 1e-9) {
      isOnCurve = false;
      continue;
    }
    if (allowanceMm >= radiusMm) {
      trimFirst.push({ alongMm, radiusMm });
      continue;
    }
    const kind = outer(turnDeg) ? 'notch' : 'clip';
    if (!isOnCurve || curves.at(-1)?.kind !== kind) curves.push({ kind, asked: [] });
    isOnCurve = true;
    curves.at(-1)!.asked.push({ alongMm, fromMm, cuts: cutsOver(kind, alongMm - fromMm, radiusMm, allowanceMm) });
  }
  return { cuts: curves.flatMap(placed), trimFirst };
}

/** The cuts of one curve, each in the middle of its share. */
function placed({ kind, asked }: Curve): OutlineAnswer['cuts'] {
  const total = asked.reduce((sum, { cuts }) => sum + cuts, 0);
  const count = cutsNeeded(kind, total);
  const made: OutlineAnswer['cuts'] = [];
  let passed = 0;
  for (const { alongMm, fromMm, cuts } of asked) {
    for (let next = due(made.length); made.length < count && passed + cuts >= next; next = due(made.length)) {
      const share = cuts === 0 ? 1 : (next - passed) / cuts;
      made.push({ alongMm: fromMm + share * (alongMm - fromMm), kind });
    }
    passed += cuts;
  }
  return made;

  function due(i: number) {
    return ((i + 0.5) * total) / count;
  }
}

/**
 * Beside an inner corner the allowances of both edges lie over each other: a cut there would reach across the other seam.
 * The slit into the corner does its work.
 */
export function clearOf(pivots: readonly OutlinePivot[], { allowanceMm, closed }: OutlineRequest, lengthMm: number) {
  const inner = pivots.filter(({ side }) => side === 'inner');
  return ({ alongMm }: { alongMm: number }) =>
    inner.every((pivot) => {
      const apart = Math.abs(pivot.alongMm - alongMm);
      return Math.min(apart, closed ? lengthMm - apart : Infinity) >= allowanceMm + NOTCH_BASE_MM / 2;
    });
}
