import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { seeded } from '../../random';
import { findCycle, type Schedule, schedule, type ScheduleInput, scheduleInputSchema, scheduleOutputSchema } from '.';

type Found = Exclude<Schedule, { blocked: unknown }>;
const ordered = (input: unknown): Found => {
  const found = schedule(scheduleInputSchema.parse(input));
  if ('blocked' in found) throw new Error(found.blocked[0].text);
  return found;
};

/** The plain slow way: every order there is, its changes counted one by one. */
function everyOrder(input: ScheduleInput): number {
  let best = Infinity;
  const walk = (order: readonly number[], cost: number, on: Record<string, unknown>, wet: readonly number[]) => {
    if (cost >= best) return;
    if (order.length === input.tasks.length) {
      best = cost;
      return;
    }
    input.tasks.forEach((task, i) => {
      if (order.includes(i)) return;
      const before = task.after.map((id) => input.tasks.findIndex((t) => t.id === id));
      if (!before.every((b) => order.includes(b))) return;
      const iron = before.some((b) => wet.includes(b));
      let more = iron ? input.costs.iron : 0;
      const after = { ...on };
      for (const row of [task.needs, ...task.rows])
        for (const [part, value] of Object.entries(row)) {
          if (value === undefined || after[part] === value) continue;
          more += input.costs[part in input.costs ? (part as keyof ScheduleInput['costs']) : 'dials'];
          after[part] = value;
        }
      walk([...order, i], cost + more, after, [...(iron ? [] : wet), ...(task.press ? [i] : [])]);
    });
  };
  walk([], 0, { ...input.now }, []);
  return best;
}

const value = (name: string, most: number) =>
  fc.option(
    fc.integer({ min: 0, max: most }).map((i) => `${name} ${i}`),
    { nil: undefined, freq: 4 },
  );
const needs = fc
  .record({
    needle: value('needle', 2),
    thread: value('thread', 3),
    foot: value('foot', 2),
    stitch: value('stitch', 1),
  })
  .map((all) => Object.fromEntries(Object.entries(all).filter(([, v]) => v !== undefined)));
const jobs = (most: number) =>
  fc
    .array(
      fc.record({
        needs,
        rows: fc.array(needs, { maxLength: 2 }),
        press: fc.boolean(),
        links: fc.array(fc.nat(), { maxLength: 2 }),
      }),
      { minLength: 1, maxLength: most },
    )
    .chain((tasks) =>
      fc.record({
        tasks: fc.constant(
          tasks.map(({ needs: wants, rows, press, links }, i) => ({
            id: `seam ${i}`,
            needs: wants,
            rows,
            press,
            after: i === 0 ? [] : [...new Set(links.map((k) => `seam ${k % i}`))],
          })),
        ),
        now: needs,
      }),
    );

