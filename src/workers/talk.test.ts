import { expose } from 'comlink';
import { describe, expect, it } from 'vitest';
import { talkTo } from './talk';

/** A worker's two ends over a channel, and its error event by hand. */
function fakeWorker() {
  const { port1, port2 } = new MessageChannel();
  expose({ double: (x: number) => 2 * x, never: () => new Promise(() => undefined) }, port1);
  const events = new EventTarget();
  const worker = Object.assign(port2, {
    addEventListener: (name: string, ...more: [EventListener]) =>
      name === 'error'
        ? events.addEventListener(name, ...more)
        : MessagePort.prototype.addEventListener.call(port2, name, ...more),
  }) as unknown as Worker;
  return { worker, fail: (message: string) => events.dispatchEvent(Object.assign(new Event('error'), { message })) };
}

interface Sums {
  double(x: number): number;
  never(): number;
}

describe('talking to a worker', () => {
  it('hands on what is asked and what is answered', async () => {
    expect(await talkTo<Sums>(fakeWorker().worker).double(21)).toBe(42);
  });
  it('fails what is being asked, and all that is asked later, when the worker breaks', async () => {
    const { worker, fail } = fakeWorker();
    let told = 0;
    const remote = talkTo<Sums>(worker, () => (told += 1));
    const waiting = expect(remote.never()).rejects.toThrow('no such file');
    fail('no such file');
    await waiting;
    await expect(remote.never()).rejects.toThrow('no such file');
    expect(told).toBe(1);
  });
  it('says that it could not be loaded when the browser gives no reason', async () => {
    const { worker, fail } = fakeWorker();
    const waiting = expect(talkTo<Sums>(worker).never()).rejects.toThrow('could not be loaded');
    fail('');
    await waiting;
  });
});
