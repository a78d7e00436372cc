import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CARE, CARE_KINDS, careStandings, LIFE_HOURS, needleState, nextNeedle, wornHours } from '.';

describe('a needle', () => {
  const state = (hours: number, life: number | null = 5) => needleState({ hours, spent: false }, life);

  it('is new, good, near its end and past it as the hours go', () =>
    expect([state(0), state(2), state(4), state(5)]).toEqual(['new', 'good', 'near', 'past']));
  it('that is spent stays spent, however few its hours', () =>
    expect(needleState({ hours: 0.1, spent: true }, 5)).toBe('spent'));
  it('is never past its hours where hours do not decide', () => expect(state(40, null)).toBe('good'));
  it.each(['hand-woven', 'sequins'])('wears twice as fast on %s (common practice)', (family) =>
    expect(wornHours(60, family)).toBe(2 * wornHours(60, 'poplin')),
  );
  it('is near its end from four fifths of its hours on', () =>
    expect([state(3.95), state(4), state(4.95), state(5)]).toEqual(['good', 'near', 'near', 'past']));
  it('lasts 5 hours with most people, 8 with some', () =>
    expect([LIFE_HOURS['five-hours'], LIFE_HOURS['eight-hours'], LIFE_HOURS['every-project']]).toEqual([5, 8, null]));

  const needle = (id: string, hours: number, spent = false) => ({ id, hours, spent, addedAt: id });
  it('already begun is used up before a new one is opened', () =>
    expect(nextNeedle([needle('a', 0), needle('b', 1), needle('c', 3)], 5)!.id).toBe('c'));
  it('that is spent or past its hours is never put in', () => {
    const needles = fc.array(
      fc.record({
        id: fc.uuid(),
        hours: fc.double({ min: 0, max: 9, noNaN: true }),
        spent: fc.boolean(),
        addedAt: fc.uuid(),
      }),
    );
    fc.assert(
      fc.property(needles, (stock) => {
        const chosen = nextNeedle(stock, 5);
        if (chosen) expect(chosen.spent || chosen.hours >= 5).toBe(false);
        else expect(stock.every((n) => n.spent || n.hours >= 5)).toBe(true);
      }),
    );
  });
});

describe('care', () => {
  const machine = { sewnHours: 30, addedAt: '2026-01-01T00:00:00Z' };
  const due = (more: object = {}, log: Parameters<typeof careStandings>[1] = [], now = '2026-02-01T00:00:00Z') =>
    careStandings({ ...machine, ...more }, log, now)
      .filter((s) => s.due)
      .map((s) => s.kind);

  it('is due by sewing hours since it was last done', () => {
    expect(due()).toEqual(['lint', 'oil']);
    expect(due({}, [{ kind: 'lint', at: '2026-01-20T00:00:00Z', atHours: 25 }])).toEqual(['oil']);
  });
  it('is due by the calendar where months decide', () =>
    expect(due({}, [], '2028-03-01T00:00:00Z')).toContain('service'));
  it('follows what its owner wants, and never if the owner says never', () => {
    const never = { everyHours: null, everyMonths: null };
    expect(due({ careEvery: { lint: { everyHours: 40, everyMonths: null }, oil: never } })).toEqual([]);
  });
  it('says how many hours are left', () =>
    expect(careStandings({ ...machine, sewnHours: 5 }, [], '2026-02-01T00:00:00Z')[0]).toMatchObject({
      kind: 'lint',
      leftHours: 3,
      due: false,
    }));
  it('only the last time counts, in whatever order the log is', () => {
    const log = [
      { kind: 'oil' as const, at: '2026-01-20T00:00:00Z', atHours: 28 },
      { kind: 'oil' as const, at: '2026-01-02T00:00:00Z', atHours: 2 },
    ];
    expect(careStandings(machine, log, '2026-02-01T00:00:00Z')[1].last!.atHours).toBe(28);
  });
  it('at the machine always begins with the plug, but for what only a technician may do', () => {
    for (const kind of CARE_KINDS) {
      expect(CARE[kind].caution).toMatch(kind === 'service' ? /Do not open the housing/ : /unplug/);
    }
  });
});
