import { mkdirSync, mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { describe, expect, it } from 'vitest';
import { fileAt } from './serveFolder.mjs';

describe('own: what a static server finds', () => {
  const above = mkdtempSync(path.join(tmpdir(), 'bobbet-served-'));
  const folder = path.join(above, 'exported');
  mkdirSync(path.join(folder, 'match'), { recursive: true });
  for (const file of ['exported/index.html', 'exported/match/index.html', 'exported/sw.js', 'secret.txt'])
    writeFileSync(path.join(above, file), file);

  it.each([
    ['/', 'index.html'],
    ['/match', 'match/index.html'],
    ['/match/?cloth=merino', 'match/index.html'],
    ['/sw.js', 'sw.js'],
  ])('%s is %s', (address, file) => expect(fileAt(folder, address)).toBe(path.join(folder, file)));

  it.each([
    '/nothing',
    '/../secret.txt',
    '/%2e%2e/secret.txt',
    '/..%2fsecret.txt',
    '/match/..%2f..%2fsecret.txt',
    '/%',
    '/%00',
  ])('%s is nothing', (address) => expect(fileAt(folder, address)).toBeNull());
});
