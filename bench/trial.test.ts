import { describe, expect, it } from 'vitest';
import { advised, atRandom, tally, textbook } from './trial';

/** Enough machines to tell 90 in 100 from luck; the bench tries 200. */
const SEEDS = 30;

// The stand-in shares no table and no formula with the diagnosis (the structure check says so), so that this figure means
// something; it says nothing of real machines, only that the advice finds its way in a world it was not written for.
describe('a stand-in with a hidden fault is brought to a passed line by following only the advice', () => {
  const table = tally(advised, SEEDS);
  const plain = tally(textbook, SEEDS);
  const chance = tally(atRandom, SEEDS);
  const told = ({ passed, median }: (typeof table)[number]) => `${Math.round(100 * passed)} %, ${median} lines`;
  console.table(
    Object.fromEntries(
      table.map((row, i) => [
        row.fault,
        { advised: told(row), 'textbook order': told(plain[i]), 'at random': told(chance[i]) },
      ]),
    ),
  );

  it('at least nine in ten reach a pass, the median within four lines', () => {
    const passed = table.reduce((sum, row) => sum + row.passed, 0) / table.length;
    expect(passed).toBeGreaterThanOrEqual(0.9);
    for (const { fault, median } of table) expect(median, fault).toBeLessThanOrEqual(4);
  });

  it('every fault shows: no machine with one passes on its first line as a rule', () => {
    for (const { fault, median } of table) expect(median, fault).toBeGreaterThan(1);
  });

  it('and more often than by a fixed textbook order, or at random', () => {
    const sum = (rows: typeof table) => rows.reduce((all, row) => all + row.passed, 0);
    expect(sum(table)).toBeGreaterThan(sum(plain));
    expect(sum(table)).toBeGreaterThan(sum(chance));
  });
});
