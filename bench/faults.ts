/**
 * Every fault of the simulated machine at three severities, front above back, on one sheet: `npm run faults` writes it to
 * docs/screenshots/faults.png.
 */
import { mkdirSync, writeFileSync } from 'node:fs';
import { chromium } from '@playwright/test';
import { encode } from 'fast-png';
import type { Cloth } from '../src/core/cloth';
import { FAULT, type HiddenFault, HIDDEN_FAULTS, NO_TROUBLE, sewnPicture, withFault } from '../src/core/standin';
import { type Setup, setupSchema } from '../src/core/setup';

const OUT = 'docs/screenshots/faults.png';
const AMOUNTS = [0.35, 0.65, 1];
const PX_PER_MM = 6;
const LINE_MM = 26;

const QUIRKS = { lengthFactor: 1, tensionSteps: 0, pressure: 0, creep: 1 };
const setting = (more: object): Setup =>
  setupSchema.parse({
    needle: { point: 'ballpoint', nm: 75 },
    thread: { fibre: 'polyester', tex: 27 },
    foot: 'standard',
    plate: 'standard',
    stitch: 'straight',
    lengthMm: 2.5,
    widthMm: 0,
    pressure: 0.25,
    ...more,
  });

const JERSEY: Cloth = { structure: 'knit', family: 'jersey', traits: [], stretchAcross: 50 };
const LAWN: Cloth = { structure: 'woven', family: 'lawn', traits: [] };
const VINYL: Cloth = { structure: 'coated', family: 'vinyl', traits: [] };
const DENIM: Cloth = { structure: 'woven', family: 'denim', traits: [] };

const ON_JERSEY = { cloth: JERSEY, setup: setting({}) };
const ON_LAWN = {
  cloth: LAWN,
  setup: setting({ needle: { point: 'universal', nm: 70 }, thread: { fibre: 'polyester', tex: 18 }, pressure: 0.5 }),
};
const ON_DENIM = {
  cloth: DENIM,
  setup: setting({ needle: { point: 'jeans', nm: 100 }, thread: { fibre: 'polyester', tex: 40 }, pressure: 0.5 }),
};
const ON_VINYL = {
  cloth: VINYL,
  setup: setting({ needle: { point: 'sharp', nm: 100 }, lengthMm: 3.5, pressure: 0.5 }),
};

/** What each is sewn on, where it is not jersey: the cloth on which it shows best. */
const SEWN_ON: Partial<Record<HiddenFault, typeof ON_JERSEY>> = {
  'needle-too-thick': ON_LAWN,
  'needle-too-fine': ON_DENIM,
  'tension-high': ON_LAWN,
  'dial-short': ON_VINYL,
  hump: ON_DENIM,
  'wide-slot': ON_LAWN,
  'begun-at-edge': ON_LAWN,
  'lever-down': ON_LAWN,
};

function tile(fault: HiddenFault, amount: number): string {
  const { cloth, setup } = SEWN_ON[fault] ?? ON_JERSEY;
  const machine = { quirks: QUIRKS, trouble: withFault(NO_TROUBLE, fault, amount) };
  const input = { setup, cloth, operation: { kind: 'join' as const }, lengthMm: LINE_MM, direction: 'across' as const };
  const picture = sewnPicture(input, machine, 7, PX_PER_MM);
  if (!picture) throw new Error(`tile: expected a picture of ${fault}, got none`);
  return `data:image/png;base64,${Buffer.from(encode({ ...picture, channels: 4 })).toString('base64')}`;
}

/** What is shown of each half of a picture, mm: the line with a little cloth round it. */
const SHOWN = { widthMm: LINE_MM + 10, heightMm: 17 };
/** As the picture lays cloth and table round a line, mm. */
const HALF = { widthMm: LINE_MM + 26, heightMm: 36 };

/** What only the far end of a line tells. */
const AT_THE_END: readonly HiddenFault[] = ['unequal-cloths'];

const half = (fault: HiddenFault, picture: string, below: boolean) => {
  const left = (HALF.widthMm - SHOWN.widthMm) / (AT_THE_END.includes(fault) ? 1 : 2);
  const top = (HALF.heightMm - SHOWN.heightMm) / 2 + (below ? HALF.heightMm : 0);
  return `<i style="background:url(${picture}) ${-left * PX_PER_MM}px ${-top * PX_PER_MM}px"></i>`;
};

const cell = (fault: HiddenFault) =>
  `<figure><div>${AMOUNTS.map((amount) => {
    const picture = tile(fault, amount);
    return `<span>${half(fault, picture, false)}${half(fault, picture, true)}</span>`;
  }).join('')}</div><figcaption>${FAULT[fault].text}</figcaption></figure>`;

const page = `<style>
  body { margin: 24px; background: #f4eee3; font: 600 26px sans-serif; color: #2b2a33;
    display: grid; grid-template-columns: repeat(5, max-content); gap: 22px 30px; }
  figure { margin: 0 } figure div { display: flex; gap: 6px } figcaption { padding: 6px 2px }
  span { display: grid; gap: 3px }
  i { display: block; width: ${SHOWN.widthMm * PX_PER_MM}px; height: ${SHOWN.heightMm * PX_PER_MM}px }
</style>${HIDDEN_FAULTS.map(cell).join('')}`;

const browser = await chromium.launch({
  executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
  args: ['--no-sandbox'],
});
const view = await browser.newPage({ viewport: { width: 800, height: 600 } });
await view.setContent(page);
const width = await view.evaluate(() => document.body.scrollWidth + 48);
await view.setViewportSize({ width, height: 800 });
mkdirSync('docs/screenshots', { recursive: true });
writeFileSync(OUT, await view.screenshot({ fullPage: true }));
await browser.close();
console.log(OUT);
