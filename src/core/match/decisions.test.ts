import { describe, expect, it } from 'vitest';
import { basicMachine } from './basicMachine.testing';
import { answer, matchInputSchema, type MatchRequest } from '.';

const ask = (request: MatchRequest) => answer(matchInputSchema.parse(request));
describe('a seam that gives less than it must', () => {
  const swim = (requiredGive: number) =>
    ask({
      cloth: { structure: 'knit', family: 'jersey', stretchAcross: 140, stretchAlong: 120 },
      operation: { kind: 'join', requiredGive },
      machine: basicMachine(['triple-straight']),
    });

  it('is offered from three quarters of it on, and blocked below, with the best there is', () => {
    const best = swim(78);
    const share = best.give.estimate[0] / 78;
    expect(best.setup?.stitch).toBe('triple-straight');
    expect([share > 0.75, share < 0.8]).toEqual([true, true]);
    const { setup, blocked } = swim(82);
    expect([setup, blocked[0].code, blocked[0].limit]).toEqual([null, 'give.short', 82]);
    expect([blocked[0].actual! / 82 > 0.7, blocked[0].actual! / 82 < 0.75]).toEqual([true, true]);
  });

  it('is not sewn straight from 15% on, though the model alone would let it', () => {
    const straight = (requiredGive: number) =>
      ask({
        cloth: { structure: 'knit', family: 'jersey', stretchAcross: 50 },
        operation: { kind: 'join', requiredGive },
        machine: basicMachine(['straight']),
      });
    expect(straight(14).setup?.stitch).toBe('straight');
    expect(straight(14.9).setup?.stitch).toBe('straight');
    expect(straight(15).setup).toBeNull();
  });
});

describe('widths', () => {
  it('come in half millimetres, however fine the machine’s own step', () => {
    for (const family of ['jersey', 'rib', 'swim', 'fleece'] as const) {
      const { setup } = ask({
        cloth: { structure: 'knit', family, stretchAcross: 60 },
        operation: { kind: 'join' },
        machine: { ...basicMachine(['zigzag']), widthStepMm: 0.1 },
      });
      expect(setup!.widthMm * 2).toBeCloseTo(Math.round(setup!.widthMm * 2), 9);
    }
    const halves = [26, 30, 34, 38].map(
      (requiredGive) =>
        ask({
          cloth: { structure: 'knit', family: 'jersey', stretchAcross: 80, stretchAlong: 60 },
          operation: { kind: 'join', requiredGive },
          machine: { ...basicMachine(['zigzag']), widthStepMm: 0.1 },
        }).setup!.widthMm % 1,
    );
    expect(halves).toContain(0.5);
  });
});
