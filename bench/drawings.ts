/**
 * Every step of every operation, drawn and told as Sew does it, on contact sheets to be looked at: `npm run drawings -- FOLDER
 * [family]` writes one PNG for every two operations, and an overview with one drawing of each.
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
import { TOKEN_STYLES } from '../src/ui/tokens';

const [folder = 'drawings', family = 'poplin'] = process.argv.slice(2);
const cloth: Cloth = { structure: FAMILY[family as Family].structure, family: family as Family, traits: [] };
/** The house as in the app: its style sheet, with the theme's colours and letters by name. */
const NAMED = Object.entries(TOKEN_STYLES[':root'])
  .filter(([name]) => name.startsWith('--'))
  .map(([name, value]) => `${name}:${value};`)
  .join('');
const STYLES = `:root{${NAMED}} ${readFileSync(path.join(import.meta.dirname, '../src/app/globals.css'), 'utf8')}`;
const PER_SHEET = 2;

/** One step as a figure. */
interface Figure {
  drawing: string;
  text: string;
  /** It is sewn in this step. */
  sewn: boolean;
}

/** The steps of one operation as figures with what is said; what is wrong where it cannot be worked out. */
function figures(procedure: Procedure): Figure[] | string {
  const rows = matchRows(procedure, { cloth });
  const setups: RowSetups = Object.fromEntries(
    Object.entries(rows).flatMap(([row, { setup }]) => (setup ? [[row, setup]] : [])),
  );
  const known = setups[MAIN_ROW] ? setups : null;
  const { given } = givenOf(cloth, procedure, null, known);
  const worked = workOut(procedure, {}, given);
  if (!worked.ok) return JSON.stringify(worked);
  const { numbers } = worked;
  const steps = stepsOf(procedure, numbers);
  const { fill, length } = procedurePrinter(procedure, numbers, 'metric');
  return plannedSteps(steps, numbers, rows, known).map(({ step, text }, i) => {
    const scene = procedure.views[step.view](numbers, given);
    const on = known && step.sews ? stepSetup(steps, i, numbers, known, PLAIN_MACHINE) : null;
    const drawing = createElement(SceneDrawing, {
      scene,
      states: lineStates(scene, steps, i),
      length,
      tool: toolAt(scene, { ...step, with: text.with }),
      ...(on && { foot: on, sewn: on }),
    });
    return {
      drawing: renderToStaticMarkup(drawing),
      text: `<b>${i + 1}</b> ${fill(text.does)} <i>${fill(text.check)}</i>`,
      sewn: step.sews !== undefined,
    };
  });
}

const figure = (drawing: string, text: string) => `<figure>${drawing}<figcaption>${text}</figcaption></figure>`;

function sheetOf(procedure: Procedure): string {
  const all = figures(procedure);
  if (typeof all === 'string') return `<h2>${procedure.name}: ${all}</h2>`;
  return `<h2>${procedure.name}</h2><div class="sheet">${all.map(({ drawing, text }) => figure(drawing, text)).join('')}</div>`;
}

/** The step that shows most of an operation: the last that is sewn, else one in the middle. */
function shownOf(procedure: Procedure): string {
  const all = figures(procedure);
  if (typeof all === 'string') return '';
  const one = all.findLast(({ sewn }) => sewn) ?? all[Math.floor(all.length / 2)];
  return figure(one.drawing, procedure.name);
}

const page = (columns: number, body: string) =>
  `<style>${STYLES} body{background:var(--paper);font-family:var(--display);padding:8px} h2{margin:4px 0} .sheet{display:grid;grid-template-columns:repeat(${columns},1fr);gap:8px} figure{margin:0;background:var(--sheet);padding:4px;display:flex;flex-direction:column;justify-content:space-between} figcaption{font-size:15px}</style>${body}`;

mkdirSync(folder, { recursive: true });
const browser = await chromium.launch({
  executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
  args: ['--no-sandbox'],
});
const shown = await browser.newPage({ viewport: { width: 1500, height: 900 } });
const write = async (name: string, columns: number, body: string) => {
  await shown.setContent(page(columns, body));
  await shown.screenshot({ path: path.join(folder, name), fullPage: true });
};
for (let i = 0; i < PROCEDURES.length; i += PER_SHEET) {
  const some = PROCEDURES.slice(i, i + PER_SHEET);
  const name = `${String(i / PER_SHEET).padStart(2, '0')}-${some.map(({ id }) => id).join('+')}.png`;
  await write(name, 4, some.map(sheetOf).join(''));
}
await write('operations.png', 7, `<div class="sheet">${PROCEDURES.map(shownOf).join('')}</div>`);
await browser.close();
console.log(`${formatNumber(Math.ceil(PROCEDURES.length / PER_SHEET))} sheets and an overview in ${folder}`);
