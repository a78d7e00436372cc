import { spawn } from 'child_process'; import { chromium } from 'playwright';
export async function withPage(f) {
const srv = spawn('node', ['scripts/start.mjs', '--port', '4390'], { cwd: '/work/main', env: { ...process.env, BOBBET_APART: '1' }, stdio: 'ignore', detached: true });
await new Promise((r) => setTimeout(r, 4000));
const b = await chromium.launch({ executablePath: '/usr/bin/chromium-headless-shell' });
const p = await b.newPage({ viewport: { width: 1280, height: 800 }, reducedMotion: 'reduce' });
try { await f(p, 'http://localhost:4390'); } catch (e) { console.log(e.message); }
await b.close(); process.kill(-srv.pid);
}
