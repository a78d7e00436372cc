import * as z from 'zod';
import { readJson } from '../src/core/file';
import { firstFieldError } from '../src/core/result';
import { IN_MM, printLengths } from '../src/core/units';
import { CALCULATIONS } from './calculations';
import type { Command, PictureCommand, TextCommand } from './command';
import { COMMANDS, SCHOOL_LIST } from './commands';
import { PHOTO } from './photo';
import { type Extreme, extremeNumber } from './extreme';
import { TOLD, withProvenance, withProvenanceShape } from './provenance';
import { verifyList } from './verifyList';

/** What a run leaves behind: the exit code and what goes to each stream. */
export interface Outcome {
  exit: 0 | 2;
  out: string;
  error: string;
}

const done = (value: unknown): Outcome => ({
  exit: 0,
  out: `${JSON.stringify(value, null, 2)}\n`,
  error: '',
});
const text = (out: string): Outcome => ({ exit: 0, out, error: '' });
const refuse = (error: string): Outcome => ({
  exit: 2,
  out: '',
  error: `${error.replace(/\s*\n\s*/g, ' ')}\n`,
});

/**
 * Runs the headless command.
 *
 * @param args - the words after `bobbet --`
 * @param read - reads a file by name, or standard input for `-`
 * @param write - writes a picture to a file by name
 * @param readBytes - reads a picture by name
 * @returns exit code and both streams; never throws for bad input
 */
export function runCommand(
  args: readonly string[],
  read: (file: string) => string,
  write: (file: string, data: Uint8Array) => void = () => {},
  readBytes: (file: string) => Uint8Array = () => new Uint8Array(),
): Outcome {
  const [name = 'help', ...rest] = args;
  if (name === 'help') return help(rest);
  if (name === 'schema') return schema(rest);
  if (name === 'photo') return photo(rest, readBytes);
  const named = name === 'calc' ? `calc ${rest[0] ?? ''}`.trim() : name;
  const found = lookUp(named);
  if (!found) return unknown(named);
  const given = name === 'calc' ? rest.slice(1) : rest;
  const listed = given.includes('--list');
  if (listed && named !== 'verify') return refuse(`--list: ${named} has no list`);
  const { words, png } = withPng(given.filter((word) => word !== '--list'));
  if (png === '') return refuse('--png: expected the name of a file to write');
  if (png !== null && !draws(found)) return refuse(`--png: ${named} draws no picture`);
  const [file = '-', ...extra] = words;
  if (extra.length > 0) return refuse(`arguments: expected one file, got "${extra[0]}" as well`);
  const source = sourceOf(file, read);
  if (!source.ok) return refuse(source.error);
  if (listed) return done(verifyList(source.text));
  if ('read' in found) {
    const read = found.read(source.text);
    return read.ok ? done(read.value) : refuse(`${read.error.path}: ${read.error.message}`);
  }
  return answer(named, found, source.text, png === null ? null : (data) => write(png, data));
}

function photo(words: readonly string[], readBytes: (file: string) => Uint8Array): Outcome {
  const measured = PHOTO.measure(words, readBytes);
  return measured.ok ? done(withProvenance(TOLD.photo, measured.value as object)) : refuse(measured.error);
}

function sourceOf(
  file: string,
  read: (file: string) => string,
): { ok: true; text: string } | { ok: false; error: string } {
  try {
    return { ok: true, text: read(file) };
  } catch (cause) {
    const why = (cause as NodeJS.ErrnoException).code ?? 'unreadable';
    return { ok: false, error: `file: cannot read "${file}" (${why})` };
  }
}

/** Takes `--png OUT` out of the words; null when it is not there, empty when its file is missing. */
function withPng(words: readonly string[]): { words: readonly string[]; png: string | null } {
  const at = words.indexOf('--png');
  if (at < 0) return { words, png: null };
  return { words: words.filter((_, i) => i !== at && i !== at + 1), png: words[at + 1] ?? '' };
}

/** What help and schema know of: pictures are run by themselves. */
const described = (name: string): Command | TextCommand | PictureCommand | undefined =>
  name === 'photo' ? PHOTO : (lookUp(name) ?? lookUp(`calc ${name}`));

function lookUp(name: string): Command | TextCommand | undefined {
  const table = name.startsWith('calc ') ? CALCULATIONS : COMMANDS;
  const key = name.replace(/^calc /, '');
  return Object.hasOwn(table, key) ? table[key] : undefined;
}

const draws = (command: Command | TextCommand | PictureCommand) =>
  'picture' in command && command.picture !== undefined;

