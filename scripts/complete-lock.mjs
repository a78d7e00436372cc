#!/usr/bin/env node
// Some optional builds for other systems cannot be had from every registry; npm then leaves them out of the lock and
// `npm ci` refuses it. This adds an entry for each one that is missing. Run after every change of the dependencies.
import { spawnSync } from 'node:child_process';
import { readFileSync, writeFileSync } from 'node:fs';

const SYSTEMS = [
  'darwin',
  'win32',
  'windows',
  'android',
  'freebsd',
  'openbsd',
  'netbsd',
  'openharmony',
  'linux',
  'sunos',
  'aix',
];
const CHIPS = ['arm64', 'x64', 'ia32', 'arm-eabi', 'arm', 'ppc64', 'riscv64', 's390x', 'loong64'];

const source = readFileSync('package-lock.json', 'utf8');
const lock = JSON.parse(source);
const entries = lock.packages;

/** Whether a package can be found from a place in the tree, as Node would look for it. */
function isFound(place, name) {
  for (let at = place; ; at = at.slice(0, Math.max(0, at.lastIndexOf('/node_modules/')))) {
    if (entries[`${at ? `${at}/` : ''}node_modules/${name}`]) return true;
    if (at === '') return false;
    if (!at.includes('/node_modules/')) at = '';
  }
}

const added = [];
for (const [place, { optionalDependencies = {}, dev }] of Object.entries(entries)) {
  for (const [name, version] of Object.entries(optionalDependencies)) {
    if (!/^\d/.test(version) || isFound(place, name)) continue;
    const system = SYSTEMS.find((word) => new RegExp(`[-/]${word}(-|$)`).test(name));
    const chip = CHIPS.find((word) => new RegExp(`[-/]${word}(-|$)`).test(name));
    const at = entries[`node_modules/${name}`] ? `${place}/node_modules/${name}` : `node_modules/${name}`;
    entries[at] = {
      version,
      ...(chip && { cpu: [chip === 'arm-eabi' ? 'arm' : chip] }),
      ...(dev && { dev: true }),
      optional: true,
      ...(system && { os: [system === 'windows' ? 'win32' : system] }),
    };
    added.push(name);
  }
}
// What is pinned without a fingerprint gets the one the registry gives; where it gives none, it stays without.
const bare = Object.entries(entries).filter(([place, entry]) => place && !entry.integrity && !entry.link);
let fingerprints = 0;
for (const [place, entry] of bare) {
  const name = place.slice(place.lastIndexOf('node_modules/') + 'node_modules/'.length);
  const asked = spawnSync('npm', ['view', `${name}@${entry.version}`, 'dist.integrity'], { encoding: 'utf8' });
  const integrity = asked.status === 0 ? asked.stdout.trim() : '';
  if (!/^sha\d+-/.test(integrity)) continue;
  entries[place] = { version: entry.version, integrity, ...entry };
  fingerprints += 1;
}
lock.packages = Object.fromEntries(Object.entries(entries).sort(([a], [b]) => (a < b ? -1 : 1)));
// Left untouched where nothing changed: a newer lock would be installed again.
const text = `${JSON.stringify(lock, null, 2)}\n`;
if (text !== source) writeFileSync('package-lock.json', text);
if (bare.length > 0) console.log(`${fingerprints} of ${bare.length} fingerprints found.`);
console.log(added.length === 0 ? 'The lock is complete.' : `Added ${added.length}: ${added.join(', ')}`);
