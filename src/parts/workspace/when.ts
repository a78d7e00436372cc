const DAY = 24 * 3600 * 1000;

/** The English the browser asks for; where it asks for another language, the order of day and month of Britain. */
export function localeOf(language: string | undefined): string {
  return language?.toLowerCase().startsWith('en') ? language : 'en-GB';
}

const HERE = localeOf(typeof navigator === 'undefined' ? undefined : navigator.language);

const WEEKDAYS = ['Sunday', 'Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday'];
const MONTHS = [
  ...['January', 'February', 'March', 'April', 'May', 'June'],
  ...['July', 'August', 'September', 'October', 'November', 'December'],
];
/** Where the month comes first; the rest of the English-speaking world begins with the day. */
const MONTH_FIRST = /^en(?:-(?:US|CA|PH))?$/i;
const SEPTEMBER = 8;

/** What a date is printed from. */
interface Parts {
  day: number;
  month: string;
  short: string;
  year: number;
  weekday: string;
}

const SHAPES = {
  weekday: [({ weekday }: Parts) => weekday, ({ weekday }: Parts) => weekday],
  date: [
    ({ day, short, year }: Parts) => `${day} ${short} ${year}`,
    ({ day, short, year }: Parts) => `${short} ${day}, ${year}`,
  ],
  dayAndMonth: [({ day, short }: Parts) => `${day} ${short}`, ({ day, short }: Parts) => `${short} ${day}`],
  today: [
    ({ weekday, day, month }: Parts) => `${weekday} ${day} ${month}`,
    ({ weekday, day, month }: Parts) => `${weekday}, ${month} ${day}`,
  ],
  whole: [
    ({ day, month, year }: Parts) => `${day} ${month} ${year}`,
    ({ day, month, year }: Parts) => `${month} ${day}, ${year}`,
  ],
} as const;

/**
 * A moment printed as a date, in the order the person's English has it.
 *
 * The browser's own printer is not asked: to make the first one held up a page, slowed four times as a phone is, for a quarter of a second.
 *
 * @param moment - a date, or a moment as it is stored
 * @param shape - how much of it
 * @param locale - another English than the browser's
 * @example
 * sayDate('2026-11-18T12:00:00', 'date', 'en-GB') // => '18 Nov 2026'
 * sayDate('2026-11-18T12:00:00', 'date', 'en-US') // => 'Nov 18, 2026'
 */
export function sayDate(moment: Date | string, shape: keyof typeof SHAPES, locale: string = HERE): string {
  const then = new Date(moment);
  const monthFirst = MONTH_FIRST.test(locale);
  const month = MONTHS[then.getMonth()];
  return SHAPES[shape][monthFirst ? 1 : 0]({
    day: then.getDate(),
    month,
    // Britain abbreviates September with four letters.
    short: month.slice(0, then.getMonth() === SEPTEMBER && !monthFirst ? 4 : 3),
    year: then.getFullYear(),
    weekday: WEEKDAYS[then.getDay()],
  });
}

/** The time of day of a moment, as the person's English writes it. */
export const sayTime = (moment: Date | string | number, locale: string = HERE): string =>
  new Date(moment).toLocaleTimeString(locale, { hour: '2-digit', minute: '2-digit' });

/** A moment as people say it: today, yesterday, a weekday within the week, else the date. */
export function sayWhen(moment: string, now: Date = new Date(), locale: string = HERE): string {
  const then = new Date(moment);
  const midnight = (d: Date) => new Date(d.getFullYear(), d.getMonth(), d.getDate()).getTime();
  const days = Math.round((midnight(now) - midnight(then)) / DAY);
  if (days === 0) return 'today';
  if (days === 1) return 'yesterday';
  return sayDate(then, days > 1 && days < 7 ? 'weekday' : 'date', locale);
}
