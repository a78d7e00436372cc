import { readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { decodeText } from '../src/core/file';
import { runCommand } from './run';

/** Files are named from where the person stands, not from where npm runs the script. */
const here = (file: string) => path.resolve(process.env.INIT_CWD ?? process.cwd(), file);
const read = (file: string) => decodeText(readFileSync(file === '-' ? 0 : here(file)));
const readBytes = (file: string) => new Uint8Array(readFileSync(file === '-' ? 0 : here(file)));
const write = (file: string, data: Uint8Array) => writeFileSync(here(file), data);

function main(): void {
  try {
    const { exit, out, error } = runCommand(process.argv.slice(2), read, write, readBytes);
    process.stdout.write(out);
    process.stderr.write(error);
    process.exitCode = exit;
  } catch (cause) {
    // A slip of ours: one line to report it by, and nobody has to read a stack.
    const why = cause instanceof Error ? cause.message : String(cause);
    process.stderr.write(`bobbet: internal error: ${why.replace(/\s*\n\s*/g, ' ')}\n`);
    process.exitCode = 1;
  }
}

main();
