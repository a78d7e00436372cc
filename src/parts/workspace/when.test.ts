import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { localeOf, sayDate, sayWhen } from './when';

const now = new Date(2026, 10, 25, 0, 30);
const local = (...at: [number, number, number, number, number]) => new Date(...at).toISOString();

describe('a moment as people say it', () => {
  it.each([
    ['today', local(2026, 10, 25, 0, 5)],
    ['yesterday', local(2026, 10, 24, 23, 59)],
    ['yesterday', local(2026, 10, 24, 0, 0)],
    ['Monday', local(2026, 10, 23, 12, 0)],
    ['Thursday', local(2026, 10, 19, 12, 0)],
    ['18 Nov 2026', local(2026, 10, 18, 12, 0)],
    ['25 Nov 2025', local(2025, 10, 25, 0, 30)],
    ['27 Nov 2026', local(2026, 10, 27, 12, 0)],
  ])('%s', (said, moment) => expect(sayWhen(moment, now, 'en-GB')).toBe(said));

  it('says a weekday only of the last six days, whatever the hour', () => {
    fc.assert(
      fc.property(fc.integer({ min: -10, max: 400 }), fc.integer({ min: 0, max: 23 }), (days, hour) => {
        const said = sayWhen(local(2026, 10, 25 - days, hour, 0), now, 'en-GB');
        expect(/^[A-Z][a-z]+day$/.test(said)).toBe(days > 1 && days < 7);
        expect(/\d{4}$/.test(said)).toBe(days < 0 || days >= 7);
      }),
    );
  });
});

describe('a date in the order of the person’s English', () => {
  it.each([
    ['en-GB', '18 Nov 2026'],
    ['en-US', 'Nov 18, 2026'],
    ['en-AU', '18 Nov 2026'],
  ])('%s: %s', (locale, said) => expect(sayDate(local(2026, 10, 18, 12, 0), 'date', locale)).toBe(said));

  it('is as the browser’s own printer has it, in every month', () => {
    for (const locale of ['en-GB', 'en-US', 'en-CA', 'en-AU', 'en'])
      for (let month = 0; month < 12; month += 1) {
        const day = new Date(2026, month, 5 + month, 12);
        const print = (options: Intl.DateTimeFormatOptions) => new Intl.DateTimeFormat(locale, options).format(day);
        // Whether June and July are shortened as well differs from one browser to the next.
        expect(sayDate(day, 'whole', locale)).toBe(print({ dateStyle: 'long' }));
        expect(sayDate(day, 'today', locale)).toBe(print({ weekday: 'long', day: 'numeric', month: 'long' }));
        if (month !== 5 && month !== 6)
          expect(sayDate(day, 'date', locale)).toBe(print({ day: 'numeric', month: 'short', year: 'numeric' }));
      }
  });

  it('is Britain’s where the browser asks for no English, or for nothing', () => {
    expect([localeOf('de-DE'), localeOf(undefined), localeOf('en-US'), localeOf('en')]).toEqual([
      'en-GB',
      'en-GB',
      'en-US',
      'en',
    ]);
  });
});
