#!/usr/bin/env node
// npm start: installs if needed, builds if needed, serves on this machine only.
// npm start -- --network serves every device on the same network too, by plain http.
// npm start -- --empty starts with an empty workroom; --port 4000 (or PORT=4000) takes another port.
import { createServer } from 'node:net';
import { networkInterfaces } from 'node:os';
import { notePort, otherWorkroom } from './servedPort.mjs';
import { build, install, needNode, serve, stop } from './steps.mjs';

const words = process.argv.slice(2);
const at = words.indexOf('--port');
const port = Number(at >= 0 ? words[at + 1] : (process.env.PORT ?? 3000));
if (!Number.isInteger(port) || port < 1 || port > 65535) stop('--port: expected a number from 1 to 65535');
const FLAGS = ['--empty', '--network'];
const network = words.includes('--network');
const unknown = words.find((word, i) => !FLAGS.includes(word) && i !== at && (at < 0 || i !== at + 1));
if (unknown) stop(`${unknown}: expected --empty, --network or --port NUMBER`);

const isFree = () =>
  new Promise((done) => {
    const probe = createServer();
    probe.once('error', () => done(false));
    probe.listen(port, '127.0.0.1', () => probe.close(() => done(true)));
  });

/** Where other devices find it, and what has to be known before they do. */
function sayNetwork() {
  const own = Object.values(networkInterfaces()).flatMap((all) => all ?? []);
  for (const { family, internal, address } of own)
    if (family === 'IPv4' && !internal) console.log(`On your network: http://${address}:${port}`);
  console.log('Anyone on this network can open it. Each browser keeps a workroom of its own.');
}

needNode();
if (!(await isFree())) stop(`Port ${port} is taken. Run: npm start -- --port ${port + 1}`);
install();
if (!build()) stop('Building failed. Look above for the reason.');
// Tests serve on ports of their own, which say nothing of where somebody's work is.
const apart = process.env.BOBBET_APART === '1';
const warning = apart ? null : otherWorkroom(port);
if (warning) console.log(`\n${warning}`);
const server = await serve(port, { empty: words.includes('--empty'), network });
if (!apart) notePort(port);
console.log(`\nBobbet is at http://localhost:${port}`);
if (network) sayNetwork();
console.log('Stop it with Ctrl-C.\n');
// Signals are passed on, so that nothing is left running behind npm.
let stopping = false;
const stopServer = (signal) => {
  stopping = true;
  server.kill(signal);
};
for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => stopServer(signal));
server.once('exit', () => {
  if (!stopping) stop('The server stopped by itself. Look above for the reason, then start it again.');
  process.exit(0);
});
// npm that is killed passes nothing on; whoever started this is then another.
if (process.env.npm_lifecycle_event === 'start') {
  const parent = process.ppid;
  setInterval(() => process.ppid !== parent && stopServer('SIGTERM'), 2000).unref();
}
