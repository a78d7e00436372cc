#!/usr/bin/env node
// npm start: installs if needed, builds if needed, serves on this machine only.
// npm start -- --empty starts with an empty workroom; --port 4000 (or PORT=4000) takes another port.
import { createServer } from 'node:net';
import { build, install, needNode, serve, stop } from './steps.mjs';

const words = process.argv.slice(2);
const at = words.indexOf('--port');
const port = Number(at >= 0 ? words[at + 1] : (process.env.PORT ?? 3000));
if (!Number.isInteger(port) || port < 1 || port > 65535) stop('--port: expected a number from 1 to 65535');
const unknown = words.find((word, i) => word !== '--empty' && i !== at && (at < 0 || i !== at + 1));
if (unknown) stop(`${unknown}: expected --empty or --port NUMBER`);

const isFree = () =>
  new Promise((done) => {
    const probe = createServer();
    probe.once('error', () => done(false));
    probe.listen(port, '127.0.0.1', () => probe.close(() => done(true)));
  });

needNode();
if (!(await isFree())) stop(`Port ${port} is taken. Run: npm start -- --port ${port + 1}`);
install();
if (!build()) stop('Building failed. Look above for the reason.');
const server = await serve(port, { empty: words.includes('--empty') });
console.log(`\nBobbet is at http://localhost:${port}\nStop it with Ctrl-C.\n`);
// Signals are passed on, so that nothing is left running behind npm.
for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => server.kill(signal));
server.once('exit', (code) => process.exit(code ?? 0));
