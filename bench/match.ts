/** How long match takes, in Node, bundled as the worker is: the full kit on the full grid, and one home's kit. */
import { readFileSync } from 'node:fs';
import { clothOf, type Workroom } from '../src/core/file';
import { answer, matchInputSchema, type MatchRequest, sharpen } from '../src/core/match';

const demo = JSON.parse(readFileSync('demo/tansy-wren.json', 'utf8')) as Workroom;
const KINDS = ['join', 'topstitch', 'hem'] as const;
const questions = (more: Partial<MatchRequest>) =>
  demo.cloths.flatMap((cloth) =>
    KINDS.map((kind) => matchInputSchema.parse({ cloth: clothOf(cloth), operation: { kind }, ...more })),
  );

function time(name: string, inputs: ReturnType<typeof questions>, work: (input: (typeof inputs)[number]) => unknown) {
  inputs.slice(0, 10).forEach(work);
  const times = inputs.map((input) => {
    const started = performance.now();
    work(input);
    return performance.now() - started;
  });
  times.sort((a, b) => a - b);
  const at = (share: number) => `${times[Math.floor(share * (times.length - 1))].toFixed(1).padStart(7)} ms`;
  console.log(`${name.padEnd(44)} median ${at(0.5)}   95 % ${at(0.95)}`);
}

const home = { machine: demo.machines[0].machine, kit: demo.kit.kit ?? undefined };
time('answer, everything on sale', questions({}), answer);
time('answer, one home’s kit', questions(home), answer);
time('sharpen, everything on sale', questions({}), sharpen);
time('sharpen, one home’s kit', questions(home), sharpen);
