/**
 * Every step of every operation, drawn and told as Sew does it, on contact sheets to be looked at: `npm run drawings -- FOLDER
 * [family]` writes one PNG for every two operations.
 */
import { mkdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { chromium } from '@playwright/test';
import { createElement } from 'react';
import { renderToStaticMarkup } from 'react-dom/server';
import { type Cloth, FAMILY, type Family } from '../src/core/cloth';
import {
  givenOf,
  lineStates,
  MAIN_ROW,
  matchRows,
  plannedSteps,
  procedurePrinter,
  PROCEDURES,
  type Procedure,
  type RowSetups,
  stepSetup,
  stepsOf,
  toolAt,
  workOut,
} from '../src/core/procedure';
import { PLAIN_MACHINE } from '../src/core/kit';
import { formatNumber } from '../src/core/units';
import { SceneDrawing } from '../src/ui/scene/SceneDrawing';

const [folder = 'drawings', family = 'poplin'] = process.argv.slice(2);
const cloth: Cloth = { structure: FAMILY[family as Family].structure, family: family as Family, traits: [] };
const STYLES = readFileSync(path.join(import.meta.dirname, '../src/app/globals.css'), 'utf8');
const PER_SHEET = 2;

/** The steps of one operation as figures with what is said. */
function figures(procedure: Procedure): string {
  const rows = matchRows(procedure, { cloth });
  const setups: RowSetups = Object.fromEntries(
    Object.entries(rows).flatMap(([row, { setup }]) => (setup ? [[row, setup]] : [])),
  );
  const known = setups[MAIN_ROW] ? setups : null;
  const { given } = givenOf(cloth, procedure, null, known);
  const worked = workOut(procedure, {}, given);
  if (!worked.ok) return `<h2>${procedure.name}: ${JSON.stringify(worked)}</h2>`;
  const { numbers } = worked;
  const steps = stepsOf(procedure, numbers);
  const { fill, length } = procedurePrinter(procedure, numbers, 'metric');
  return `<h2>${procedure.name}</h2><div class="sheet">${plannedSteps(steps, numbers, rows, known)
    .map(({ step, text }, i) => {
      const scene = procedure.views[step.view](numbers, given);
      const on = known && step.sews ? stepSetup(steps, i, numbers, known, PLAIN_MACHINE) : null;
      const drawing = createElement(SceneDrawing, {
        scene,
        states: lineStates(scene, steps, i),
        length,
        tool: toolAt(scene, { ...step, with: text.with }),
        ...(on && { foot: on, sewn: on }),
      });
      return `<figure>${renderToStaticMarkup(drawing)}<figcaption><b>${i + 1}</b> ${fill(text.does)} <i>${fill(text.check)}</i></figcaption></figure>`;
    })
    .join('')}</div>`;
}

mkdirSync(folder, { recursive: true });
const browser = await chromium.launch({
  executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
  args: ['--no-sandbox'],
});
const page = await browser.newPage({ viewport: { width: 1500, height: 900 } });
for (let i = 0; i < PROCEDURES.length; i += PER_SHEET) {
  const some = PROCEDURES.slice(i, i + PER_SHEET);
  await page.setContent(
    `<style>${STYLES} body{background:var(--paper);padding:8px} h2{margin:4px 0} .sheet{display:grid;grid-template-columns:repeat(4,1fr);gap:8px} figure{margin:0;background:var(--sheet);padding:4px} figcaption{font-size:15px}</style>${some.map(figures).join('')}`,
  );
  const name = `${String(i / PER_SHEET).padStart(2, '0')}-${some.map(({ id }) => id).join('+')}.png`;
  await page.screenshot({ path: path.join(folder, name), fullPage: true });
}
await browser.close();
console.log(`${formatNumber(Math.ceil(PROCEDURES.length / PER_SHEET))} sheets in ${folder}`);
