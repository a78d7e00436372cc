// What the other scripts share: running a step, installing, building only when something changed.
import { spawn, spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';

export const root = path.resolve(path.dirname(fileURLToPath(import.meta.url)), '..');
export const environment = { ...process.env, NEXT_TELEMETRY_DISABLED: '1' };

/** Ends with a message a person can act on. */
export function stop(message) {
  console.error(`\n${message}\n`);
  process.exit(1);
}

/** Runs a command in the project, showing what it prints; true when it ended well. */
export function run(command, args, extra = {}) {
  const done = spawnSync(command, args, { cwd: root, stdio: 'inherit', env: environment, ...extra });
  if (done.error) console.error(`${command}: ${done.error.message}`);
  return done.status === 0;
}

/** Runs a program of node_modules. */
export const runTool = (name, args = [], extra = {}) =>
  run(process.execPath, [path.join(root, 'node_modules', ...name.split('/')), ...args], extra);

/** Runs a program of node_modules beside others; resolves to how it ended and what it printed. */
export function runToolBeside(name, args = []) {
  return new Promise((done) => {
    const tool = spawn(process.execPath, [path.join(root, 'node_modules', ...name.split('/')), ...args], {
      cwd: root,
      stdio: ['ignore', 'pipe', 'pipe'],
      env: environment,
    });
    let text = '';
    for (const stream of [tool.stdout, tool.stderr]) stream.on('data', (part) => (text += part));
    tool.once('error', (error) => done({ ok: false, text: `${text}${name}: ${error.message}\n` }));
    tool.once('close', (code) => done({ ok: code === 0, text }));
  });
}

export function needNode() {
  const [major, minor] = process.versions.node.split('.').map(Number);
  if (major > 20 || (major === 20 && minor >= 12)) return;
  stop(
    `Bobbet needs Node 20.12 or newer; this is ${process.version}.\nInstall Node 20, then run the same command again.`,
  );
}

/** Installs when node_modules is missing or older than the lock. */
export function install() {
  const mark = path.join(root, 'node_modules', '.package-lock.json');
  const lock = path.join(root, 'package-lock.json');
  if (existsSync(mark) && statSync(mark).mtimeMs >= statSync(lock).mtimeMs) return;
  console.log('Installing what Bobbet needs …');
  const npm = process.env.npm_execpath;
  const ok = npm
    ? run(process.execPath, [npm, 'ci', '--no-audit', '--no-fund'])
    : run('npm', ['ci', '--no-audit', '--no-fund']);
  if (!ok) stop('Installing failed. Look above for the reason; when it is mended run the same command again.');
}

const SOURCES = [
  'src',
  'demo',
  'public/icons',
  'scripts/seal.ts',
  'scripts/builtFile.ts',
  'package-lock.json',
  'next.config.ts',
  'tsconfig.json',
  'package.json',
];

function filesUnder(place) {
  const full = path.join(root, place);
  if (!statSync(full).isDirectory()) return [place];
  return readdirSync(full).flatMap((name) => filesUnder(path.join(place, name)));
}

/** Finishes a build: pages name their scripts, the offline worker learns the files. */
export const seal = (...what) => runTool('tsx/dist/cli.mjs', ['scripts/seal.ts', ...what]);

/** Builds for production unless the last build was of exactly these sources. */
export function build() {
  const hash = createHash('sha256');
  for (const file of SOURCES.flatMap(filesUnder).sort()) hash.update(file).update(readFileSync(path.join(root, file)));
  const now = hash.digest('hex');
  const mark = path.join(root, '.next', 'built-from');
  const isWhole = [path.join('.next', 'BUILD_ID'), path.join('public', 'sw.js')].every((file) =>
    existsSync(path.join(root, file)),
  );
  if (isWhole && existsSync(mark) && readFileSync(mark, 'utf8') === now) return true;
  console.log('Building …');
  if (!runTool('next/dist/bin/next', ['build']) || !seal('server')) return false;
  writeFileSync(mark, now);
  return true;
}

/** Starts the production server; resolves once it answers. */
export async function serve(port, { empty = false, quiet = false, network = false } = {}) {
  const next = path.join(root, 'node_modules', 'next', 'dist', 'bin', 'next');
  const watch = path.join(root, 'scripts', 'watchParent.cjs');
  const server = spawn(
    process.execPath,
    ['--require', watch, next, 'start', '-p', String(port), '-H', network ? '0.0.0.0' : '127.0.0.1'],
    {
      cwd: root,
      // Its input stays open for as long as this process lives.
      stdio: ['pipe', 'ignore', quiet ? 'ignore' : 'inherit'],
      env: { ...environment, BOBBET_EMPTY: empty ? '1' : '' },
    },
  );
  let ended = false;
  server.once('exit', () => (ended = true));
  for (let tries = 0; tries < 150 && !ended; tries += 1) {
    const up = await fetch(`http://localhost:${port}/first-visit.json`).then(
      (r) => r.ok,
      () => false,
    );
    if (up) return server;
    await new Promise((done) => setTimeout(done, 200));
  }
  server.kill('SIGTERM');
  stop('The server did not start. Look above for the reason.');
}
