import * as z from 'zod';
import { firstFieldError } from '../src/core/result';
import { CALCULATIONS } from './calculations';
import type { Command } from './command';
import { COMMANDS, LATER, SCHOOL_LIST } from './commands';

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
 * @returns exit code and both streams; never throws for bad input
 */
export function runCommand(
  args: readonly string[],
  read: (file: string) => string,
  write: (file: string, data: Uint8Array) => void = () => {},
): Outcome {
  const [name = 'help', ...rest] = args;
  if (name === 'help') return help(rest);
  if (name === 'schema') return schema(rest);
  const named = name === 'calc' ? `calc ${rest[0] ?? ''}`.trim() : name;
  const found = lookUp(named);
  if (!found) return unknown(named);
  const { words, png } = withPng(name === 'calc' ? rest.slice(1) : rest);
  if (png === '') return refuse('--png: expected the name of a file to write');
  if (png !== null && !found.picture) return refuse(`--png: ${named} draws no picture`);
  const [file = '-', ...extra] = words;
  if (extra.length > 0) return refuse(`arguments: expected one file, got "${extra[0]}" as well`);
  return answer(found, file, read, png === null ? null : (data) => write(png, data));
}

/** Takes `--png OUT` out of the words; null when it is not there, empty when its file is missing. */
function withPng(words: readonly string[]): { words: readonly string[]; png: string | null } {
  const at = words.indexOf('--png');
  if (at < 0) return { words, png: null };
  return { words: words.filter((_, i) => i !== at && i !== at + 1), png: words[at + 1] ?? '' };
}

function lookUp(name: string): Command | undefined {
  const table = name.startsWith('calc ') ? CALCULATIONS : COMMANDS;
  const key = name.replace(/^calc /, '');
  return Object.hasOwn(table, key) ? table[key] : undefined;
}

function unknown(name: string): Outcome {
  if (LATER.includes(name)) return refuse(`${name}: not in this version yet`);
  if (name === 'calc') return refuse(`calc: expected one of ${Object.keys(CALCULATIONS).join(', ')}`);
  return refuse(
    `command: expected one of ${[...Object.keys(COMMANDS), 'calc', 'schema', 'help'].join(', ')}, got "${name}"`,
  );
}

function answer(
  command: Command,
  file: string,
  read: (file: string) => string,
  keep: ((picture: Uint8Array) => void) | null,
): Outcome {
  let source: string;
  try {
    source = read(file);
  } catch (cause) {
    return refuse(`file: cannot read "${file}" (${(cause as NodeJS.ErrnoException).code ?? 'unreadable'})`);
  }
  let input: unknown;
  try {
    input = JSON.parse(source);
  } catch (cause) {
    return refuse(`input: expected JSON (${(cause as SyntaxError).message})`);
  }
  const parsed = command.input.safeParse(input);
  if (!parsed.success) {
    const { path, message } = firstFieldError(parsed.error, input);
    return refuse(`${path}: ${message}`);
  }
  if (keep && command.picture) {
    try {
      keep(command.picture(parsed.data as never));
    } catch (cause) {
      return refuse(`--png: cannot write the picture (${(cause as NodeJS.ErrnoException).code ?? 'unwritable'})`);
    }
  }
  return done(command.run(parsed.data as never));
}

function schema([name, ...more]: string[]): Outcome {
  const named = name === 'calc' ? `calc ${more[0] ?? ''}`.trim() : (name ?? '');
  const found = lookUp(named) ?? lookUp(`calc ${named}`);
  if (!found) return unknown(named);
  const shape = (side: 'input' | 'output', type: z.ZodType) =>
    z.toJSONSchema(type, { io: side, unrepresentable: 'any' });
  return done({
    command: named,
    input: shape('input', found.input),
    output: shape('output', found.output),
    ...(named === 'match' ? { schools: SCHOOL_LIST } : {}),
  });
}

const USAGE = 'npm run --silent bobbet -- COMMAND [FILE]      FILE, or -, or nothing for standard input';
const PICTURE = 'With --png OUT it also writes a picture.';

function help([name, ...more]: string[]): Outcome {
  if (name) {
    const named = name === 'calc' && more[0] ? `calc ${more[0]}` : name;
    const found = lookUp(named) ?? lookUp(`calc ${named}`);
    if (found)
      return text(
        `${named}: ${found.about}\n${found.picture ? `  ${PICTURE}\n` : ''}  its input and output: bobbet schema ${named}\n`,
      );
    if (name !== 'calc') return unknown(named);
  }
  const list = (table: Record<string, Command>, prefix = '') =>
    Object.entries(table).map(([key, { about }]) => `  ${(prefix + key).padEnd(20)} ${about}`);
  const lines = [
    USAGE,
    '',
    ...list(COMMANDS),
    ...list(CALCULATIONS, 'calc '),
    `  ${'schema NAME'.padEnd(20)} the JSON Schema of a command’s input and output`,
    `  ${'help [NAME]'.padEnd(20)} this list, or one command`,
    '',
    `Not in this version yet: ${LATER.join(', ')}.`,
  ];
  return text(`${lines.join('\n')}\n`);
}
