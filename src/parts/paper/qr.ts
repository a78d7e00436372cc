import { create } from 'qrcode';

/** A code as one outline, a unit a module; dark where it is filled. */
export interface QrPath {
  /** Modules along a side, without the quiet zone around it. */
  size: number;
  d: string;
}

/** Modules that stay light around a code (ISO/IEC 18004). */
export const QUIET = 4;

/** Longer than this a code is packed so tightly that the size of its modules matters most, letters. */
const LONG = 120;

/**
 * A text as a QR code.
 *
 * @param text - what a scanner reads from it
 * @returns rows of dark modules as closed paths
 * @throws when the text is longer than a code can hold
 */
export function qrPath(text: string): QrPath {
  // A long text has small modules: then larger ones help a camera more than a few that could be repaired.
  const { modules } = create(text, { errorCorrectionLevel: text.length > LONG ? 'L' : 'M' });
  const { size } = modules;
  let d = '';
  for (let y = 0; y < size; y += 1)
    for (let x = 0; x < size;) {
      let run = 0;
      while (x + run < size && modules.get(y, x + run)) run += 1;
      if (run > 0) d += `M${x} ${y}h${run}v1h${-run}z`;
      x += Math.max(1, run);
    }
  return { size, d };
}
