import highs from 'highs';
import { describe, expect, it } from 'vitest';
import { seeded } from '../../random';
import { schedule, scheduleInputSchema } from '.';

/** A job of a given size: every seam says all it wants, so that what it costs to follow another is one number. */
function job(count: number, seed: number) {
  const rng = seeded(seed);
  const pick = (most: number) => Math.floor(rng.next() * most);
  const tasks = Array.from({ length: count }, (_, i) => ({
    id: `s${i}`,
    needs: { needle: `n${pick(3)}`, thread: `c${pick(3)}`, foot: `f${pick(3)}`, lengthMm: 2 + pick(3) / 2 },
    after: Array.from({ length: i }, (_, k) => `s${k}`).filter(() => rng.next() < 0.12),
  }));
  return scheduleInputSchema.parse({ tasks, now: { needle: 'n0', thread: 'c0', foot: 'f0', lengthMm: 2 } });
}

type Job = ReturnType<typeof job>;
const change = ({ costs }: Job, from: Job['now'], to: Job['now']) =>
  (from.needle === to.needle ? 0 : costs.needle) +
  (from.thread === to.thread ? 0 : costs.thread) +
  (from.foot === to.foot ? 0 : costs.foot) +
  (from.lengthMm === to.lengthMm ? 0 : costs.dials);

/**
 * The same question as a mixed-integer programme: a path through all seams from what is on the machine (node 0 of the
 * path), who follows whom, and the place of each (Miller, Tucker and Zemlin), precedence as places.
 */
function programme(input: Job): string {
  const { tasks } = input;
  const n = tasks.length;
  const at = new Map(tasks.map(({ id }, i) => [id, i]));
  const arcs = tasks.flatMap((to, j) => [
    { name: `x_s_${j}`, from: -1, to: j, cost: change(input, input.now, to.needs) },
    ...tasks.flatMap((from, i) =>
      i === j ? [] : [{ name: `x_${i}_${j}`, from: i, to: j, cost: change(input, from.needs, to.needs) }],
    ),
  ]);
  const lines = [
    ...tasks.map(
      (_, j) =>
        `${arcs
          .filter((a) => a.to === j)
          .map((a) => a.name)
          .join(' + ')} = 1`,
    ),
    `${arcs
      .filter((a) => a.from === -1)
      .map((a) => a.name)
      .join(' + ')} = 1`,
    ...tasks.map(
      (_, i) =>
        `${arcs
          .filter((a) => a.from === i)
          .map((a) => a.name)
          .join(' + ')} <= 1`,
    ),
    ...arcs.filter((a) => a.from >= 0).map((a) => `u_${a.from} - u_${a.to} + ${n} ${a.name} <= ${n - 1}`),
    ...tasks.flatMap(({ after }, j) => after.map((id) => `u_${j} - u_${at.get(id)} >= 1`)),
  ];
  return `Minimize
 obj: ${arcs.map((a) => `${a.cost} ${a.name}`).join(' + ')}
Subject To
${lines.map((line, i) => ` c${i}: ${line}`).join('\n')}
Bounds
${tasks.map((_, i) => ` 1 <= u_${i} <= ${n}`).join('\n')}
Binary
 ${arcs.map((a) => a.name).join(' ')}
End`;
}

// Checked against a general solver of mixed-integer programmes from the registry (HiGHS).
describe('library: the best order is the one a general solver finds', () => {
  it.each([
    [9, 1],
    [10, 2],
    [11, 3],
    [12, 4],
  ])('%d seams, job %d', async (count, seed) => {
    const input = job(count, seed);
    const solver = await highs();
    const solved = solver.solve(programme(input));
    expect(solved.Status).toBe('Optimal');
    const found = schedule(input);
    if ('blocked' in found) throw new Error(found.blocked[0].text);
    expect(found.optimal).toBe(true);
    expect(found.cost).toBeCloseTo(solved.ObjectiveValue, 5);
  });
});
