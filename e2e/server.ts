import { type ChildProcess, spawn } from 'node:child_process';
import type { Page } from '@playwright/test';
import { expect } from './page';

/** A server of a test's own, as `npm start` runs it. */
export interface OwnServer {
  child: ChildProcess;
  /** What it has printed. */
  text: () => string;
  /** Ends it, and waits until nothing answers any more. */
  stop: () => Promise<void>;
}

export const answers = (port: number) =>
  fetch(`http://localhost:${port}/first-visit.json`).then(
    (answer) => answer.ok,
    () => false,
  );

export const ended = (child: ChildProcess) => new Promise<number | null>((done) => child.once('exit', done));

/** Starts a server on a port of its own. */
export function starter(port: number): OwnServer {
  const child = spawn(process.execPath, ['scripts/start.mjs', '--port', String(port)], {
    env: { ...process.env, BOBBET_APART: '1' },
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  let text = '';
  for (const stream of [child.stdout, child.stderr]) stream.on('data', (part: Buffer) => (text += part.toString()));
  const stop = async () => {
    const gone = ended(child);
    child.kill('SIGTERM');
    await gone;
    await expect.poll(() => answers(port)).toBe(false);
  };
  return { child, text: () => text, stop };
}

/** Waits until a server answers. */
export const up = (port: number) => expect.poll(() => answers(port), { timeout: 60_000 }).toBe(true);

/** Waits until Bobbet is on the device and this page is answered from there. */
export const onDevice = (page: Page) =>
  expect
    .poll(
      () =>
        page.evaluate(async () => (await navigator.serviceWorker.ready) && navigator.serviceWorker.controller !== null),
      {
        timeout: 60_000,
      },
    )
    .toBe(true);
