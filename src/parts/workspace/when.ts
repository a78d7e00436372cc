const DAY = 24 * 3600 * 1000;

// Made once: each costs as much as a row on screen, and giving it back halts the page for as long again.
const WEEKDAY = new Intl.DateTimeFormat('en-GB', { weekday: 'long' });
const DATE = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', year: 'numeric' });

/** A moment as people say it: today, yesterday, a weekday within the week, else the date. */
export function sayWhen(moment: string, now: Date = new Date()): string {
  const then = new Date(moment);
  const midnight = (d: Date) => new Date(d.getFullYear(), d.getMonth(), d.getDate()).getTime();
  const days = Math.round((midnight(now) - midnight(then)) / DAY);
  if (days === 0) return 'today';
  if (days === 1) return 'yesterday';
  return (days > 1 && days < 7 ? WEEKDAY : DATE).format(then);
}