describe('the order of seams', () => {
  it('costs what the cheapest of all orders costs, and says that it is the best', () => {
    fc.assert(
      fc.property(jobs(7), (job) => {
        const input = scheduleInputSchema.parse(job);
        const found = ordered(job);
        expect(found.optimal).toBe(true);
        expect(found.cost).toBeCloseTo(everyOrder(input), 6);
        expect(found.bound).toBeCloseTo(found.cost, 6);
      }),
      { numRuns: 60 },
    );
  });

  it('keeps what comes before what, tells every change, and is the same for the same question', () => {
    fc.assert(
      fc.property(jobs(14), (job) => {
        const found = ordered(job);
        expect(scheduleOutputSchema.safeParse(found).success).toBe(true);
        expect([...found.order].sort()).toEqual(job.tasks.map(({ id }) => id).sort());
        for (const { id, after } of job.tasks)
          for (const b of after) expect(found.order.indexOf(b)).toBeLessThan(found.order.indexOf(id));
        const price = { needle: 1.5, thread: 2, foot: 1, stitch: 0.3, iron: 1.5 } as Record<string, number>;
        expect(found.changes.reduce((sum, { change }) => sum + price[change], 0)).toBeCloseTo(found.cost, 6);
        const on: Record<string, unknown> = { ...job.now };
        for (const { change, from, to } of found.changes) {
          if (change === 'iron') continue;
          expect(from).toEqual(on[change]);
          expect(to).not.toEqual(from);
          on[change] = to;
        }
        expect(found.bound).toBeLessThanOrEqual(found.cost + 1e-6);
        expect(ordered(job)).toEqual(found);
      }),
      { numRuns: 30 },
    );
  });

  it('leaves the usual order where nothing is saved by another', () => {
    const tasks = ['dart', 'shoulder', 'side', 'hem'].map((id) => ({ id, needs: { foot: 'standard' } }));
    expect(ordered({ tasks }).order).toEqual(['dart', 'shoulder', 'side', 'hem']);
  });

  it('counts what is changed between the rows of a seam, and goes on from what the last of them left', () => {
    const felled = { id: 'felled', needs: { thread: 'fine' }, rows: [{ thread: 'stout' }] };
    const tasks = [
      { id: 'hem', needs: { thread: 'stout' }, after: ['felled'] },
      { id: 'dart', needs: { thread: 'fine' } },
      felled,
    ];
    expect(ordered({ tasks, now: { thread: 'fine' } })).toMatchObject({
      order: ['dart', 'felled', 'hem'],
      cost: 2,
      bound: 2,
      optimal: true,
      changes: [{ before: 'felled', change: 'thread', from: 'fine', to: 'stout', row: 1 }],
    });
    // A row that takes the first thread again is paid for too, wherever the seam stands.
    const back = { ...felled, rows: [...felled.rows, { thread: 'fine' }] };
    expect(ordered({ tasks: [back], now: { thread: 'fine' } }).cost).toBe(4);
  });

  it('starts from what is on the machine: yesterday’s thread is used up before it is changed', () => {
    const tasks = [
      { id: 'seam', needs: { thread: 'grey' } },
      { id: 'rows', needs: { thread: 'rust' } },
      { id: 'side', needs: { thread: 'grey' } },
    ];
    expect(ordered({ tasks, now: { thread: 'rust' } })).toMatchObject({
      order: ['rows', 'seam', 'side'],
      cost: 2,
      changes: [{ before: 'seam', change: 'thread', from: 'rust', to: 'grey' }],
    });
  });

  it('presses many seams in one walk to the iron, before anything crosses them', () => {
    const tasks = [
      { id: 'left', press: true },
      { id: 'right', press: true },
      { id: 'band', after: ['left', 'right'] },
    ];
    expect(ordered({ tasks })).toMatchObject({
      cost: 1.5,
      changes: [{ before: 'band', change: 'iron', to: ['left', 'right'] }],
    });
  });

  it('takes a needle written out and one by name for different things, and the same needle for the same', () => {
    const tasks = [
      { id: 'a', needs: { needle: { point: 'jeans', nm: 90 } } },
      { id: 'b', needs: { needle: { nm: 90, point: 'jeans' } } },
    ];
    expect(ordered({ tasks }).cost).toBe(1.5);
  });

  it('stands with a bound beside it when the proof is stopped, and when there are too many for one', () => {
    const rng = seeded(3);
    const tasks = Array.from({ length: 40 }, (_, i) => ({
      id: `seam ${i}`,
      needs: { thread: `t${Math.floor(rng.next() * 4)}`, foot: `f${Math.floor(rng.next() * 4)}` },
      after: i % 3 === 2 ? [`seam ${i - 1}`, `seam ${i - 2}`] : [],
      press: i % 5 === 0,
    }));
    const many = ordered({ tasks });
    expect(many.optimal ? many.bound : many.cost).toBeGreaterThanOrEqual(many.bound);
    expect(many.bound).toBeGreaterThan(10);
    for (const { id, after } of tasks)
      for (const b of after) expect(many.order.indexOf(b)).toBeLessThan(many.order.indexOf(id));
    const few = scheduleInputSchema.parse({ tasks: tasks.slice(0, 15) });
    const proven = schedule(few) as Found;
    const asked: number[] = [];
    const stopped = schedule(few, (opened) => asked.push(opened) < 0) as Found;
    expect(proven.optimal).toBe(true);
    expect(stopped.cost).toBeGreaterThanOrEqual(proven.cost);
    expect(stopped.bound).toBeLessThanOrEqual(proven.cost + 1e-9);
    expect(asked.length).toBeLessThanOrEqual(1);
  });

  it('is the same every time it is asked for', () => {
    const rng = seeded(21);
    const tasks = Array.from({ length: 26 }, (_, i) => ({
      id: `seam ${i}`,
      needs: { thread: `t${Math.floor(rng.next() * 4)}`, foot: `f${Math.floor(rng.next() * 3)}` },
      after: i > 4 && i % 2 === 0 ? [`seam ${i - 3}`] : [],
    }));
    expect(ordered({ tasks })).toEqual(ordered({ tasks }));
  });

  it('tells how far it is, never backwards and never beyond the end', () => {
    const tasks = Array.from({ length: 12 }, (_, i) => ({
      id: `s${i}`,
      needs: { foot: `f${i % 5}`, plate: `p${i % 3}` },
    }));
    const told: number[] = [];
    schedule(scheduleInputSchema.parse({ tasks }), (share) => told.push(share) > 0);
    expect(told.length).toBeGreaterThan(2);
    told.forEach((share, i) => expect(share).toBeGreaterThanOrEqual(i === 0 ? 0 : told[i - 1]));
    expect(told.at(-1)).toBeLessThanOrEqual(1);
  });

  it('stands as it was found when the search is stopped at once', () => {
    const tasks = Array.from({ length: 30 }, (_, i) => ({
      id: `s${i}`,
      needs: { foot: `f${i % 5}` },
      after: i > 0 && i % 4 === 0 ? [`s${i - 1}`] : [],
    }));
    const stopped = schedule(scheduleInputSchema.parse({ tasks }), () => false) as Found;
    expect([...stopped.order].sort()).toEqual(tasks.map(({ id }) => id).sort());
    expect(stopped.cost).toBeGreaterThanOrEqual(stopped.bound);
  });

  it('keeps what wants the same together, in the usual order, where nothing stands against it', () => {
    const tasks = Array.from({ length: 20 }, (_, i) => ({
      id: `s${String(i).padStart(2, '0')}`,
      needs: { foot: i % 2 === 0 ? 'a' : 'b' },
    }));
    const { order, cost } = ordered({ tasks, now: { foot: 'a' } });
    expect(cost).toBe(1);
    const even = tasks.filter((_, i) => i % 2 === 0).map(({ id }) => id);
    const odd = tasks.filter((_, i) => i % 2 === 1).map(({ id }) => id);
    expect(order).toEqual([...even, ...odd]);
  });

  it('of nothing is nothing', () =>
    expect(ordered({ tasks: [] })).toMatchObject({ order: [], cost: 0, optimal: true }));
});

describe('what cannot be ordered', () => {
  it('is told by naming the ring', () => {
    const tasks = [
      { id: 'hem', after: ['side'] },
      { id: 'side', after: ['band'] },
      { id: 'band', after: ['hem'] },
    ];
    expect(findCycle(scheduleInputSchema.parse({ tasks }).tasks)).toEqual(['hem', 'side', 'band', 'hem']);
    const found = schedule(scheduleInputSchema.parse({ tasks }));
    expect('blocked' in found && found.blocked[0]).toMatchObject({
      code: 'job.cycle',
      text: expect.stringContaining('hem after side after band after hem'),
    });
  });

  it('a task that is not there, or an id used twice, does not pass the border', () => {
    const issue = (tasks: unknown) => scheduleInputSchema.safeParse({ tasks }).error?.issues[0].path.join('.');
    expect(issue([{ id: 'a', after: ['b'] }])).toBe('tasks.0.after.0');
    expect(issue([{ id: 'a' }, { id: 'a' }])).toBe('tasks.1.id');
    expect(issue([{ id: 'a', minutes: -1 }])).toBe('tasks.0.minutes');
  });
});
