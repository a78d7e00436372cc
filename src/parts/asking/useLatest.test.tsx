// @vitest-environment jsdom
import { act, cleanup, renderHook } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { currentOf, useLatest } from './useFromWorker';

afterEach(cleanup);

/** Asks with a key, and answers each key when the test says so. */
function asking(first: string | null) {
  const open = new Map<string, { answer: (value: string) => void; fail: (cause: Error) => void }>();
  const say = vi.fn();
  const hook = renderHook(
    ({ key }: { key: string | null }) =>
      useLatest(key, () => new Promise<string>((answer, fail) => open.set(key!, { answer, fail })), say),
    { initialProps: { key: first } },
  );
  return {
    say,
    now: () => hook.result.current,
    ask: (key: string | null) => hook.rerender({ key }),
    answer: (key: string, value: string) => act(async () => open.get(key)!.answer(value)),
    fail: (key: string, cause: string) => act(async () => open.get(key)!.fail(new Error(cause))),
  };
}

describe('an answer that comes later', () => {
  it('is nothing at first, then the answer to what was asked', async () => {
    const { now, answer } = asking('silk');
    expect(now()).toEqual({ value: null, isCurrent: false });
    await answer('silk', '60');
    expect(now()).toEqual({ value: '60', isCurrent: true });
  });

  it('is never handed out as the answer to another question', async () => {
    const { now, ask, answer } = asking('silk');
    await answer('silk', '60');
    ask('denim');
    expect(now()).toEqual({ value: '60', isCurrent: false });
    expect(currentOf(now())).toBeNull();
    await answer('denim', '100');
    expect(now()).toEqual({ value: '100', isCurrent: true });
    expect(currentOf(now())).toBe('100');
  });

  it('is dropped when it comes after the next question was asked', async () => {
    const { now, ask, answer } = asking('silk');
    ask('denim');
    await answer('silk', '60');
    expect(now()).toEqual({ value: null, isCurrent: false });
    await answer('denim', '100');
    await answer('silk', '60');
    expect(now()).toEqual({ value: '100', isCurrent: true });
  });

  it('is current again when the first question comes back, before it is asked a second time', async () => {
    const { now, ask, answer } = asking('silk');
    await answer('silk', '60');
    ask('denim');
    ask('silk');
    expect(now()).toEqual({ value: '60', isCurrent: true });
  });

  it('is nothing while nothing is asked', async () => {
    const { now, ask, answer } = asking('silk');
    await answer('silk', '60');
    ask(null);
    expect(now()).toEqual({ value: null, isCurrent: false });
  });

  it('says what went wrong, and says nothing of a question that is no longer asked', async () => {
    const { say, now, ask, fail } = asking('silk');
    ask('denim');
    await fail('silk', 'no memory');
    expect(say).not.toHaveBeenCalled();
    await fail('denim', 'no memory');
    expect(say).toHaveBeenCalledWith('This part could not be worked out: no memory');
    expect(now()).toEqual({ value: null, isCurrent: false });
  });
});
