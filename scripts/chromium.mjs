// The browser that the end-to-end tests and the bench drive: Debian's Chromium, installed through apt when missing.
import { spawnSync } from 'node:child_process';
import { run, stop } from './steps.mjs';

/** The same browser without its windows: it takes little more than half the processor's time. */
const SHELL = 'chromium-headless-shell';
const WHOLE = 'chromium';

const here = (name) => {
  const found = spawnSync('sh', ['-c', `command -v ${name}`], { encoding: 'utf8' });
  return found.status === 0 ? found.stdout.trim() : null;
};

const canInstall = () => process.getuid?.() === 0 && here('apt-get') !== null;
const how = (name) => `apt-get update && apt-get install -y ${name}`;

function installed(name) {
  console.log(`Installing ${name} …`);
  run('sh', ['-c', `${how(name)} >/dev/null`], { env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' } });
  return here(name);
}

/**
 * The path of Chromium; installs it if that can be done, and says the one command to run if it cannot.
 *
 * @param whole - with its windows, as people have it: for what is measured
 */
export function chromium({ whole = false } = {}) {
  const shell = () => here(SHELL) ?? (canInstall() ? installed(SHELL) : null);
  const found = (whole ? null : shell()) ?? here(WHOLE) ?? here('chromium-browser');
  if (found) return found;
  if (here('apt-get') === null) {
    stop(
      'The browser tests need Chromium on the PATH. Install it with your system’s packages, then run npm test again.',
    );
  }
  if (!canInstall()) stop(`The browser tests need Chromium. Run: sudo sh -c "${how(WHOLE)}"`);
  return installed(WHOLE) ?? stop(`Chromium could not be installed. Run: ${how(WHOLE)}`);
}
