import { describe, expect, it } from 'vitest';
import { gapOf, isAboutOrder } from './optimalityGap';

describe('how far an order is from the least any could cost', () => {
  it('is rounded against it: the bound down, the gap up', () => {
    expect(gapOf({ cost: 11, bound: 10.06 })).toEqual({ boundMin: 10, gapPercent: 10 });
    expect(gapOf({ cost: 10.3, bound: 10 })).toEqual({ boundMin: 10, gapPercent: 3 });
  });
  it('is said of the order it was found for only', () => {
    expect(isAboutOrder({ cost: 0.1 + 0.2 }, 0.3)).toBe(true);
    expect(isAboutOrder({ cost: 0.3 }, 0.31)).toBe(false);
  });
});
