// The last step of a build: every page names the scripts it may run, and the offline worker learns every file.
// tsx scripts/seal.ts server | tsx scripts/seal.ts folder DIR
import { createHash } from 'node:crypto';
import { mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { buildSync } from 'esbuild';
import { CONTENT_POLICY, policyText } from '../src/offline/contentPolicy';
import { dataAddress } from '../src/offline/pages';
import { kindOfFile } from './builtFile';

interface Kept {
  url: string;
  revision: string | null;
}

const root = path.resolve(import.meta.dirname, '..');
const sha256 = (data: string | Buffer) => createHash('sha256').update(data);

const filesUnder = (folder: string): string[] =>
  readdirSync(folder, { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile())
    .map((entry) => path.relative(folder, path.join(entry.parentPath, entry.name)).split(path.sep).join('/'))
    .sort();

/** Sources that stand beside the built files: no browser asks for them. */
const isForEngineers = (file: string) => /\.(map|ts)$/.test(file);

const kept = (folder: string, file: string, url: string): Kept => ({
  url,
  // The name of a built file says what is in it.
  revision: url.startsWith('/_next/static/')
    ? null
    : sha256(readFileSync(path.join(folder, file)))
        .digest('hex')
        .slice(0, 16),
});

/** The policy of a page: its own scripts by their hashes, written in before anything it could run. */
function sealPage(file: string): void {
  // A page may have been sealed before.
  const html = readFileSync(file, 'utf8').replace(/<meta http-equiv="Content-Security-Policy"[^>]*>/, '');
  const inline = [...html.matchAll(/<script(?![^>]*\ssrc=)[^>]*>([\s\S]*?)<\/script>/g)].map(
    ([, code]) => `'sha256-${sha256(code).digest('base64')}'`,
  );
  const policy = policyText({ ...CONTENT_POLICY, 'script-src': ["'self'", ...new Set(inline)] });
  // Behind the character set, which a browser looks for in the first kilobyte.
  const meta = `<meta http-equiv="Content-Security-Policy" content="${policy}">`;
  const sealed = html.replace(/<meta charset="utf-8"\/?>/i, (charset) => charset + meta);
  if (sealed === html) throw new Error(`seal: expected a character set in ${file}, got none`);
  writeFileSync(file, sealed);
}

/** Everything Bobbet's own server has, by the address it has there. */
function onServer(): Kept[] {
  const app = path.join(root, '.next', 'server', 'app');
  const files = filesUnder(app);
  for (const file of files) if (file.endsWith('.html')) sealPage(path.join(app, file));
  const list: Kept[] = [];
  for (const file of files) {
    const found = kindOfFile(file);
    if (found === null) continue;
    const url = found.kind === 'data' ? dataAddress(found.page, found.segment) : found.address;
    list.push(kept(app, file, url));
  }
  const built = path.join(root, '.next', 'static');
  for (const file of filesUnder(built))
    if (!isForEngineers(file)) list.push(kept(built, file, `/_next/static/${file}`));
  const open = path.join(root, 'public');
  for (const file of filesUnder(open)) if (file !== 'sw.js') list.push(kept(open, file, `/${file}`));
  return list;
}

/** Everything in an exported folder; a page's address is that of its folder. */
function inFolder(folder: string): Kept[] {
  const files = filesUnder(folder).filter((file) => file !== 'sw.js' && !isForEngineers(file));
  for (const file of files) if (file.endsWith('.html')) sealPage(path.join(folder, file));
  return files
    .filter((file) => !/^(404|_not-found|_global-error)/.test(file))
    .map((file) => kept(folder, file, `/${file.replace(/(^|\/)index\.html$/, '$1')}`));
}

/** The worker as one file at the root: from there it is responsible for every page. */
function writeWorker(files: readonly Kept[], to: string): void {
  mkdirSync(path.dirname(to), { recursive: true });
  buildSync({
    entryPoints: [path.join(root, 'src', 'offline', 'worker.ts')],
    bundle: true,
    minify: true,
    format: 'iife',
    target: 'es2022',
    define: { BOBBET_FILES: JSON.stringify(files), 'process.env.NODE_ENV': '"production"' },
    outfile: to,
    logLevel: 'error',
  });
}

const [kind, folder] = process.argv.slice(2);
if (kind === 'server') writeWorker(onServer(), path.join(root, 'public', 'sw.js'));
else if (kind === 'folder' && folder) writeWorker(inFolder(path.resolve(folder)), path.resolve(folder, 'sw.js'));
else throw new Error(`seal: expected "server" or "folder DIR", got ${process.argv.slice(2).join(' ')}`);
