import { readFileSync } from 'node:fs';
import path from 'node:path';
import { runCommand } from './run';

/** Files are named from where the person stands, not from where npm runs the script. */
const read = (file: string) =>
  readFileSync(file === '-' ? 0 : path.resolve(process.env.INIT_CWD ?? process.cwd(), file), 'utf8');

const { exit, out, error } = runCommand(process.argv.slice(2), read);
process.stdout.write(out);
process.stderr.write(error);
process.exitCode = exit;
