import * as z from 'zod';
import { above0, oneOf } from '../result';
import { type Cannot, cannot } from './cannot';

/** A zip to be placed. All in mm; `coilToTapeEdgeMm` from the middle of the coil to the edge of one tape. */
export const zipInputSchema = z.strictObject({
  kind: oneOf(['centred', 'concealed', 'exposed', 'lapped']),
  zipMm: above0('a length in mm', 2000),
  allowanceMm: above0('an allowance in mm', 100),
  coilToTapeEdgeMm: above0('a distance in mm', 60),
  coilWidthMm: above0('a width in mm', 40),
  topstitchMm: above0('a distance in mm', 60).default(7),
  lengthMm: above0('a length in mm', 12).default(2.5),
  revealMm: above0('a width in mm', 60).optional(),
});
export type ZipInput = z.infer<typeof zipInputSchema>;

/** A place on the drawing: along from the top stop, across from the seam line (the middle of an exposed zip), mm. */
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

/** Room below the metal stop, above the pull of a concealed zip, and between needle and coil (common practice). */
const BELOW_STOP_MM = 4;
const ABOVE_PULL_MM = 12;
const OVERLAP_MM = 12;
const COIL_CLEAR_MM = 1;
/** The hidden side of a lapped zip is stitched this far from its coil, near its fold (common practice). */
const LAP_HIDDEN_MM = 2;

const rowOf = (mm: number, lengthMm: number) => {
  const count = Math.max(1, Math.round(mm / lengthMm));
  return { count, lengthMm: mm / count };
};
/** The bar below the stop takes an even number, so that both rows meet it alike. */
const barOf = (mm: number, lengthMm: number) => {
  const count = 2 * Math.max(1, Math.round(mm / lengthMm / 2));
  return { count, lengthMm: mm / count };
};

/**
 * Every position of a zip, along and across, and the stitches of each row.
 *
 * The coil must land on the seam line: the tape's edge lies (allowance − coil to tape edge) from the raw edge. Rows run
 * from the top to the bar below the metal stop and are counted in whole stitches.
 *
 * @param input - kind and sizes in mm
 * @returns positions, rows and the tape's place; blocked when a row would hit the coil, miss the tape or leave the allowance
 * @example
 * zipPlan({ kind: 'centred', zipMm: 180, allowanceMm: 15, coilToTapeEdgeMm: 13, coilWidthMm: 6, topstitchMm: 7, lengthMm: 2.5 }).stitches.bar // => { count: 6, lengthMm: 2.33 }
 * zipPlan({ kind: 'concealed', zipMm: 220, allowanceMm: 15, coilToTapeEdgeMm: 10, coilWidthMm: 4, topstitchMm: 7, lengthMm: 2.5 }).tapeFromRawEdgeMm // => 5
 */
export function zipPlan(input: ZipInput): ZipPlan | Cannot {
  const wrong = whatIsWrong(input);
  if (wrong) return wrong;
  const { positions, stitches } = KINDS[input.kind](input);
  const half = input.coilWidthMm / 2;
  return {
    positions: {
      topStop: { alongMm: 0, acrossMm: 0 },
      bottomStop: { alongMm: input.zipMm, acrossMm: 0 },
      coilLeft: { acrossMm: -half },
      coilRight: { acrossMm: half },
      tapeLeft: { acrossMm: -input.coilToTapeEdgeMm },
      tapeRight: { acrossMm: input.coilToTapeEdgeMm },
      ...positions,
    },
    stitches,
    tapeFromRawEdgeMm: input.allowanceMm - input.coilToTapeEdgeMm,
  };
}

type Kind = (input: ZipInput) => Pick<ZipPlan, 'positions' | 'stitches'>;

/** Two rows at a distance from the middle, joined by a bar below the stop. */
function framed({ zipMm, lengthMm }: ZipInput, outMm: number): Pick<ZipPlan, 'positions' | 'stitches'> {
  const alongMm = zipMm + BELOW_STOP_MM;
  const row = rowOf(alongMm, lengthMm);
  return {
    positions: {
      leftRow: { acrossMm: -outMm },
      rightRow: { acrossMm: outMm },
      bar: { alongMm },
      leftPivot: { alongMm, acrossMm: -outMm },
      rightPivot: { alongMm, acrossMm: outMm },
    },
    stitches: { left: row, bar: barOf(2 * outMm, lengthMm), right: row },
  };
}

