/**
 * A day of the person's own calendar.
 *
 * @param at - the moment
 * @returns year, month and day where the person is
 * @example
 * dayOf(new Date(2026, 10, 8, 23, 30)) // => '2026-11-08'
 */
export function dayOf(at: Date): string {
  const two = (value: number) => String(value).padStart(2, '0');
  return `${at.getFullYear()}-${two(at.getMonth() + 1)}-${two(at.getDate())}`;
}
