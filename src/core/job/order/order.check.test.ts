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

/** What a change of each part costs, by the name of its price. */
const PRICE = { needle: 'needle', thread: 'thread', foot: 'foot', lengthMm: 'dials' } as const;
const PARTS = Object.keys(PRICE) as (keyof typeof PRICE)[];

/** A job of seams that leave half of their needs open, so that what is on stays on, and of which half have to be pressed. */
function looseJob(count: number, seed: number) {
  const rng = seeded(seed);
  const pick = (most: number) => Math.floor(rng.next() * most);
  const some = <T>(value: T) => (rng.next() < 0.5 ? value : undefined);
  const tasks = Array.from({ length: count }, (_, i) => ({
    id: `s${i}`,
    needs: {
      needle: some(`n${pick(3)}`),
      thread: some(`c${pick(3)}`),
      foot: some(`f${pick(3)}`),
      lengthMm: some(2 + pick(3) / 2),
    },
    after: Array.from({ length: i }, (_, k) => `s${k}`).filter(() => rng.next() < 0.25),
    press: rng.next() < 0.5,
  }));
  return scheduleInputSchema.parse({ tasks, now: { needle: 'n0', foot: 'f0' } });
}

/**
 * The same question by places: which seam comes at which place, what is on the machine at each, and whether the iron is gone to before
 * it. What a seam leaves open stays as it was; the iron has to come between a seam to be pressed and whatever waits for it.
 */
function programmeByPlaces({ tasks, now, costs }: Job): string {
  const places = tasks.map((_, p) => p + 1);
  const at = new Map(tasks.map(({ id }, i) => [id, i]));
  const names = { y: (i: number, p: number) => `y_${i}_${p}`, iron: (p: number) => `iron_${p}` };
  const lines: string[] = [];
  const cost: string[] = [];
  const binary = tasks.flatMap((_, i) => places.map((p) => names.y(i, p)));
  tasks.forEach((_, i) => lines.push(`${places.map((p) => names.y(i, p)).join(' + ')} = 1`));
  places.forEach((p) => lines.push(`${tasks.map((_, i) => names.y(i, p)).join(' + ')} = 1`));
  tasks.forEach(({ after }, j) =>
    after.forEach((id) => {
      const i = at.get(id)!;
      const place = places.map((p) => `${p} ${names.y(j, p)} - ${p} ${names.y(i, p)}`).join(' + ');
      lines.push(`${place} >= 1`);
      if (!tasks[i].press) return;
      for (const p of places)
        for (const q of places.filter((later) => later > p)) {
          const walks = places.filter((r) => r > p && r <= q).map(names.iron);
          lines.push(`${walks.join(' + ')} - ${names.y(i, p)} - ${names.y(j, q)} >= -1`);
        }
    }),
  );
  places.forEach((p) => {
    binary.push(names.iron(p));
    cost.push(`${costs.iron} ${names.iron(p)}`);
  });
  for (const part of PARTS) {
    const values = [...new Set([now[part], ...tasks.map(({ needs }) => needs[part])])];
    const on = (v: number, p: number) => `on_${part}_${v}_${p}`;
    for (const p of [0, ...places]) {
      values.forEach((_, v) => binary.push(on(v, p)));
      lines.push(`${values.map((_, v) => on(v, p)).join(' + ')} = 1`);
    }
    lines.push(`${on(values.indexOf(now[part]), 0)} = 1`);
    for (const p of places)
      values.forEach((value, v) => {
        const put = `put_${part}_${v}_${p}`;
        cost.push(`${costs[PRICE[part]]} ${put}`);
        lines.push(`${put} - ${on(v, p)} + ${on(v, p - 1)} >= 0`);
        tasks.forEach(({ needs }, i) => {
          if (value !== undefined && needs[part] === value) lines.push(`${on(v, p)} - ${names.y(i, p)} >= 0`);
        });
      });
  }
  return `Minimize
 obj: ${cost.join(' + ')}
Subject To
${lines.map((line, i) => ` c${i}: ${line}`).join('\n')}
Binary
 ${binary.join(' ')}
End`;
}

// Checked against HiGHS as above.
describe('library: where needs are left open and the iron counts, the best order costs what a general solver finds', () => {
  it.each([
    [6, 11],
    [6, 12],
    [7, 13],
    [7, 14],
    [7, 15],
  ])('%d seams, job %d', async (count, seed) => {
    const input = looseJob(count, seed);
    expect(input.tasks.some(({ id, press }) => press && input.tasks.some((t) => t.after.includes(id)))).toBe(true);
    const solver = await highs();
    const solved = solver.solve(programmeByPlaces(input));
    expect(solved.Status).toBe('Optimal');
    const found = schedule(input);
    if ('blocked' in found) throw new Error(found.blocked[0].text);
    expect(found.optimal).toBe(true);
    expect(found.cost).toBeCloseTo(solved.ObjectiveValue, 5);
  });
});
