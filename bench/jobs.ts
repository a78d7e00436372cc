/** How long sixty seams take to be put in order, and how near the order is to the best one known. */
import { readFileSync } from 'node:fs';
import { performance } from 'node:perf_hooks';
import { unproven } from '../demo/unproven';
import { readWorkroom } from '../src/core/file';
import {
  type Job,
  jobFromTemplate,
  schedule,
  type ScheduleInput,
  scheduleInputSchema,
  TEMPLATES,
} from '../src/core/job';
// The bench may look longer than the product does: that is how the best known is come by.
import { annealedOrder } from '../src/core/job/order/annealing';
import { modelOf } from '../src/core/job/order/model';
import { orderCost } from '../src/core/job/order/localSearch';
import { seeded } from '../src/core/random';

const read = readWorkroom(readFileSync(new URL('../demo/tansy-wren.json', import.meta.url), 'utf8'));
if (!read.ok) throw new Error(`expected the demo to be readable: ${read.error.path}`);
const standing = unproven(read.workroom);

type Part = readonly [template: string, cloth: string, second: string, colour: string];

/** Several things made at once on one machine, each in its cloth and colour, with every scrap to be proven. */
function together(parts: readonly Part[]): ScheduleInput {
  let key = 0;
  const newId = () => `k${(key += 1)}`;
  const jobs = parts.map(([id, clothId, secondClothId, colour]) => {
    const choice = { name: id, machineId: 'green', clothId, secondClothId, colour };
    const template = TEMPLATES.find((t) => t.id === id)!;
    return jobFromTemplate(template, choice, { id: newId(), newId, at: '2026-01-01T00:00:00Z' });
  });
  const seams = jobs.flatMap((j) => j.seams.map((s) => ({ ...s, needleColour: j.colour })));
  const job: Job = { ...jobs[0], pieces: jobs.flatMap((j) => j.pieces), seams };
  return standing(job).question;
}

// prettier-ignore
const JOBS: readonly (readonly Part[])[] = [
  [['knit-top', 'merino', '', 'grey'], ['apron', 'denim', '', 'ochre'], ['curtain', 'lawn', '', 'cream'], ['cushion-zip', 'deck', 'sateen', 'sand'], ['lined-bag', 'deck', 'lawn', 'sand'], ['skirt', 'sateen', '', 'cream']],
  [['skirt', 'sateen', '', 'a'], ['skirt', 'lawn', '', 'a'], ['lined-bag', 'denim', 'lawn', 'b'], ['apron', 'denim', '', 'b'], ['knit-top', 'fleece', '', 'c'], ['cushion-zip', 'velvet', 'sateen', 'd']],
  [['skirt', 'lawn', '', 'a'], ['skirt', 'denim', '', 'a'], ['lined-bag', 'deck', 'lawn', 'b'], ['apron', 'deck', '', 'b'], ['knit-top', 'merino', '', 'c'], ['knit-top', 'fleece', '', 'd']],
];

/** Seven needs of every seam drawn at random: harder than anything that is made. */
function drawn(seed: number, count: number): ScheduleInput {
  const chance = seeded(seed);
  const below = (most: number) => Math.floor(chance.next() * most);
  const tasks = Array.from({ length: count }, (_, i) => ({
    id: `s${i}`,
    needs: {
      needle: `n${below(4)}`,
      thread: `t${below(3)}`,
      bobbin: `b${below(3)}`,
      foot: `f${below(4)}`,
      stitch: `x${below(4)}`,
      lengthMm: 2 + below(4) * 0.5,
      tensionSteps: below(2),
    },
    after: i === 0 ? [] : [...new Set(Array.from({ length: below(4) }, () => `s${below(i)}`))],
    press: chance.next() < 0.4,
  }));
  return scheduleInputSchema.parse({ tasks });
}

/** How many times longer is looked for the best known. */
const PATIENCE = 10;

function told(name: string, question: ScheduleInput): void {
  const begun = performance.now();
  const found = schedule(question);
  const seconds = (performance.now() - begun) / 1000;
  if ('blocked' in found) throw new Error('expected an order');
  const model = modelOf(question);
  const best = Math.min(found.cost, orderCost(model, annealedOrder(model, undefined, PATIENCE)));
  const over = (100 * (found.cost - best)) / best;
  console.log(
    `${name}, ${question.tasks.length} to do`.padEnd(44),
    `${seconds.toFixed(2)} s   ${found.cost.toFixed(1)} min, ${over.toFixed(2)}% over the best known   proven bound ${found.bound.toFixed(1)} min`,
  );
}

JOBS.forEach((parts, i) => told(`${parts.length} things at once (${i + 1})`, together(parts)));
for (const seed of [1, 2, 3]) told(`drawn at random (${seed})`, drawn(seed, 60));
