import { mm } from '../../units';
import { cannot, type Cannot } from '../../seam';
import { type Outline, outlineSeam, type OutlineAnswer, SHORTEST_MM } from '../../seam';
import { usualShape } from '../../seam';
import type { Given, Numbers } from '../engine/types';

/** A line leaves what it should follow by no more than this, mm. */
const TOLERANCE_MM = 0.1;
/** Stitch lengths along an outline are given in halves: nobody wants to turn a dial by tenths on a curve. */
const STEP_MM = 0.5;

/** The line of an operation, or the shape it begins with where none was given yet. */
export const lineOf = ({ outline }: Given, first: string): Outline => outline ?? usualShape(first);

/** An outline worked out for the setting, with its allowance trimmed. */
export const answerFor = (outline: Outline, { lengthMm }: Given, trim: number): OutlineAnswer =>
  outlineSeam({ ...outline, lengthMm, toleranceMm: TOLERANCE_MM, allowanceMm: trim, stepMm: STEP_MM });

/**
 * What follows from an outline, its allowance and its trimming.
 *
 * @returns numbers by name, mm; or which number to change
 */
export function outlineNumbers(outline: Outline, given: Given, allowance: number, trim: number): Numbers | Cannot {
  if (trim > allowance)
    return cannot(
      'seam.trim-over-allowance',
      `Trimming to ${mm(trim)} takes nothing off an allowance of ${mm(allowance)}: trim to ${mm(allowance)} or less.`,
      allowance,
      trim,
    );
  const answer = answerFor(outline, given, trim);
  if (answer.trimFirst.length > 0) {
    const tight = answer.trimFirst.reduce((a, b) => (b.radiusMm < a.radiusMm ? b : a));
    const radius = Math.round(tight.radiusMm * 10) / 10;
    const text = `${mm(Math.round(tight.alongMm))} along, the line bends to a radius of ${mm(radius)}: an allowance of ${mm(trim)} cannot be folded round that. Trim to less than ${mm(radius)}, draw it rounder, or make it a corner.`;
    return cannot('seam.allowance-over-radius', text, radius, trim);
  }
  const lengths = answer.stretches.map(({ lengthMm }) => lengthMm);
  return {
    along: answer.lengthMm,
    allowance,
    trim,
    trims: allowance - trim,
    stitch: Math.max(SHORTEST_MM, ...lengths),
    shortest: Math.min(...lengths),
    changes: answer.stretches.length - 1,
    corners: answer.pivots.length,
    outer: answer.pivots.filter(({ side }) => side === 'outer').length,
    inner: answer.pivots.filter(({ side }) => side === 'inner').length,
    clips: answer.cuts.filter(({ kind }) => kind === 'clip').length,
    notches: answer.cuts.filter(({ kind }) => kind === 'notch').length,
  };
}
