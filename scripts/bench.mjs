#!/usr/bin/env node
// npm run bench: times and scores, printed as a table. Nothing here passes or fails.
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { build, install, needNode, root, run, runTool, serve, stop } from './steps.mjs';

needNode();
install();
if (!build()) stop('Building failed. Look above for the reason.');
const { chromium } = await import('./chromium.mjs');
const esbuild = await import('esbuild');
const folder = mkdtempSync(path.join(tmpdir(), 'bobbet-'));
for (const name of ['match', 'lab', 'jobs', 'variants', 'sequences', 'photo']) {
  const outfile = path.join(folder, `${name}.mjs`);
  await esbuild.build({
    entryPoints: [path.join(root, `bench/${name}.ts`)],
    bundle: true,
    platform: 'node',
    // What is read beside the source is read beside the bundle: the bundle lies elsewhere.
    define: { 'import.meta.url': JSON.stringify(new URL(`../bench/${name}.ts`, import.meta.url).href) },
    format: 'esm',
    outfile,
  });
  run(process.execPath, [outfile]);
}

const port = 4330;
const server = await serve(port, { quiet: true });
try {
  const { advice, answers, scores } = await import('../bench/browser.mjs');
  const { lists } = await import('../bench/lists.mjs');
  const { hour, ledger } = await import('../bench/ledger.mjs');
  const browser = chromium({ whole: true });
  await answers(`http://localhost:${port}`, browser);
  await advice(`http://localhost:${port}`, browser);
  await lists(`http://localhost:${port}`, browser);
  await ledger(`http://localhost:${port}`, browser);
  await hour(`http://localhost:${port}`, browser);
  await scores(`http://localhost:${port}`, browser);
  runTool('tsx/dist/cli.mjs', ['bench/kills.ts', `http://localhost:${port}`]);
} finally {
  server.kill('SIGTERM');
}
run(process.execPath, ['bench/offline.mjs']);