const KINDS: Record<ZipInput['kind'], Kind> = {
  centred: (input) => {
    const { positions, stitches } = framed(input, input.topstitchMm);
    return {
      positions: { ...positions, bastingEnd: { alongMm: input.zipMm }, seamStart: { alongMm: input.zipMm } },
      stitches,
    };
  },
  lapped: (input) => {
    const { zipMm, lengthMm, topstitchMm } = input;
    const alongMm = zipMm + BELOW_STOP_MM;
    return {
      positions: {
        hiddenRow: { acrossMm: -(input.coilWidthMm / 2 + LAP_HIDDEN_MM) },
        lapRow: { acrossMm: topstitchMm },
        bar: { alongMm },
        pivot: { alongMm, acrossMm: topstitchMm },
        seamStart: { alongMm: zipMm },
      },
      // The hidden side is sewn first and ends at the stop; the lap's row turns and closes to the seam below it.
      stitches: { hidden: rowOf(zipMm, lengthMm), lap: rowOf(alongMm, lengthMm), bar: barOf(topstitchMm, lengthMm) },
    };
  },
  exposed: (input) => {
    const reveal = revealOf(input) / 2;
    const { positions, stitches } = framed(input, input.topstitchMm);
    const window = {
      windowLeft: { acrossMm: -reveal },
      windowRight: { acrossMm: reveal },
      windowEnd: { alongMm: input.zipMm },
    };
    return { positions: { ...positions, ...window }, stitches };
  },
  concealed: (input) => {
    const end = input.zipMm - ABOVE_PULL_MM;
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
};

/** The row round an exposed zip's window bites at least this far into the cloth (common practice). */
const WINDOW_BITE_MM = 1.5;
const revealOf = ({ revealMm, coilWidthMm }: ZipInput) => revealMm ?? coilWidthMm + 2 * COIL_CLEAR_MM;

function whatIsWrong(input: ZipInput): Cannot | null {
  const { kind, zipMm, coilWidthMm, coilToTapeEdgeMm, topstitchMm } = input;
  const half = coilWidthMm / 2;
  if (coilToTapeEdgeMm <= half) {
    return cannot('seam.zip-tape', 'The tape must be wider than the coil on it.', half, coilToTapeEdgeMm);
  }
  if (kind === 'concealed') {
    const least = ABOVE_PULL_MM + OVERLAP_MM + input.lengthMm;
    return zipMm > least
      ? null
      : cannot('seam.zip-short', 'The zip is too short for the seam to overlap its stitching.', least, zipMm);
  }
  const row = topstitchMm;
  if (row < half + COIL_CLEAR_MM) {
    return cannot(
      'seam.zip-hits-coil',
      'The row would run into the coil: stitch farther out.',
      half + COIL_CLEAR_MM,
      row,
    );
  }
  if (kind === 'exposed' && revealOf(input) < coilWidthMm) {
    return cannot(
      'seam.zip-window',
      'The window is narrower than the coil: make it wider.',
      coilWidthMm,
      revealOf(input),
    );
  }
  const edge = revealOf(input) / 2 + WINDOW_BITE_MM;
  if (kind === 'exposed' && row < edge) {
    return cannot(
      'seam.zip-off-window',
      'The row would fall off the edge of the window: stitch farther out.',
      edge,
      row,
    );
  }
  if (row >= coilToTapeEdgeMm) {
    return cannot(
      'seam.zip-misses-tape',
      'The row would miss the tape: stitch nearer to the coil.',
      coilToTapeEdgeMm,
      row,
    );
  }
  return kind !== 'exposed' && row >= input.allowanceMm
    ? cannot(
        'seam.zip-off-allowance',
        'The row lies outside the allowance: stitch nearer, or cut it wider.',
        input.allowanceMm,
        row,
      )
    : null;
}
