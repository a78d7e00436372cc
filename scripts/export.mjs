#!/usr/bin/env node
// npm run export: a folder for any static host. -- --empty: a first visit opens an empty workroom; --to DIR: another folder.
import { cpSync, existsSync, renameSync, rmSync } from 'node:fs';
import path from 'node:path';
import { environment, install, needNode, root, runTool, seal, stop } from './steps.mjs';

const words = process.argv.slice(2);
const at = words.indexOf('--to');
const to = path.resolve(root, at >= 0 ? (words[at + 1] ?? '') : 'exported');
const unknown = words.find((word, i) => word !== '--empty' && i !== at && (at < 0 || i !== at + 1));
if (unknown) stop(`${unknown}: expected --empty or --to DIR`);
if (at >= 0 && !words[at + 1]) stop('--to: expected a folder');

needNode();
install();

// Both kinds of build are made in the same folder: the server's is put by, and comes back whatever happens.
const built = path.join(root, '.next');
const putBy = path.join(root, '.next-server');
const out = path.join(root, 'out');
if (existsSync(putBy))
  stop('.next-server: another export is running, or was broken off. Delete that folder and try again.');
if (existsSync(built)) renameSync(built, putBy);
let ok = false;
try {
  const empty = words.includes('--empty') ? '1' : '';
  ok = runTool('next/dist/bin/next', ['build'], { env: { ...environment, BOBBET_EXPORT: '1', BOBBET_EMPTY: empty } });
  // The worker of the server's own build stands among the open files, and is not this folder's.
  ok = ok && seal('folder', out);
} finally {
  rmSync(built, { recursive: true, force: true });
  if (existsSync(putBy)) renameSync(putBy, built);
}
if (!ok) stop('Exporting failed. Look above for the reason.');
rmSync(to, { recursive: true, force: true });
cpSync(out, to, { recursive: true });
rmSync(out, { recursive: true });
console.log(`\nBobbet is in ${to}\nPut it on any https host. To look at it here: node scripts/serveFolder.mjs\n`);
