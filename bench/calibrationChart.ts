/** `npx tsx bench/calibrationChart.ts` writes docs/calibration.svg and prints the table beside it in docs/trial.md. */
import { writeFileSync } from 'node:fs';
import { BASE_RATES, type Bin, binned, EVEN_RATES, sayings } from './calibration';
import { HURRIED } from './trial';

const LINES = 4000;
const SIDE = 360;
const EDGE = 56;

const percent = (share: number) => `${(100 * share).toFixed(1)}%`;
const x = (share: number) => (EDGE + SIDE * share).toFixed(1);
const y = (share: number) => (EDGE / 2 + SIDE * (1 - share)).toFixed(1);

const text = (left: string | number, top: string | number, words: string, more = '') =>
  `<text x="${left}" y="${top}" font-size="13" fill="#26313c" ${more}>${words}</text>`;
const path = (bins: readonly Bin[], look: string) =>
  `<polyline points="${bins.map(({ said, so }) => `${x(said)},${y(so)}`).join(' ')}" fill="none" ${look}/>`;
const dots = (bins: readonly Bin[], look: string) =>
  bins.map(({ said, so }) => `<circle cx="${x(said)}" cy="${y(so)}" r="4" ${look}/>`).join('');

const marks = [0, 0.2, 0.4, 0.6, 0.8, 1].flatMap((share) => [
  `<path d="M${x(share)} ${y(0)}V${y(1)}M${x(0)} ${y(share)}H${x(1)}" stroke="#d8dee4" fill="none"/>`,
  text(x(share), Number(y(0)) + 18, `${100 * share}%`, 'text-anchor="middle"'),
  text(EDGE - 8, Number(y(share)) + 4, `${100 * share}%`, 'text-anchor="end"'),
]);

/** How often a cause was at work, over how likely it was said to be; on the diagonal both are the same. */
function chart(own: readonly Bin[], even: readonly Bin[]): string {
  const band = [
    `${x(0)},${y(0.1)}`,
    `${x(0.9)},${y(1)}`,
    `${x(1)},${y(1)}`,
    `${x(1)},${y(0.9)}`,
    `${x(0.1)},${y(0)}`,
    `${x(0)},${y(0)}`,
  ];
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${SIDE + 2 * EDGE}" height="${SIDE + EDGE + 28}" font-family="sans-serif">`,
    '<title>How often a cause was at work, over how likely it was said to be</title>',
    `<rect width="100%" height="100%" fill="#fff"/>`,
    `<polygon points="${band.join(' ')}" fill="#eef3f0"/>`,
    ...marks,
    `<path d="M${x(0)} ${y(0)}L${x(1)} ${y(1)}" stroke="#7a8794" stroke-dasharray="4 4"/>`,
    path(even, 'stroke="#b9822f" stroke-width="1.5" stroke-dasharray="2 3"'),
    dots(even, 'fill="#fff" stroke="#b9822f"'),
    path(own, 'stroke="#1f6f54" stroke-width="2"'),
    dots(own, 'fill="#1f6f54"'),
    text(x(0.5), SIDE + EDGE + 14, 'said', 'text-anchor="middle"'),
    text(14, y(0.5), 'was so', `text-anchor="middle" transform="rotate(-90 14 ${y(0.5)})"`),
    text(x(0.04), Number(y(0.96)) + 4, '● faults as often as the diagnosis supposes', 'style="fill:#1f6f54"'),
    text(x(0.04), Number(y(0.9)) + 4, '○ every fault as often as every other', 'style="fill:#8a5f1c"'),
    '</svg>\n',
  ].join('\n');
}

const own = binned(sayings(LINES, BASE_RATES, HURRIED));
const even = binned(sayings(LINES, EVEN_RATES, HURRIED, BASE_RATES));
writeFileSync(new URL('../docs/calibration.svg', import.meta.url), chart(own, even));
for (const [name, bins] of [
  ['as often as supposed', own],
  ['all as often', even],
] as const) {
  console.log(`\n| faults ${name}: said | was so | sayings |\n|---|---|---|`);
  for (const { said, so, count } of bins) console.log(`| ${percent(said)} | ${percent(so)} | ${count} |`);
}
