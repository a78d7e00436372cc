import { type Rng as Rng } from '../random';
import { brokenLinks, openWorkroom, repeatedIds } from '.';

/** A file that has been broken: its text, and how. */
export interface Variant {
  how: string;
  text: string;
}

type Json = null | boolean | number | string | Json[] | { [key: string]: Json };
type Breaking = (file: Json, text: string, rng: Rng) => string;

const pick = <T>(list: readonly T[], rng: Rng): T =>
  list[Math.min(list.length - 1, Math.floor(rng.next() * list.length))];

/** Every place in a file that holds something, by its path. */
function places(file: Json): (string | number)[][] {
  const found: (string | number)[][] = [];
  const walk = (value: Json, path: (string | number)[]) => {
    if (path.length > 0) found.push(path);
    if (Array.isArray(value)) value.forEach((inside, i) => walk(inside, [...path, i]));
    else if (typeof value === 'object' && value !== null)
      for (const [key, inside] of Object.entries(value)) walk(inside, [...path, key]);
  };
  walk(file, []);
  return found;
}

function at(file: Json, path: readonly (string | number)[]): Json {
  return path.reduce<Json>((value, key) => (value as Record<string | number, Json>)[key], file);
}

/** A copy with another value at one place. */
function withAt(file: Json, path: readonly (string | number)[], value: Json | undefined): Json {
  const copy = structuredClone(file);
  const parent = at(copy, path.slice(0, -1)) as Record<string | number, Json>;
  const key = path[path.length - 1];
  if (value === undefined && Array.isArray(parent)) (parent as Json[]).splice(key as number, 1);
  else if (value === undefined) delete parent[key];
  else parent[key] = value;
  return copy;
}

const somewhere = (file: Json, rng: Rng) => pick(placesOf(file), rng);
const remembered = new WeakMap<object, (string | number)[][]>();
function placesOf(file: Json): (string | number)[][] {
  const known = remembered.get(file as object) ?? places(file);
  remembered.set(file as object, known);
  return known;
}
const where = (file: Json, rng: Rng, fits: (path: (string | number)[]) => boolean) =>
  pick(placesOf(file).filter(fits), rng);
const text = (file: Json) => JSON.stringify(file);
const SWAPS: readonly Json[] = [
  null,
  true,
  0,
  -1,
  1e300,
  1e-300,
  5e-324,
  -0,
  '',
  'x',
  '\ud800',
  '__proto__',
  [],
  {},
  [[]],
];
const isLink = (path: (string | number)[]) => /Id$/.test(String(path.at(-1)));

