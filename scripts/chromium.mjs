// The browser that the end-to-end tests and the bench drive: Debian's Chromium, installed through apt when missing.
import { spawnSync } from 'node:child_process';
import { run, stop } from './steps.mjs';

const NAMES = ['chromium', 'chromium-browser'];
const HOW = 'apt-get update && apt-get install -y chromium';

function find() {
  for (const name of NAMES) {
    const found = spawnSync('sh', ['-c', `command -v ${name}`], { encoding: 'utf8' });
    if (found.status === 0) return found.stdout.trim();
  }
  return null;
}

/** The path of Chromium; installs it if that can be done, and says the one command to run if it cannot. */
export function chromium() {
  const here = find();
  if (here) return here;
  if (spawnSync('sh', ['-c', 'command -v apt-get']).status !== 0) {
    stop(
      'The browser tests need Chromium on the PATH. Install it with your system’s packages, then run npm test again.',
    );
  }
  if (process.getuid?.() !== 0) stop(`The browser tests need Chromium. Run: sudo sh -c "${HOW}"`);
  console.log('Installing Chromium …');
  run('sh', ['-c', `${HOW} >/dev/null`], { env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' } });
  return find() ?? stop(`Chromium could not be installed. Run: ${HOW}`);
}
