/**
 * How far a straight stitch leaves a curve: the sagitta of its chord.
 *
 * e = r − √(r² − L²/4), exact circle geometry. A stitch longer than the diameter is no chord of the circle; it is off by
 * the whole radius.
 *
 * @param radiusMm - radius of the curve, mm, above 0
 * @param lengthMm - stitch length, mm, 0 or more
 * @returns mm, from 0 to the radius
 * @example
 * chordErrorMm(5, 2) // => 0.101
 * chordErrorMm(3, 8) // => 3
 */
export function chordErrorMm(radiusMm: number, lengthMm: number): number {
  const half = lengthMm / 2;
  // The plain form loses digits on gentle curves; this one is the same number.
  return half >= radiusMm ? radiusMm : half ** 2 / (radiusMm + Math.sqrt(radiusMm ** 2 - half ** 2));
}

/**
 * The longest stitch whose chord stays within a distance of the curve.
 *
 * L = 2√(2re − e²), the inverse of `chordErrorMm`. An error of the radius and more allows the diameter.
 *
 * @param radiusMm - radius of the curve, mm, above 0
 * @param errorMm - how far the line may leave the curve, mm, 0 or more
 * @returns mm
 * @example
 * longestChordMm(5, 0.1) // => 1.99
 * longestChordMm(10, 0.1) // => 2.82
 */
export function longestChordMm(radiusMm: number, errorMm: number): number {
  const e = Math.min(errorMm, radiusMm);
  return 2 * Math.sqrt(2 * radiusMm * e - e * e);
}

/**
 * How far the cloth turns for each stitch on a curve.
 *
 * 2·asin(L/2r): the angle between one chord and the next.
 *
 * @param radiusMm - radius of the curve, mm, above 0
 * @param lengthMm - stitch length, mm, 0 or more
 * @returns degrees; 180 when the stitch is longer than the diameter
 * @example
 * turnPerChordDeg(10, 2.5) // => 14.36
 */
export function turnPerChordDeg(radiusMm: number, lengthMm: number): number {
  return (2 * Math.asin(Math.min(1, lengthMm / (2 * radiusMm))) * 180) / Math.PI;
}

/** What hands steer without a wobble: so far the cloth may turn for each stitch, degrees (model). */
export const STEERED_DEG = 8;

/**
 * The longest stitch that hands can steer round a curve: the cloth turns 8° for each.
 *
 * L = 2r·sin 4°.
 *
 * @param radiusMm - radius of the curve, mm, above 0
 * @returns mm
 * @example
 * steeredStitchMm(15) // => 2.09
 * steeredStitchMm(8) // => 1.12
 */
export const steeredStitchMm = (radiusMm: number): number =>
  2 * radiusMm * Math.sin(((STEERED_DEG / 2) * Math.PI) / 180);

/**
 * After how many stitches the needle stays down and the cloth is turned, on a curve too tight to be steered alone.
 *
 * Guiding the cloth bends the line by κ = 2·sin 4°/L; what is left of the curve, 1/r − κ, drifts off it by the square of the way
 * sewn, and is taken up at the pivot when it has reached the tolerance: n = ⌊√(8·tol/(1/r − κ))/L⌋, at least 1.
 *
 * @param radiusMm - radius of the curve, mm, above 0
 * @param lengthMm - stitch length, mm, above 0
 * @param toleranceMm - how far the line may leave the curve, mm
 * @returns stitches; null where steering alone follows the curve; 1 where a stitch is as long as the curve is wide
 * @example
 * pivotEvery(5, 2.5, 0.5) // => 2
 * pivotEvery(15, 2.5, 0.5) // => 7
 * pivotEvery(18, 2.5, 0.5) // => null
 */
export function pivotEvery(radiusMm: number, lengthMm: number, toleranceMm: number): number | null {
  if (lengthMm >= 2 * radiusMm) return 1;
  const left = 1 / radiusMm - steeredStitchMm(1) / lengthMm;
  if (left <= 0) return null;
  return Math.max(1, Math.floor(Math.sqrt((8 * toleranceMm) / left) / lengthMm));
}
