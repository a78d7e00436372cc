import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { clockBehind, followClock, momentNow, trustClock } from './clock';
import { dayOf } from './snapshots';
import { withTextBox } from './textBox.testing';

withTextBox();
const zone = process.env.TZ;
beforeEach(() => trustClock(0));
afterEach(() => {
  process.env.TZ = zone;
});

const at = (text: string) => Date.parse(text);

describe('the moment of a new entry', () => {
  it('is what the clock says, and never twice the same', () => {
    const now = at('2026-11-28T10:00:00Z');
    expect([momentNow(now), momentNow(now), momentNow(now)]).toEqual([
      '2026-11-28T10:00:00.000Z',
      '2026-11-28T10:00:00.001Z',
      '2026-11-28T10:00:00.002Z',
    ]);
    expect(clockBehind()).toBeNull();
  });

  it('comes after the newest when the clock was set back a year, and that is told', () => {
    let told = 0;
    const stop = followClock(() => (told += 1));
    momentNow(at('2026-11-28T10:00:00Z'));
    const back = [momentNow(at('2025-11-28T10:00:00Z')), momentNow(at('2025-11-28T10:05:00Z'))];
    expect(back).toEqual(['2026-11-28T10:00:00.001Z', '2026-11-28T10:00:00.002Z']);
    expect(clockBehind()).toBe(at('2026-11-28T10:00:00Z'));
    expect(told).toBe(1);
    momentNow(at('2026-11-28T11:00:00Z'));
    expect(clockBehind()).toBeNull();
    stop();
  });

  it('may be put right by five minutes without a word, and not by more', () => {
    momentNow(at('2026-11-28T10:00:00Z'));
    momentNow(at('2026-11-28T09:55:30Z'));
    expect(clockBehind()).toBeNull();
    momentNow(at('2026-11-28T09:54:50Z'));
    expect(clockBehind()).not.toBeNull();
  });

  it('follows the clock again once the person says that it is right', () => {
    momentNow(at('2027-11-28T10:00:00Z'));
    momentNow(at('2026-11-28T10:00:00Z'));
    trustClock(at('2026-11-28T10:00:00Z'));
    expect(momentNow(at('2026-11-28T10:00:01Z'))).toBe('2026-11-28T10:00:01.000Z');
    expect(clockBehind()).toBeNull();
  });

  it('is remembered from one visit to the next', () => {
    momentNow(at('2026-11-28T10:00:00Z'));
    expect(localStorage.getItem('bobbet.newest')).toBe(String(at('2026-11-28T10:00:00Z')));
  });
});

describe('a day', () => {
  it.each<[string, string, string]>([
    ['Europe/Berlin', '2026-03-28T23:30:00Z', '2026-03-29'],
    ['Europe/Berlin', '2026-03-29T21:59:00Z', '2026-03-29'],
    ['Europe/Berlin', '2026-10-25T22:30:00Z', '2026-10-25'],
    ['Europe/Berlin', '2026-10-25T23:30:00Z', '2026-10-26'],
    ['Pacific/Auckland', '2026-11-28T10:59:00Z', '2026-11-28'],
    ['Pacific/Auckland', '2026-11-28T11:01:00Z', '2026-11-29'],
    ['America/Los_Angeles', '2026-11-28T07:59:00Z', '2026-11-27'],
  ])('is that of the person, also where the hour changes: %s %s', (place, moment, day) => {
    process.env.TZ = place;
    expect(dayOf(new Date(moment))).toBe(day);
  });
});
