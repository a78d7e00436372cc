// Which files reach which by their imports, as the structure check reads them.
import { spawnSync } from 'node:child_process';
import path from 'node:path';
import { root } from './steps.mjs';

const TOOL = path.join(root, 'node_modules', 'dependency-cruiser', 'bin', 'dependency-cruise.mjs');
const ASKED = [
  '--config',
  '.dependency-cruiser.cjs',
  'src',
  'cli',
  'demo',
  'bench',
  'scripts',
  '--output-type',
  'json',
];

/** The files of the project, and a function from a file to all that reach it, however many steps away. */
export function importers() {
  const { stdout, error } = spawnSync(process.execPath, [TOOL, ...ASKED], { cwd: root, maxBuffer: 2 ** 30 });
  if (error) throw error;
  const modules = JSON.parse(stdout).modules.filter(({ source }) => !source.startsWith('node_modules/'));
  const by = new Map();
  for (const { source, dependencies } of modules)
    for (const { resolved } of dependencies) by.set(resolved, [...(by.get(resolved) ?? []), source]);
  return {
    files: modules.map(({ source }) => source),
    reach(file) {
      // A set that grows while it is gone through.
      const found = new Set([file]);
      for (const one of found) for (const next of by.get(one) ?? []) found.add(next);
      return found;
    },
  };
}
