/**
 * A number kept within two limits.
 *
 * @param value - any number
 * @param least - lower limit
 * @param most - upper limit; wins where it is below the lower one
 * @example
 * clamp(7, 0, 5) // => 5
 * clamp(-1, 0, 5) // => 0
 */
export const clamp = (value: number, least: number, most: number): number => Math.min(most, Math.max(least, value));
