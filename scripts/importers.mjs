// Which files reach which by their imports.
import { existsSync, readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';

const FOLDERS = ['src', 'cli', 'demo', 'bench', 'scripts'];
const ENDS = ['', '.ts', '.tsx', '.mjs', '/index.ts'];

/** All source files under a folder, relative to the root. */
export function filesIn(root, folder) {
  return readdirSync(path.join(root, folder), { withFileTypes: true }).flatMap((entry) => {
    const name = path.join(folder, entry.name);
    return entry.isDirectory() ? filesIn(root, name) : /\.(tsx?|mjs)$/.test(name) ? [name] : [];
  });
}

/** The graph of imports, read from the text: who reaches a file, however many steps away. */
export function importers(root) {
  const by = new Map();
  for (const file of FOLDERS.flatMap((folder) => filesIn(root, folder))) {
    const text = readFileSync(path.join(root, file), 'utf8');
    for (const [, spec] of text.matchAll(/(?:from|import\()\s*['"]((?:\.|@\/)[^'"]*)['"]/g)) {
      const base = spec.startsWith('@/') ? path.join('src', spec.slice(2)) : path.join(path.dirname(file), spec);
      const to = ENDS.map((end) => base + end).find(
        (one) => /\.(tsx?|mjs)$/.test(one) && existsSync(path.join(root, one)),
      );
      if (to) by.set(to, [...(by.get(to) ?? []), file]);
    }
  }
  return {
    reach(file) {
      const found = new Set([file]);
      const open = [file];
      while (open.length > 0)
        for (const next of by.get(open.pop()) ?? [])
          if (!found.has(next)) {
            found.add(next);
            open.push(next);
          }
      return found;
    },
  };
}
