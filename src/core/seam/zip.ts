import type { Cannot } from './cannot';
import { ABOVE_PULL_MM, FOLD_BITE_MM, FOOT_PASSES_MM, OVERLAP_MM, revealOf, SHOWN_MM, zipProblem } from './zipProblem';
import type { ZipInput } from './zipInput';

/** A place on the drawing: along from the raw top edge, across from the middle of the zip, mm. */
export interface ZipPosition {
  alongMm?: number;
  acrossMm?: number;
}

/** Where everything of a zip goes. */
export interface ZipPlan {
  positions: Record<string, ZipPosition>;
  /** Each row: how many stitches, and how long they are so that it ends where the next begins. */
  stitches: Record<string, { count: number; lengthMm: number }>;
  /** Edge of the tape to the raw edge of the allowance, mm; negative when the tape overhangs. */
  tapeFromRawEdgeMm: number;
}
type Rows = Pick<ZipPlan, 'positions' | 'stitches'>;

/** Room below the metal stop (common practice). */
const BELOW_STOP_MM = 4;
/** The hidden side of a lapped zip is stitched this far from its coil, near its fold (common practice). */
const LAP_HIDDEN_MM = 2;

const rowOf = (mm: number, lengthMm: number) => {
  const count = Math.max(1, Math.round(mm / lengthMm));
  return { count, lengthMm: mm / count };
};
/** A bar with the seam in its middle takes an even number, so that both rows meet it alike. */
const evenBarOf = (mm: number, lengthMm: number) => {
  const count = 2 * Math.max(1, Math.round(mm / lengthMm / 2));
  return { count, lengthMm: mm / count };
};

const bottomStopMm = ({ topMm, zipMm }: ZipInput) => topMm + zipMm;

/**
 * Every position of a zip, along and across, and the stitches of each row.
 *
 * The coil must land on the seam line: the tape's edge lies (allowance − coil to tape edge) from the raw edge. Rows begin at the raw
 * top edge, run to the bar below the metal stop and are counted in whole stitches. Between two folds the row is sewn on
 * the fabric, a little outside each fold.
 *
 * @param input - kind and sizes in mm
 * @returns positions, rows and the tape's place; blocked when a row would hit the coil, miss the tape or leave the allowance
 * @example
 * zipPlan({ kind: 'centred', zipMm: 180, topMm: 20, allowanceMm: 15, coilToTapeEdgeMm: 13, coilWidthMm: 6, topstitchMm: 7, lengthMm: 2.5 }).stitches // => { left: { count: 82, lengthMm: 2.49 }, bar: { count: 6, lengthMm: 2.33 }, right: { count: 82, lengthMm: 2.49 } }
 * zipPlan({ kind: 'concealed', zipMm: 220, topMm: 0, allowanceMm: 15, coilToTapeEdgeMm: 10, coilWidthMm: 4, topstitchMm: 7, lengthMm: 2.5 }).tapeFromRawEdgeMm // => 5
 */
export function zipPlan(input: ZipInput): ZipPlan | Cannot {
  const wrong = zipProblem(input);
  if (wrong) return wrong;
  const { positions, stitches } = KINDS[input.kind](input);
  const half = input.coilWidthMm / 2;
  const foldMm = input.kind === 'between-folds' ? foldOf(input) : 0;
  return {
    positions: {
      topStop: { alongMm: input.topMm, acrossMm: 0 },
      bottomStop: { alongMm: bottomStopMm(input), acrossMm: 0 },
      coilLeft: { acrossMm: -half },
      coilRight: { acrossMm: half },
      tapeLeft: { acrossMm: -input.coilToTapeEdgeMm },
      tapeRight: { acrossMm: input.coilToTapeEdgeMm },
      ...positions,
    },
    stitches,
    tapeFromRawEdgeMm: foldMm + input.allowanceMm - input.coilToTapeEdgeMm,
  };
}

/** Two rows at a distance from the middle, joined by a bar below the stop. */
function framed(input: ZipInput, outMm: number, barOf: typeof rowOf): Rows {
  const alongMm = bottomStopMm(input) + BELOW_STOP_MM;
  const row = rowOf(alongMm, input.lengthMm);
  return {
    positions: {
      leftRow: { acrossMm: -outMm },
      rightRow: { acrossMm: outMm },
      bar: { alongMm },
      leftPivot: { alongMm, acrossMm: -outMm },
      rightPivot: { alongMm, acrossMm: outMm },
    },
    stitches: { left: row, bar: barOf(2 * outMm, input.lengthMm), right: row },
  };
}

const KINDS: Record<ZipInput['kind'], (input: ZipInput) => Rows> = {
  centred: (input) => {
    const { positions, stitches } = framed(input, input.topstitchMm, evenBarOf);
    const alongMm = bottomStopMm(input);
    return { positions: { ...positions, bastingEnd: { alongMm }, seamStart: { alongMm } }, stitches };
  },
  lapped: (input) => {
    const { lengthMm, topstitchMm } = input;
    const alongMm = bottomStopMm(input) + BELOW_STOP_MM;
    const row = rowOf(alongMm, lengthMm);
    return {
      positions: {
        hiddenRow: { acrossMm: -(input.coilWidthMm / 2 + LAP_HIDDEN_MM) },
        lapRow: { acrossMm: topstitchMm },
        bar: { alongMm },
        pivot: { alongMm, acrossMm: topstitchMm },
        seamStart: { alongMm: bottomStopMm(input) },
      },
      // The hidden side is sewn first; the lap's row turns below the stop and closes to the seam.
      stitches: { hidden: row, lap: row, bar: rowOf(topstitchMm, lengthMm) },
    };
  },
  exposed: (input) => {
    const reveal = revealOf(input) / 2;
    const { positions, stitches } = framed(input, input.topstitchMm, rowOf);
    const window = {
      windowLeft: { acrossMm: -reveal },
      windowRight: { acrossMm: reveal },
      windowEnd: { alongMm: bottomStopMm(input) },
    };
    return { positions: { ...positions, ...window }, stitches };
  },
  concealed: (input) => {
    const end = Math.min(bottomStopMm(input) - ABOVE_PULL_MM, input.openingMm ?? Infinity);
    const groove = rowOf(end, input.lengthMm);
    return {
      positions: {
        leftGroove: { acrossMm: -input.coilWidthMm / 2 },
        rightGroove: { acrossMm: input.coilWidthMm / 2 },
        grooveEnd: { alongMm: end },
        seamStart: { alongMm: end - OVERLAP_MM },
      },
      stitches: { left: groove, right: groove },
    };
  },
  'between-folds': (input) => {
    const foldMm = foldOf(input);
    const rowMm = foldRowOf(input);
    const row = rowOf(bottomStopMm(input), input.lengthMm);
    return {
      positions: {
        leftFold: { acrossMm: -foldMm },
        rightFold: { acrossMm: foldMm },
        leftRow: { acrossMm: -rowMm },
        rightRow: { acrossMm: rowMm },
      },
      stitches: { left: row, right: row },
    };
  },
};

/** From the middle of the zip to the fold: half of the teeth, and the tape that shows. */
function foldOf({ coilWidthMm, shownMm = SHOWN_MM }: ZipInput): number {
  return coilWidthMm / 2 + shownMm;
}
/** The row on the folded edge: on the fabric, and never so near to the teeth that the foot would ride on them. */
function foldRowOf(input: ZipInput): number {
  return Math.max(foldOf(input) + FOLD_BITE_MM, input.coilWidthMm / 2 + FOOT_PASSES_MM);
}
