/**
 * A share as people say it.
 *
 * @param share - 0 … 1
 * @example
 * timesInTen(0.19) // => '1 time in 5'
 * timesInTen(0.62) // => '6 times in 10'
 * timesInTen(0.97) // => '9 times in 10'
 */
export function timesInTen(share: number): string {
  if (share < 0.075) return '1 time in 20';
  if (share < 0.15) return '1 time in 10';
  if (share < 0.225) return '1 time in 5';
  if (share < 0.29) return '1 time in 4';
  if (share >= 0.47 && share < 0.53) return 'half the time';
  return `${Math.min(9, Math.round(share * 10))} times in 10`;
}
