import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { FAMILIES, FAMILY } from '../../cloth';
import { costOf, doubtsOf, match, matchInputSchema, type MatchRequest, openQuestion, search } from '..';

const ask = (cloth: MatchRequest['cloth'], kind: MatchRequest['operation']['kind'] = 'join') =>
  matchInputSchema.parse({ cloth, operation: { kind } });

describe('what a setting costs', () => {
  it('is the sum that the search made smallest, for every setting it found', () => {
    fc.assert(
      fc.property(fc.constantFrom(...FAMILIES), fc.constantFrom('join' as const, 'hem' as const), (family, kind) => {
        const question = openQuestion(ask({ structure: FAMILY[family].structure, family }, kind));
        for (const { setup, cost } of search(question).slice(0, 6))
          expect(costOf(question, setup)).toBeCloseTo(cost, 8);
      }),
      { numRuns: 10 },
    );
  });

  it('a needle that a rule takes out costs everything', () => {
    const input = ask({ structure: 'woven', family: 'lawn' });
    const setup = { ...match(input).setup!, needle: { point: 'twin' as const, nm: 80, gapMm: 2.5 } };
    expect(costOf(openQuestion(input), setup)).toBe(Infinity);
  });
});

describe('what is in doubt', () => {
  it('a jersey of which only the name is known has settings in doubt; each changes one reading and says what to measure', () => {
    const input = ask({ structure: 'knit', family: 'jersey' });
    const setup = match(input).setup!;
    const doubts = doubtsOf(input, setup);
    expect(doubts.length).toBeGreaterThan(0);
    for (const { setup: other, gain } of doubts) {
      expect(other).not.toEqual(setup);
      expect(gain).toBeGreaterThan(0);
    }
    expect([...doubts].sort((a, b) => b.gain - a.gain)).toEqual(doubts);
    expect(new Set(doubts.map((d) => JSON.stringify(d.setup))).size).toBe(doubts.length);
  });

  it('nothing, once everything that can be measured was', () => {
    const input = ask({
      structure: 'knit',
      family: 'jersey',
      stretchAcross: 50,
      stretchAlong: 20,
      recovery: 95,
      massGsm: 170,
      thicknessMm: 0.6,
    });
    expect(doubtsOf(input, match(input).setup!)).toEqual([]);
  });

  it('fewer, the more was measured', () => {
    const bare = ask({ structure: 'knit', family: 'jersey' });
    const weighed = ask({ structure: 'knit', family: 'jersey', stretchAcross: 50, massGsm: 170 });
    expect(doubtsOf(weighed, match(weighed).setup!).length).toBeLessThanOrEqual(
      doubtsOf(bare, match(bare).setup!).length,
    );
  });
});
