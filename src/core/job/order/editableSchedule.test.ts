import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { scheduleInputSchema } from './input';
import { EditableSchedule } from './editableSchedule';
import { type Model, modelOf } from './model';
import { orderCost, polished } from './localSearch';
import { weighOrder } from './weigh';

const task = fc.record({
  needle: fc.integer({ min: 0, max: 3 }),
  foot: fc.option(fc.integer({ min: 0, max: 2 }), { nil: undefined }),
  lengthMm: fc.constantFrom(2, 2.5, 4),
  press: fc.boolean(),
  rows: fc.array(fc.integer({ min: 0, max: 3 }), { maxLength: 2 }),
  waits: fc.array(fc.nat({ max: 20 }), { maxLength: 3 }),
});

const question = fc.array(task, { minLength: 2, maxLength: 14 }).map((list) =>
  scheduleInputSchema.parse({
    tasks: list.map(({ needle, foot, lengthMm, press, rows, waits }, i) => ({
      id: `s${i}`,
      needs: { needle: `n${needle}`, lengthMm, ...(foot !== undefined && { foot: `f${foot}` }) },
      rows: rows.map((later) => ({ needle: `n${later}` })),
      after: [...new Set(waits.filter((w) => w < i).map((w) => `s${w}`))],
      press,
    })),
    now: { needle: 'n0' },
  }),
);
const model = question.map(modelOf);
const moves = fc.array(fc.tuple(fc.nat(), fc.nat(), fc.nat(), fc.double({ min: -2, max: 5, noNaN: true })), {
  minLength: 1,
  maxLength: 40,
});

const keeps = ({ before }: Model, order: readonly number[]) =>
  before.every((all, t) => all.every((b) => order.indexOf(b) < order.indexOf(t)));

describe('an order moved in place', () => {
  it('costs what it costs counted from the beginning, after any moves, and keeps what comes before what', () => {
    fc.assert(
      fc.property(model, moves, (m, list) => {
        const start = Array.from({ length: m.count }, (_, i) => i);
        const line = new EditableSchedule(m, start);
        // Parts that all seams want alike are left out: they cost the same in every order.
        const fixed = orderCost(m, start) - line.total;
        for (const [a, b, c, more] of list) {
          const size = 1 + (a % Math.min(4, m.count - 1));
          const from = b % (m.count - size + 1);
          const [first, last] = line.room(from, size);
          const to = first + (c % (last - first + 1));
          if (to === from) continue;
          const before = [...line.order];
          const limit = line.total + more;
          const moved = line.move(from, size, to, limit);
          const now = [...line.order];
          const rest = before.filter((_, i) => i < from || i >= from + size);
          const wanted = [...rest.slice(0, to), ...before.slice(from, from + size), ...rest.slice(to)];
          expect(now).toEqual(moved ? wanted : before);
          const off = orderCost(m, wanted) - fixed - limit;
          // On the very limit, rounding decides.
          if (Math.abs(off) > 1e-9) expect(moved).toBe(off < 0);
          expect(line.total + fixed).toBeCloseTo(orderCost(m, now), 9);
          expect(keeps(m, now)).toBe(true);
          now.forEach((t, i) => expect(line.place[t]).toBe(i));
        }
      }),
      { seed: 11, numRuns: 300 },
    );
  });

  it('is never dearer for being polished', () => {
    fc.assert(
      fc.property(model, (m) => {
        const start = Array.from({ length: m.count }, (_, i) => i);
        const found = polished(m, start);
        expect(orderCost(m, found)).toBeLessThanOrEqual(orderCost(m, start) + 1e-9);
        expect(keeps(m, found)).toBe(true);
        expect([...found].sort((a, b) => a - b)).toEqual(start);
      }),
    );
  });
});

describe('an order as it stands', () => {
  it('is weighed with the price of every change, and names what it breaks', () => {
    fc.assert(
      fc.property(question, (q) => {
        const ids = q.tasks.map(({ id }) => id);
        const { cost, changes, broken } = weighOrder(q, ids);
        const price = (change: string) => (change in q.costs ? q.costs[change as 'needle'] : q.costs.dials);
        expect(changes.reduce((sum, { change }) => sum + price(change), 0)).toBeCloseTo(cost, 9);
        expect(broken).toEqual([]);
        const back = weighOrder(q, [...ids].reverse()).broken;
        expect(back).toHaveLength(q.tasks.reduce((sum, { after }) => sum + after.length, 0));
      }),
    );
  });

  it('has to name every task once', () => {
    const q = scheduleInputSchema.parse({ tasks: [{ id: 'a' }, { id: 'b' }] });
    expect(() => weighOrder(q, ['a', 'a'])).toThrow('weighOrder: expected every task once, got a, a');
    expect(() => weighOrder(q, ['a', 'c'])).toThrow('weighOrder: expected every task once');
  });
});
