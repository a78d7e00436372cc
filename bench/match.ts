/** How long match takes, in Node, bundled as the worker is: the full kit on the full grid, and one home's kit. */
import { readFileSync } from 'node:fs';
import { clothOf, FAMILY } from '../src/core/cloth';
import { kitOf, type Workroom } from '../src/core/file';
import { answer, matchInputSchema, type MatchRequest, sharpen } from '../src/core/match';
import { OPERATION_KINDS } from '../src/core/setup';
import { CALCULATIONS } from '../cli/calculations';

const demo = JSON.parse(readFileSync('demo/tansy-wren.json', 'utf8')) as Workroom;

/** Every family in every operation. */
const all = (more: Partial<MatchRequest>) =>
  Object.values(FAMILY).flatMap(({ id, structure }) =>
    OPERATION_KINDS.map((kind) =>
      matchInputSchema.parse({ cloth: { structure, family: id }, operation: { kind }, ...more }),
    ),
  );

/** The demo's cloths in the three seams people ask for most. */
const usual = (more: Partial<MatchRequest>) =>
  demo.cloths.flatMap((cloth) =>
    (['join', 'topstitch', 'hem'] as const).map((kind) =>
      // The app asks with what a gauge found, which the headless command does not take.
      ({
        ...matchInputSchema.parse({ cloth: { structure: 'knit' }, operation: { kind }, ...more }),
        cloth: clothOf(cloth),
      }),
    ),
  );

function time(name: string, inputs: ReturnType<typeof all>, work: (input: (typeof inputs)[number]) => unknown) {
  for (let i = 0; i < 40; i += 1) work(inputs[(i * 7) % inputs.length]);
  const times = inputs.map((input) => {
    const started = performance.now();
    work(input);
    return performance.now() - started;
  });
  times.sort((a, b) => a - b);
  const at = (share: number) => `${times[Math.floor(share * (times.length - 1))].toFixed(1).padStart(7)} ms`;
  console.log(
    `${name.padEnd(46)} ${String(inputs.length).padStart(4)} questions   median ${at(0.5)}   95% ${at(0.95)}`,
  );
}

const home = { machine: demo.machines[0].machine, kit: kitOf(demo.kit, demo.needles, demo.threads) ?? undefined };
time('answer, everything on sale, every seam', all({}), answer);
time('answer, everything on sale, usual seams', usual({}), answer);
time('answer, one home’s kit, every seam', all(home), answer);
time('sharpen, everything on sale, usual seams', usual({}), sharpen);
time('sharpen, one home’s kit, usual seams', usual(home), sharpen);

/** One ordinary question for each calculation. */
const SAMPLES: Record<string, unknown> = {
  stretch: { rest: 100, stretched: 150, relaxed: 104 },
  mass: { momme: 19 },
  shrink: { before: 500, after: 475, neededMm: 2000 },
  rigidity: { massGsm: 340, overhangMm: 60 },
  'stitch-length': { spi: 10 },
  thread: { ticket: 75 },
  'thread-needle': { tex: 27, fibre: 'polyester', nm: 80 },
  'thread-use': { stitch: 'zigzag', lengthMm: 1.5, widthMm: 5, thicknessMm: 0.6, seamMm: 1000 },
  give: { stitch: 'zigzag', lengthMm: 2.5, widthMm: 2, thicknessMm: 1.2 },
  bow: { strainPercent: 1, stripMm: 63.5, spanMm: 1000, seams: 5, alternate: true },
  bobbin: { outerMm: 20.3, hubMm: 7, widthMm: 9, tex: 27 },
  curve: { radiusMm: 10 },
  clips: { radiusMm: 30, turnDeg: 180, allowanceMm: 10, side: 'concave' },
  corner: { distanceMm: 48, lengthMm: 2.5, angleDeg: 60, weight: 'medium' },
  french: { allowanceMm: 15, thicknessMm: 0.15 },
  felled: { allowanceMm: 16, thicknessMm: 0.9 },
  band: { openingMm: 600, bandWidthMm: 20, stretch: 60, girthMm: 570 },
  zip: { kind: 'centred', zipMm: 180, allowanceMm: 15, coilToTapeEdgeMm: 13, coilWidthMm: 6 },
  hump: { layerMm: 0.8, lowLayers: 3, highLayers: 9 },
  topstitch: { edges: [{ mm: 60 }, { mm: 80 }], lengthMm: 3, fromEdgeMm: 6 },
};

console.log('\ncalculations, a second of one core');
for (const [name, command] of Object.entries(CALCULATIONS)) {
  const input = command.input.parse(SAMPLES[name]) as never;
  for (let i = 0; i < 20000; i += 1) command.run(input);
  const started = performance.now();
  let done = 0;
  while (performance.now() - started < 100) for (let i = 0; i < 500; i += 1, done += 1) command.run(input);
  const perSecond = (done * 1000) / (performance.now() - started);
  console.log(`  ${name.padEnd(16)} ${(perSecond / 1e6).toFixed(2).padStart(8)} million`);
}
