import type { ReadSeam } from '../readSeam';

/** From no confidence at one value to full confidence at another, and how much it matters. */
interface Ramp {
  none: number;
  full: number;
  weight: number;
}

/** What a reading must show to be believed. Set on rendered pictures with known truth. */
const RAMPS = {
  /** How alike the strip is to its stitches. */
  fit: { none: 0.3, full: 0.7, weight: 1 },
  /** Share of stitches with thread and both penetrations. */
  clear: { none: 0.25, full: 0.7, weight: 1 },
  /** Thread against fabric, in spreads of the fabric. */
  contrast: { none: 1.2, full: 6, weight: 0.7 },
  stitches: { none: 3, full: 12, weight: 0.6 },
  /** The pitch against the background of the spectrum. */
  prominence: { none: 2, full: 20, weight: 0.5 },
  /** Pixels of the picture to a stitch. */
  pixels: { none: 3, full: 8, weight: 0.5 },
  /** Spread of the stitches as a share of the pitch; less is better. */
  spread: { none: 0.5, full: 0.2, weight: 0.8 },
} as const satisfies Record<string, Ramp>;

/** Confidence never exceeds this: a photo is one look. */
const MOST = 0.97;
/** Fewer pixels a stitch than this, and a reading is never trusted by itself. */
const FEW_PX = 6;
const UNTRUSTED = 0.65;

/**
 * How far a reading can be believed, 0 … 1.
 *
 * @param seam - as read
 * @returns the product of what each sign of a good reading gives
 */
export function confidenceOf(
  seam: Pick<ReadSeam, 'fit' | 'slots' | 'map' | 'prominence' | 'pitchMm' | 'pitchSpreadMm' | 'pxPerMm'>,
): number {
  const pixels = seam.pitchMm * seam.pxPerMm;
  const seen = {
    fit: seam.fit,
    clear: seam.slots.clear,
    contrast: seam.map.contrast,
    stitches: seam.slots.stitches,
    prominence: seam.prominence,
    pixels,
    spread: seam.pitchSpreadMm / Math.max(1e-9, seam.pitchMm),
  };
  const each = (Object.keys(RAMPS) as (keyof typeof RAMPS)[]).map((key) => {
    const { none, full, weight } = RAMPS[key];
    const share = Math.max(0, Math.min(1, (seen[key] - none) / (full - none)));
    return share ** weight;
  });
  const all = MOST * each.reduce((a, b) => a * b, 1);
  return pixels < FEW_PX ? Math.min(UNTRUSTED, all) : all;
}
