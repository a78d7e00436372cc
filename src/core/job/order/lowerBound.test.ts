import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { seeded } from '../../random';
import { bestFirstOrder } from './bestFirst';
import { scheduleInputSchema } from './input';
import { modelOf } from './model';
import { orderCost } from './localSearch';
import { lowerBoundOfParts } from './lowerBound';
import { schedule } from './schedule';

const question = fc
  .array(
    fc.record({
      needle: fc.option(fc.nat({ max: 3 }), { nil: undefined }),
      foot: fc.nat({ max: 2 }),
      lengthMm: fc.constantFrom(2, 2.5, 4),
      press: fc.boolean(),
      rows: fc.array(fc.nat({ max: 3 }), { maxLength: 2 }),
      waits: fc.array(fc.nat({ max: 20 }), { maxLength: 3 }),
    }),
    { minLength: 1, maxLength: 11 },
  )
  .map((list) =>
    scheduleInputSchema.parse({
      tasks: list.map(({ needle, foot, lengthMm, press, rows, waits }, i) => ({
        id: `s${i}`,
        needs: { lengthMm, foot: `f${foot}`, ...(needle !== undefined && { needle: `n${needle}` }) },
        rows: rows.map((later) => ({ needle: `n${later}`, foot: `f${later % 2}` })),
        after: [...new Set(waits.filter((w) => w < i).map((w) => `s${w}`))],
        press,
      })),
      now: { needle: 'n0' },
    }),
  );

/** A garment's worth of seams: chains of pieces that are closed, banded and hemmed, in a few threads. */
function garments(chains: number, long: number) {
  const rng = seeded(chains * 100 + long);
  const pick = (most: number) => Math.floor(rng.next() * most);
  const tasks = Array.from({ length: chains * long }, (_, i) => ({
    id: `s${i}`,
    needs: { thread: `t${pick(2)}`, needle: `n${pick(2)}`, foot: `f${pick(2)}` },
    after: i % long === 0 ? [] : [`s${i - 1}`],
    press: i % 2 === 0,
  }));
  return scheduleInputSchema.parse({ tasks });
}

describe('what each part of the machine costs by itself', () => {
  it('is never more than the cheapest order costs', () => {
    fc.assert(
      fc.property(question, (input) => {
        const model = modelOf(input);
        const { bound } = bestFirstOrder(model, Infinity, 100_000);
        expect(lowerBoundOfParts(model)).toBeLessThanOrEqual(bound + 1e-9);
      }),
      { numRuns: 80 },
    );
  });

  it('is just what an order costs where one part is all that is changed, back and forth along a chain', () => {
    const feet = ['a', 'b', 'a', 'b', 'a'];
    const tasks = feet.map((foot, i) => ({ id: `s${i}`, needs: { foot }, after: i > 0 ? [`s${i - 1}`] : [] }));
    const input = scheduleInputSchema.parse({ tasks, now: { foot: 'a' }, costs: { foot: 1 } });
    expect(lowerBoundOfParts(modelOf(input))).toBe(4);
  });

  it('stands beside the order of very many seams, and is nearer to it than counting every value once', () => {
    const input = garments(6, 8);
    const found = schedule(input);
    if ('blocked' in found) throw new Error(found.blocked[0].text);
    // Two threads, needles and feet put on once each are 2 * (2 + 1.5 + 1) minutes, and four walks 6.
    expect(found.bound).toBeGreaterThan(2 * (2 + 1.5 + 1) + 4 * 1.5);
    expect(found.cost).toBeGreaterThanOrEqual(found.bound);
  });
});

describe('the proof', () => {
  it('reaches to some thirty seams, and finds nothing dearer than the search before it', () => {
    const input = garments(4, 8);
    const found = schedule(input);
    if ('blocked' in found) throw new Error(found.blocked[0].text);
    expect(found.optimal).toBe(true);
    const at = new Map(input.tasks.map(({ id }, i) => [id, i]));
    const order = found.order.map((id) => at.get(id)!);
    expect(orderCost(modelOf(input), order)).toBeCloseTo(found.cost, 6);
    const { bound } = bestFirstOrder(modelOf(input), Infinity, 200_000);
    expect(bound).toBeCloseTo(found.cost, 6);
  });
});
