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