function unknown(name: string): Outcome {
  if (name === 'calc') return refuse(`calc: expected one of ${Object.keys(CALCULATIONS).join(', ')}`);
  return refuse(
    `command: expected one of ${[...Object.keys(COMMANDS), 'photo', 'calc', 'schema', 'help'].join(', ')}, got "${name}"`,
  );
}

function answer(name: string, command: Command, source: string, keep: ((picture: Uint8Array) => void) | null): Outcome {
  const json = readJson(source, 'input');
  if (!json.ok) return refuse(`${json.error.path}: ${json.error.message}`);
  const input = command.brought ? command.brought(json.value) : json.value;
  const parsed = command.input.safeParse(input);
  if (!parsed.success) {
    const { path, message } = firstFieldError(parsed.error, input);
    return refuse(`${path}: ${message}`);
  }
  const result = answered(name, command, json.value, parsed.data);
  if (!result.ok) return refuse(result.error);
  const picture = keep && command.picture?.(parsed.data as never);
  if (keep && picture) {
    try {
      keep(picture);
    } catch (cause) {
      return refuse(`--png: cannot write the picture (${(cause as NodeJS.ErrnoException).code ?? 'unwritable'})`);
    }
  }
  // Texts are in mm like the numbers beside them; lengths inside them are still marked.
  return done(printLengths(result.value, IN_MM));
}

/**
 * What a command answers. Numbers that fit their schema one by one may still be too far apart to be worked with: what
 * comes of them is checked, and the number furthest from one is named.
 */
function answered(
  name: string,
  command: Command,
  input: unknown,
  parsed: unknown,
): { ok: true; value: unknown } | { ok: false; error: string } {
  let value: unknown;
  try {
    value = withProvenance(TOLD[name] ?? {}, command.run(parsed as never) as object);
  } catch (cause) {
    const extreme = extremeNumber(input);
    // A slip of ours in an ordinary question must not be passed off as the person's.
    if (!extreme || !(cause instanceof Error)) throw cause;
    return { ok: false, error: tooExtreme(extreme) };
  }
  const checked = withProvenanceShape(command.output).safeParse(value);
  if (checked.success) return { ok: true, value };
  const extreme = extremeNumber(input);
  if (extreme) return { ok: false, error: tooExtreme(extreme) };
  const { path, message } = firstFieldError(checked.error, value);
  throw new Error(`answered: expected an answer that fits its schema, got ${path}: ${message}`);
}

const tooExtreme = ({ path, value }: Extreme) => `${path}: expected a finite number, got ${value}`;

function schema([name, ...more]: string[]): Outcome {
  const named = name === 'calc' ? `calc ${more[0] ?? ''}`.trim() : (name ?? '');
  const found = described(named);
  if (!found) return unknown(named);
  const shape = (side: 'input' | 'output', type: z.ZodType) =>
    z.toJSONSchema(type, { io: side, unrepresentable: 'any' });
  return done({
    command: named,
    input: shape('input', found.input),
    output: shape('output', 'read' in found ? found.output : withProvenanceShape(found.output)),
    ...(named === 'match' ? { schools: SCHOOL_LIST } : {}),
  });
}

const USAGE = 'npm run --silent bobbet -- COMMAND [FILE]      FILE, or -, or nothing for standard input';
const PICTURE = 'With --png OUT it also writes a picture.';
const LIST = 'With --list it exits normally and lists every error by path.';

function help([name, ...more]: string[]): Outcome {
  if (name) {
    const named = name === 'calc' && more[0] ? `calc ${more[0]}` : name;
    const found = described(named);
    if (found)
      return text(
        `${named}: ${found.about}\n${(found.lists ?? []).map((line) => `  ${line}\n`).join('')}${draws(found) ? `  ${PICTURE}\n` : ''}${named === 'verify' ? `  ${LIST}\n` : ''}  its input and output: bobbet schema ${named}\n`,
      );
    if (name !== 'calc') return unknown(named);
  }
  const list = (table: Record<string, Pick<Command, 'about'>>, prefix = '') =>
    Object.entries(table).map(([key, { about }]) => `  ${(prefix + key).padEnd(20)} ${about}`);
  const lines = [
    USAGE,
    '',
    ...list({ ...COMMANDS, photo: PHOTO }),
    ...list(CALCULATIONS, 'calc '),
    `  ${'schema NAME'.padEnd(20)} the JSON Schema of a command’s input and output`,
    `  ${'help [NAME]'.padEnd(20)} this list, or one command`,
  ];
  return text(`${lines.join('\n')}\n`);
}
