// First-load JavaScript of every station: the scripts its own HTML names, as a current browser loads them (what is
// marked noModule is for browsers of before 2018 and never fetched by others).
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { buildSync } from 'esbuild';

const built = path.join(import.meta.dirname, '.next');
const STATIONS = ['today', 'fabric', 'match', 'test', 'sew', 'log', 'projects', 'calculator', 'workroom'];

function scriptsOf(station) {
  const html = readFileSync(path.join(built, 'server', 'app', `${station}.html`), 'utf8');
  const tags = [...html.matchAll(/<script[^>]*>/g)].map(([tag]) => tag);
  const old = tags.filter((tag) => /nomodule/i.test(tag)).join(' ');
  const files = new Set([...html.matchAll(/\/_next\/(static\/chunks\/[^"'\\]+?\.js)/g)].map(([, file]) => file));
  const loaded = [...files].filter((file) => !old.includes(file));
  if (loaded.length === 0) throw new Error(`size-limit: expected scripts in ${station}.html, got none`);
  return loaded.map((file) => `.next/${file}`);
}

/** The worker with everything it loads, bundled as one file. */
function workerBundle() {
  const outfile = path.join(built, 'match.worker.bundle.js');
  buildSync({
    entryPoints: [path.join(import.meta.dirname, 'src/workers/match.worker.ts')],
    bundle: true,
    minify: true,
    format: 'esm',
    outfile,
    logLevel: 'error',
  });
  return path.relative(import.meta.dirname, outfile);
}

const budgets = [
  // Not found shows nothing but the frame.
  { name: 'the frame alone', path: scriptsOf('_not-found'), limit: '285 kB', gzip: true },
  ...STATIONS.map((name) => ({
    name: `first load of ${name}`,
    path: scriptsOf(name),
    limit: '350 kB',
    gzip: true,
  })),
  { name: 'the match worker, all of it', path: workerBundle(), limit: '150 kB', gzip: true },
];

export default budgets;
