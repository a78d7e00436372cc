import { describe, expect, it } from 'vitest';
import { readWorkroom } from '../src/core/file';
import { type Job, jobFromTemplate, schedule, TEMPLATES, usualOrder } from '../src/core/job';
import demo from './tansy-wren.json';
import { unproven } from './unproven';

const read = readWorkroom(JSON.stringify(demo));
if (!read.ok) throw new Error(read.error.message);
const standing = unproven(read.workroom);

function jobOf(template: (typeof TEMPLATES)[number], clothId: string, secondClothId: string): Job {
  let next = 0;
  const newId = () => `k${(next += 1)}`;
  const choice = { name: template.name, machineId: 'green', clothId, secondClothId, colour: 'sand' };
  return jobFromTemplate(template, choice, { id: 'job', newId, at: '2026-03-01T10:00:00Z' });
}

const sum = (values: readonly number[]) => values.reduce((all, value) => all + value, 0);
const PAIRS = [
  ['denim', 'lawn'],
  ['merino', 'fleece'],
  ['habotai', 'sateen'],
] as const;
const EVERY = TEMPLATES.flatMap((template) => PAIRS.map(([one, two]) => [template.name, one, two, template] as const));

describe.each(EVERY)('%s in %s with %s', (_, one, two, template) => {
  const job = jobOf(template, one, two);
  const before = standing(job);
  const found = schedule(before.question);
  if ('blocked' in found) throw new Error(found.blocked[0].text);
  const after = standing({ ...job, order: found.order });

  it('has an order that is proven, kept, and never dearer than the usual one', () => {
    expect(found.optimal).toBe(true);
    expect(after.items.map(({ id }) => id)).toEqual(found.order);
    expect(after.weighed.cost).toBeCloseTo(found.cost, 6);
    expect(after.weighed.cost).toBeLessThanOrEqual(before.weighed.cost + 1e-9);
    expect(after.weighed.broken).toEqual([]);
    const usual = standing({ ...job, order: usualOrder(job).map(({ id }) => id) });
    expect(after.weighed.cost).toBeLessThanOrEqual(usual.weighed.cost + 1e-9);
  });

  it('proves every setting on scrap before the first seam that is sewn with it', () => {
    const at = new Map(after.items.map(({ id }, i) => [id, i]));
    const proven = new Set<string>();
    for (const item of after.items) {
      if (item.kind !== 'scrap') continue;
      for (const seamId of item.forSeams) {
        expect(at.get(item.id)!).toBeLessThan(at.get(seamId)!);
        expect(proven.has(seamId), `${seamId} is proven once`).toBe(false);
        proven.add(seamId);
      }
    }
  });

  it('fills its time: what is changed, what is sewn, one after the other', () => {
    const { stops, totalMin, changesMin } = after.timeline;
    stops.forEach(({ fromMin, sewMin, toMin }, i) => {
      expect(fromMin).toBeCloseTo(i === 0 ? 0 : stops[i - 1].toMin, 6);
      expect(sewMin).toBeGreaterThanOrEqual(fromMin);
      expect(toMin).toBeGreaterThan(sewMin);
    });
    expect(totalMin).toBeCloseTo(stops.at(-1)!.toMin, 6);
    expect(changesMin).toBeCloseTo(after.weighed.cost, 6);
    // What is changed before a seam takes its time before it, what is changed between its rows within it.
    const within = stops.map(({ inside, sewMin, toMin, item }) => {
      const { minutes } = after.question.tasks.find(({ id }) => id === item.id)!;
      for (const { atMin } of inside) expect(atMin > sewMin && atMin < toMin).toBe(true);
      return toMin - sewMin - minutes;
    });
    expect(sum(stops.map((s) => s.sewMin - s.fromMin)) + sum(within)).toBeCloseTo(changesMin, 6);
    const { minutes, low, high } = after.left;
    expect(low).toBeLessThanOrEqual(minutes);
    expect(high).toBeGreaterThanOrEqual(minutes);
  });

  it('takes what its seams take, whatever order they are sewn in', () => {
    const { threads, bobbins } = after.budget;
    for (const t of threads) expect(t.totalMm).toBeCloseTo(t.needleMm + t.bobbinMm + t.handMm + t.unpickMm, 6);
    const work = after.seams.map((s) => s.work);
    expect(sum(threads.map((t) => t.needleMm))).toBeCloseTo(sum(work.map((w) => w.needleMm)), 3);
    expect(sum(threads.map((t) => t.bobbinMm))).toBeCloseTo(sum(work.map((w) => w.bobbinMm)), 3);
    expect(sum(bobbins.map((b) => b.totalMm))).toBeCloseTo(sum(work.map((w) => w.bobbinMm)), 3);
    for (const { buyMm, totalMm } of threads) expect(buyMm).toBeCloseTo(totalMm, 6);
    expect(before.budget.threads.map((t) => [t.colour, Math.round(t.totalMm)]).sort()).toEqual(
      threads.map((t) => [t.colour, Math.round(t.totalMm)]).sort(),
    );
  });

  it('begins with nothing done, and something that can be done', () => {
    const { done, today, share } = after.progress;
    expect([done.length, share]).toEqual([0, 0]);
    expect(today.length).toBeGreaterThan(0);
    expect(after.waiting).toBe(false);
  });
});
