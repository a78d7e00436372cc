const DAY = 24 * 3600 * 1000;

/** The English the browser asks for; where it asks for another language, the order of day and month of Britain. */
export function localeOf(language: string | undefined): string {
  return language?.toLowerCase().startsWith('en') ? language : 'en-GB';
}

const HERE = localeOf(typeof navigator === 'undefined' ? undefined : navigator.language);

const SHAPES = {
  weekday: { weekday: 'long' },
  date: { day: 'numeric', month: 'short', year: 'numeric' },
  dayAndMonth: { day: 'numeric', month: 'short' },
  today: { weekday: 'long', day: 'numeric', month: 'long' },
  whole: { dateStyle: 'long' },
  time: { hour: '2-digit', minute: '2-digit' },
} as const satisfies Record<string, Intl.DateTimeFormatOptions>;

// Made once each: one costs as much as a row on screen, and giving it back halts the page for as long again.
const made = new Map<string, Intl.DateTimeFormat>();

/**
 * A moment printed as a date or a time, in the order the person's English has it.
 *
 * @param moment - a date, or a moment as it is stored
 * @param shape - how much of it
 * @param locale - another English than the browser's
 */
export function sayDate(moment: Date | string, shape: keyof typeof SHAPES, locale: string = HERE): string {
  const key = `${locale} ${shape}`;
  const format = made.get(key) ?? new Intl.DateTimeFormat(locale, SHAPES[shape]);
  made.set(key, format);
  return format.format(new Date(moment));
}

/** A moment as people say it: today, yesterday, a weekday within the week, else the date. */
export function sayWhen(moment: string, now: Date = new Date(), locale: string = HERE): string {
  const then = new Date(moment);
  const midnight = (d: Date) => new Date(d.getFullYear(), d.getMonth(), d.getDate()).getTime();
  const days = Math.round((midnight(now) - midnight(then)) / DAY);
  if (days === 0) return 'today';
  if (days === 1) return 'yesterday';
  return sayDate(then, days > 1 && days < 7 ? 'weekday' : 'date', locale);
}
