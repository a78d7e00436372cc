import type { Point } from '../geometry';

/** A line to be sewn, mm, y down as on a drawing, and where the allowance lies for someone walking along it. */
export interface Outline {
  points: readonly Point[];
  closed: boolean;
  allowanceOn: 'left' | 'right';
}

/** How one outline is to be sewn and prepared. All in mm. */
export interface OutlineRequest extends Outline {
  /** The seam's own stitch length, used wherever the curve allows it. */
  lengthMm: number;
  toleranceMm: number;
  /** What is left of the allowance when it is cut into. */
  allowanceMm: number;
  /** Stitch lengths are given in steps of this, mm. */
  stepMm?: number;
}

/** A run of the outline sewn with one stitch length. */
export interface OutlineStretch {
  fromMm: number;
  toMm: number;
  lengthMm: number;
}

/** A corner: needle down and turn. An outer one is trimmed across, into an inner one the allowance is clipped. */
export interface OutlinePivot {
  alongMm: number;
  turnDeg: number;
  side: 'outer' | 'inner';
}

/** An outline worked out: stretches of stitch length, pivots at corners, cuts in the allowance. */
export interface OutlineAnswer {
  lengthMm: number;
  stretches: OutlineStretch[];
  pivots: OutlinePivot[];
  cuts: { alongMm: number; kind: 'notch' | 'clip' }[];
  /** Where the allowance is wider than the radius and has to be trimmed before it can be cut into. */
  trimFirst: { alongMm: number; radiusMm: number }[];
}
