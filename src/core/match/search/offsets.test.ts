import { describe, expect, it } from 'vitest';
import { testedCardSchema } from '../../card';
import { PLAIN_MACHINE } from '../../kit';
import { answer, machineOffsets, match, matchInputSchema } from '..';

const machine = { ...PLAIN_MACHINE, name: 'the green machine' };
const jersey = { structure: 'knit', family: 'jersey', stretchAcross: 50, massGsm: 160 } as const;
const lawn = { structure: 'woven', family: 'lawn' } as const;
const input = (cloth: typeof jersey | typeof lawn, more: object = {}) =>
  matchInputSchema.parse({ cloth, operation: { kind: 'join' }, machine, ...more });
/** A card that passed with so many steps more than the rules say. */
const card = (cloth: typeof jersey | typeof lawn, steps: number, more: object = {}, at = '2026-11-01T10:00:00Z') => {
  const setup = match(input(cloth)).setup!;
  return testedCardSchema.parse({
    cloth,
    operation: { kind: 'join' },
    machine,
    passedAt: at,
    setup: { ...setup, tensionSteps: setup.tensionSteps + steps, ...more },
    measures: { markedMm: 100, stitches: Math.round(100 / (0.9 * setup.lengthMm)) },
  });
};

describe('what the cards of one machine have in common', () => {
  it('a step more of tension over two cloths is half a step, and rests on two cards', () => {
    const { tensionSteps, pressure, lengthFactor } = machineOffsets([card(jersey, 1), card(lawn, 1)]);
    expect(tensionSteps).toEqual({ mean: 0.5, spread: 0, count: 2 });
    expect(pressure?.mean).toBe(0);
    // Counted at nine tenths of the dial on both.
    expect(lengthFactor!.mean).toBeCloseTo((-0.1 * 2) / 4, 2);
  });

  it('nothing without cards, and what was forgotten no longer teaches', () => {
    expect(machineOffsets([])).toEqual({ tensionSteps: null, pressure: null, lengthFactor: null });
    const cards = [card(jersey, 1), card(lawn, 1, {}, '2026-11-20T10:00:00Z')];
    const after = machineOffsets(cards, { tensionSteps: '2026-11-10T10:00:00Z' });
    expect(after.tensionSteps?.count).toBe(1);
    expect(after.lengthFactor?.count).toBe(2);
  });

  it('under another foot the pressure is held against what the rules say for that foot', () => {
    const under = (pressure: number) =>
      machineOffsets([card(jersey, 0, { foot: 'standard', pressure })]).pressure!.mean;
    expect(under(0.75) - under(0.25)).toBeCloseTo(0.5 / 3, 9);
  });

  it('a part that no rule would take for such cloth says nothing', () =>
    expect(machineOffsets([card(lawn, 0, { needle: { point: 'twin', nm: 80, gapMm: 2.5 } })]).tensionSteps).toBeNull());
});

describe('a learned offset', () => {
  it('moves the tension and the pressure that Match starts from, and says so', () => {
    const plain = answer(input(jersey));
    const moved = answer(input(jersey, { learned: { tensionSteps: 1, pressure: 0.25, cards: 4 } }));
    expect(moved.setup!.tensionSteps).toBeCloseTo(plain.setup!.tensionSteps + 1, 6);
    expect(moved.setup!.pressure).toBeGreaterThanOrEqual(plain.setup!.pressure);
    expect(moved.reasons.find((r) => r.rule === 'card.offset-tensionSteps')?.text).toMatch(
      /^4 cards of this machine passed with 1 steps of tension more/,
    );
  });

  it('of nothing changes nothing', () =>
    expect(answer(input(jersey, { learned: { cards: 1 } })).setup).toEqual(answer(input(jersey)).setup));
});
