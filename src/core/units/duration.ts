/**
 * Minutes as people say them.
 *
 * @example
 * sayMinutes(95) // => '1 h 35 min'
 */
export function sayMinutes(minutes: number): string {
  const whole = Math.max(0, Math.round(minutes));
  const [hours, rest] = [Math.floor(whole / 60), whole % 60];
  if (hours === 0) return `${rest} min`;
  return rest === 0 ? `${hours} h` : `${hours} h ${rest} min`;
}

/** From here on an estimate is said in fives. */
const IN_FIVES_MIN = 10;

/**
 * Minutes that something is expected to take: to five minutes, and under ten to the minute.
 *
 * @example
 * sayEstimate(93) // => '1 h 35 min'
 * sayEstimate(7.4) // => '7 min'
 * sayEstimate(0.3) // => '1 min'
 */
export const sayEstimate = (minutes: number): string =>
  sayMinutes(minutes < IN_FIVES_MIN ? Math.max(minutes > 0 ? 1 : 0, minutes) : 5 * Math.round(minutes / 5));
