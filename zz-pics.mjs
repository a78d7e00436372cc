import { withPage } from './zz-shotlib.mjs';
await withPage(async (p, at) => {
  await p.goto(at + '/match?cloth=denim');
  await p.waitForTimeout(3000);
  console.log(await p.locator('main').innerText().then(t => t.slice(0, 120)));
  await p.getByRole('link', { name: 'Sew', exact: true }).click();
  await p.getByRole('button', { name: /^Flat-felled/ }).click();
  await p.waitForTimeout(2500);
  await p.screenshot({ path: '/tmp/exp/a1.png', fullPage: true });
  await p.getByRole('button', { name: 'Begin' }).click();
  await p.waitForTimeout(800);
  await p.getByRole('button', { name: /Done, next/ }).click();
  await p.waitForTimeout(800);
  await p.screenshot({ path: '/tmp/exp/a2.png' });
  await p.setViewportSize({ width: 390, height: 844 });
  await p.waitForTimeout(500);
  await p.screenshot({ path: '/tmp/exp/a3.png', fullPage: true });
});
