import { mean, std } from 'mathjs';
import { describe, expect, it } from 'vitest';
import { seeded } from '.';

const draw = (seed: number, count: number, kind: 'next' | 'normal') => {
  const rng = seeded(seed);
  return Array.from({ length: count }, () => rng[kind]());
};

describe('random numbers that can be drawn again', () => {
  it('gives the same numbers for the same seed, others for another', () => {
    expect(draw(7, 20, 'next')).toEqual(draw(7, 20, 'next'));
    expect(draw(7, 20, 'next')).not.toEqual(draw(8, 20, 'next'));
  });

  it('lies evenly between 0 and 1', () => {
    const numbers = draw(3, 20000, 'next');
    expect(Math.min(...numbers)).toBeGreaterThanOrEqual(0);
    expect(Math.max(...numbers)).toBeLessThan(1);
    for (let tenth = 0; tenth < 10; tenth += 1) {
      const share = numbers.filter((n) => Math.floor(n * 10) === tenth).length / numbers.length;
      expect(Math.abs(share - 0.1)).toBeLessThan(0.01);
    }
  });

  it('makes a normal round 0 with spread 1', () => {
    const numbers = draw(5, 20000, 'normal');
    expect(Math.abs(mean(numbers) as number)).toBeLessThan(0.03);
    expect(Math.abs((std(numbers) as unknown as number) - 1)).toBeLessThan(0.03);
    expect(numbers.every(Number.isFinite)).toBe(true);
  });
});