/** The ways a file is broken. */
const BREAKINGS: Record<string, Breaking> = {
  'a bit flipped': (_, whole, rng) => {
    const i = Math.floor(rng.next() * whole.length);
    const flipped = String.fromCharCode(whole.charCodeAt(i) ^ (1 << Math.floor(rng.next() * 7)));
    return whole.slice(0, i) + flipped + whole.slice(i + 1);
  },
  'cut short': (_, whole, rng) => whole.slice(0, Math.floor(rng.next() * whole.length)),
  'a part missing from the middle': (_, whole, rng) => {
    const from = Math.floor(rng.next() * whole.length);
    return whole.slice(0, from) + whole.slice(from + 1 + Math.floor(rng.next() * 200));
  },
  'another type': (file, _, rng) => text(withAt(file, somewhere(file, rng), pick(SWAPS, rng))),
  'a field left out': (file, _, rng) => text(withAt(file, somewhere(file, rng), undefined)),
  'a link that leads nowhere': (file, _, rng) => text(withAt(file, where(file, rng, isLink), 'gone')),
  'a link to another thing': (file, _, rng) =>
    text(withAt(file, where(file, rng, isLink), at(file, where(file, rng, isLink)))),
  'a ring of seams': (file, _, rng) => {
    const seam = where(file, rng, (path) => path.length === 4 && path[0] === 'jobs' && path[2] === 'seams');
    const seams = at(file, seam.slice(0, 3)) as { id: string }[];
    const after = seams.slice(0, 1 + Math.floor(rng.next() * seams.length)).map(({ id }) => ({ seamId: id, why: '' }));
    return text(withAt(file, [...seam, 'after'], after));
  },
  'a key twice': (file, _, rng) => {
    const list = where(file, rng, (path) => path.length === 1 && Array.isArray(at(file, path)));
    const entries = at(file, list) as Json[];
    return text(withAt(file, list, [...entries, ...entries.slice(0, 1)]));
  },
  'a huge number': (file, _, rng) =>
    text(
      withAt(
        file,
        where(file, rng, (path) => typeof at(file, path) === 'number'),
        pick([1e308, -1e308, 1e21], rng),
      ),
    ),
  'a number beyond numbers': (_, whole, rng) =>
    whole.replace(/: ?\d+(\.\d+)?/, `: ${pick(['1e999', '-1e999', '00', '.5'], rng)}`),
  'a hidden field': (_, whole, rng) => {
    const braces = [...whole.matchAll(/\{"id"/g)].map((match) => match.index);
    const i = pick(braces, rng);
    return `${whole.slice(0, i + 1)}"__proto__":{"x":1},${whole.slice(i + 1)}`;
  },
  'nested deep': (file, _, rng) => {
    const deep = 50 + Math.floor(rng.next() * 3000);
    const mark = '"@"';
    return text(withAt(file, somewhere(file, rng), '@')).replace(mark, '['.repeat(deep) + ']'.repeat(deep));
  },
  'another encoding': (_, whole, rng) =>
    pick([`\ufeff${whole}`, `\u0000${whole}`, [...whole].join('\u0000'), `${whole}\u0000`], rng),
  'an unknown part': (file, _, rng) =>
    text(withAt(file, [pick(['extra', 'constructor', 'toString'], rng)], pick(SWAPS, rng))),
  'another version': (file, _, rng) => text(withAt(file, ['version'], pick([0, 1, 3, 99, '2', null, 2.5], rng))),
  'a list that is none': (file, _, rng) =>
    text(
      withAt(
        file,
        where(file, rng, (path) => path.length === 1 && Array.isArray(at(file, path))),
        pick(SWAPS, rng),
      ),
    ),
};

/**
 * Breaks a file in many ways.
 *
 * @param whole - the file's text
 * @param count - how many variants
 * @param rng - random numbers
 */
export function* variants(whole: string, count: number, rng: Rng): Generator<Variant> {
  const file = JSON.parse(whole) as Json;
  const ways = Object.entries(BREAKINGS);
  const flat = JSON.stringify(file);
  for (let i = 0; i < count; i += 1) {
    const [how, breaking] = ways[i % ways.length];
    yield { how, text: breaking(file, flat, rng) };
  }
}

/** What opening a broken file came to. */
export type Outcome = 'refused' | 'set aside' | 'whole';

/**
 * Opens a broken file and looks whether what came of it holds together.
 *
 * @returns what it came to, and what went wrong with it if anything did
 */
export function tried({ text: broken }: Variant): { outcome: Outcome; wrong: string | null } {
  const read = openWorkroom(broken);
  if (!read.ok) {
    const told = read.error.path !== '' && read.error.message !== '';
    return { outcome: 'refused', wrong: told ? null : 'refused without a word' };
  }
  const [lost] = [...brokenLinks(read.workroom), ...repeatedIds(read.workroom)];
  if (lost) return { outcome: 'set aside', wrong: `${lost.path.join('.')}: ${lost.message}` };
  const silent = read.setAside.find(({ path, problem }) => path === '' || problem === '');
  if (silent) return { outcome: 'set aside', wrong: 'set aside without a word' };
  const again = openWorkroom(
    JSON.stringify({ ...read.workroom, setAside: [...(read.workroom.setAside ?? []), ...read.setAside] }),
  );
  if (!again.ok) return { outcome: 'set aside', wrong: `not read again: ${again.error.path}: ${again.error.message}` };
  if (again.setAside.length > 0) return { outcome: 'set aside', wrong: `set aside again: ${again.setAside[0].path}` };
  return { outcome: read.setAside.length > 0 ? 'set aside' : 'whole', wrong: null };
}
