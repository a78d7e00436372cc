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
