import 'fake-indexeddb/auto';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { followed } from './sharedLive';

afterEach(() => vi.useRealTimers());

describe('a query that nobody shows any more', () => {
  it('is kept for twenty seconds, and then let go', async () => {
    const { subscribe, now } = followed(async () => 7);
    const leave = await new Promise<() => void>((done) => {
      const stop = subscribe(() => done(stop));
    });
    expect(now()).toBe(7);
    vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] });
    leave();
    vi.advanceTimersByTime(19_900);
    expect(now()).toBe(7);
    vi.advanceTimersByTime(200);
    expect(now()).toBeUndefined();
  });
});
