const DAY = 24 * 3600 * 1000;

/** A moment as people say it: today, yesterday, a weekday within the week, else the date. */
export function sayWhen(moment: string, now: Date = new Date()): string {
  const then = new Date(moment);
  const midnight = (d: Date) => new Date(d.getFullYear(), d.getMonth(), d.getDate()).getTime();
  const days = Math.round((midnight(now) - midnight(then)) / DAY);
  if (days === 0) return 'today';
  if (days === 1) return 'yesterday';
  if (days > 1 && days < 7) return then.toLocaleDateString('en-GB', { weekday: 'long' });
  return then.toLocaleDateString('en-GB', { day: 'numeric', month: 'short', year: 'numeric' });
}
