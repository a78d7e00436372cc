import { readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { runCommand } from './run';

/** Files are named from where the person stands, not from where npm runs the script. */
const here = (file: string) => path.resolve(process.env.INIT_CWD ?? process.cwd(), file);
const read = (file: string) => readFileSync(file === '-' ? 0 : here(file), 'utf8');
const write = (file: string, data: Uint8Array) => writeFileSync(here(file), data);

const { exit, out, error } = runCommand(process.argv.slice(2), read, write);
process.stdout.write(out);
process.stderr.write(error);
process.exitCode = exit;
