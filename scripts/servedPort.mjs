// Which port the workroom of this folder was last served on: a browser keeps the work of each port apart.
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { root } from './steps.mjs';

const USUAL = 3000;
const folder = path.join(root, '.bobbet');
const file = path.join(folder, 'served.json');

function lastPort() {
  try {
    const { port } = JSON.parse(readFileSync(file, 'utf8'));
    return Number.isInteger(port) ? port : null;
  } catch {
    // Nothing was served from here yet, or the note is damaged: nothing is known.
    return null;
  }
}

/** What has to be said before a port is served that is not the one of last time; null when it is the same as ever. */
export function warningFor(port, last) {
  const before = last ?? USUAL;
  if (before === port) return null;
  return [
    `Port ${port} opens another workroom: a browser keeps the work of each port apart.`,
    `What you have at http://localhost:${before} stays there. To go on with it: npm start -- --port ${before}`,
  ].join('\n');
}

/** The same for the port that was served from here the last time. */
export const otherWorkroom = (port) => warningFor(port, lastPort());

/** Remembers the port for the next time. */
export function notePort(port) {
  mkdirSync(folder, { recursive: true });
  writeFileSync(file, `${JSON.stringify({ port })}\n`);
}
