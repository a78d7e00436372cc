#!/usr/bin/env node
// A plain static server, as any host has one: node scripts/serveFolder.mjs [DIR] [--port 3100]
import { createReadStream, existsSync, statSync } from 'node:fs';
import { createServer } from 'node:http';
import path from 'node:path';
import { pathToFileURL } from 'node:url';
import { stop } from './steps.mjs';

const TYPES = {
  '.html': 'text/html; charset=utf-8',
  '.js': 'text/javascript; charset=utf-8',
  '.css': 'text/css; charset=utf-8',
  '.json': 'application/json; charset=utf-8',
  '.webmanifest': 'application/manifest+json; charset=utf-8',
  '.txt': 'text/plain; charset=utf-8',
  '.svg': 'image/svg+xml',
  '.png': 'image/png',
  '.ico': 'image/x-icon',
  '.woff2': 'font/woff2',
  '.woff': 'font/woff',
};

/** The file an address names within a folder; null when there is none, or when it lies outside. */
export function fileAt(folder, address) {
  let file;
  try {
    file = path.join(folder, decodeURIComponent(new URL(address, 'http://localhost').pathname));
  } catch {
    // An address that cannot be decoded names nothing.
    return null;
  }
  if (path.relative(folder, file).startsWith('..')) return null;
  if (existsSync(file) && statSync(file).isDirectory()) file = path.join(file, 'index.html');
  return existsSync(file) && statSync(file).isFile() ? file : null;
}

/** Serves a folder; resolves to the server once it listens. */
export function serveFolder(folder, port, host = '127.0.0.1') {
  const server = createServer((request, response) => {
    const file = fileAt(folder, request.url ?? '/');
    if (file === null) {
      response.writeHead(404, { 'content-type': 'text/plain; charset=utf-8' });
      response.end('Not found');
      return;
    }
    const head = {
      'content-type': TYPES[path.extname(file)] ?? 'application/octet-stream',
      'cache-control': 'no-cache',
    };
    response.writeHead(200, head);
    if (request.method === 'HEAD') response.end();
    else createReadStream(file).pipe(response);
  });
  return new Promise((done, fail) => {
    server.once('error', fail);
    server.listen(port, host, () => done(server));
  });
}

if (import.meta.url === pathToFileURL(process.argv[1] ?? '').href) {
  const words = process.argv.slice(2);
  const at = words.indexOf('--port');
  const port = Number(at >= 0 ? words[at + 1] : 3100);
  const folder = path.resolve(words.find((word, i) => i !== at && (at < 0 || i !== at + 1)) ?? 'exported');
  if (!Number.isInteger(port) || port < 1 || port > 65535) stop('--port: expected a number from 1 to 65535');
  if (!existsSync(folder)) stop(`${folder}: no such folder. Run: npm run export`);
  await serveFolder(folder, port).catch(() => stop(`Port ${port} is taken. Choose another one with --port.`));
  console.log(`${folder} is at http://localhost:${port}\nStop it with Ctrl-C.`);
}
