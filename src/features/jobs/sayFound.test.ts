import { describe, expect, it } from 'vitest';
import { sayFound } from './sayFound';

describe('what is known of an order', () => {
  it('says that nobody has looked, that it is proven, or how far from the bound it is at most', () => {
    expect(sayFound(null, 1)).toBe('In this order: 1 change or walk to the iron.');
    expect(sayFound({ cost: 12, bound: 12, optimal: true }, 7)).toBe(
      '7 changes and walks to the iron. Proven: no order costs less.',
    );
    // 99.1 is 26.4 % above 78.39: rounded to the nearest either would promise too much.
    expect(sayFound({ cost: 99.1, bound: 78.39, optimal: false }, 40)).toBe(
      '40 changes and walks to the iron. No order can cost less than 78.3 min; this one is at most 27% above that.',
    );
  });
});
