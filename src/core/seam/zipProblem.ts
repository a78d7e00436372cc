import { type Cannot, cannot } from './cannot';
import type { ZipInput } from './zipInput';

/** Room above the pull of a concealed zip, and how far the rest of its seam overlaps the stitching (common practice). */
export const ABOVE_PULL_MM = 12;
export const OVERLAP_MM = 12;
/** Between the needle and the coil: nearer, the foot rides on it (common practice). */
export const COIL_CLEAR_MM = 1;
/** The row round an exposed zip's window bites at least this far into the fabric (common practice). */
const WINDOW_BITE_MM = 1.5;
/** Tape shown beside the teeth between two folds when nobody says how much (common practice). */
export const SHOWN_MM = 3;
/** The row on a folded edge lies this far from its fold, on the fabric: 2 to 3 mm (common practice). */
export const FOLD_BITE_MM = 2.5;
/** From the teeth to the row, so that a one-bar foot passes between two folds (model). */
export const FOOT_PASSES_MM = 3;
/** So much tape lies past the row, or it works loose (common practice). */
const TAPE_PAST_ROW_MM = 1;

/** The window of an exposed zip, mm: as said, else the coil and a little room. */
export const revealOf = ({ revealMm, coilWidthMm }: ZipInput): number => revealMm ?? coilWidthMm + 2 * COIL_CLEAR_MM;

/** Why a zip cannot be set so: what would be hit, missed or left too narrow. */
export function zipProblem(input: ZipInput): Cannot | null {
  const { coilWidthMm, coilToTapeEdgeMm } = input;
  if (coilToTapeEdgeMm <= coilWidthMm / 2) {
    const text = 'The tape must be wider than the coil on it.';
    return cannot('seam.zip-tape', text, coilWidthMm / 2, coilToTapeEdgeMm);
  }
  if (input.kind === 'concealed') return tooShort(input);
  return input.kind === 'between-folds' ? missesTape(input) : rowWrong(input);
}

function tooShort({ zipMm, lengthMm }: ZipInput): Cannot | null {
  const least = ABOVE_PULL_MM + OVERLAP_MM + lengthMm;
  return zipMm > least
    ? null
    : cannot('seam.zip-short', 'The zip is too short for the seam to overlap its stitching.', least, zipMm);
}

function missesTape({ coilWidthMm, coilToTapeEdgeMm, allowanceMm, shownMm = SHOWN_MM }: ZipInput): Cannot | null {
  const row = coilWidthMm / 2 + Math.max(shownMm + FOLD_BITE_MM, FOOT_PASSES_MM);
  const most = coilToTapeEdgeMm - TAPE_PAST_ROW_MM;
  if (row > most) {
    const text = 'The rows would miss the tape: show less of it, or use a zip with wider tape.';
    return cannot('seam.zip-misses-tape', text, most, row);
  }
  return allowanceMm > FOLD_BITE_MM
    ? null
    : cannot(
        'seam.zip-off-allowance',
        'The row would miss the folded edge: fold more under.',
        FOLD_BITE_MM,
        allowanceMm,
      );
}

function rowWrong(input: ZipInput): Cannot | null {
  const { kind, coilWidthMm, coilToTapeEdgeMm, topstitchMm: row, allowanceMm } = input;
  const nearest = coilWidthMm / 2 + COIL_CLEAR_MM;
  if (row < nearest)
    return cannot('seam.zip-hits-coil', 'The row would run into the coil: sew farther out.', nearest, row);
  const window = kind === 'exposed' ? windowWrong(input) : null;
  if (window) return window;
  if (row >= coilToTapeEdgeMm) {
    const text = 'The row would miss the tape: sew closer to the coil.';
    return cannot('seam.zip-misses-tape', text, coilToTapeEdgeMm, row);
  }
  if (kind === 'exposed' || row < allowanceMm) return null;
  const text = 'The row is outside the allowance: sew closer, or cut it wider.';
  return cannot('seam.zip-off-allowance', text, allowanceMm, row);
}

function windowWrong(input: ZipInput): Cannot | null {
  const reveal = revealOf(input);
  if (reveal < input.coilWidthMm) {
    const text = 'The window is narrower than the coil: make it wider.';
    return cannot('seam.zip-window', text, input.coilWidthMm, reveal);
  }
  const edge = reveal / 2 + WINDOW_BITE_MM;
  return input.topstitchMm >= edge
    ? null
    : cannot(
        'seam.zip-off-window',
        'The row would fall off the edge of the window: sew farther out.',
        edge,
        input.topstitchMm,
      );
}
