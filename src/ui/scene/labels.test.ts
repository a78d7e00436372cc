import { describe, expect, it } from 'vitest';
import type { Fit } from './fitScene';
import { boxOf, dimLabel, LETTERS } from './labels';

const fit: Fit = { to: (point) => point, scale: 1, height: 400, middle: 300, brokenAt: null };
const box = (from: readonly [number, number], to: readonly [number, number]) =>
  boxOf(dimLabel({ from, to, mm: 6, name: 'turned in' }, fit, '6 mm'), LETTERS.phone);

describe('the name of a short dimension in several lines', () => {
  it('goes up from one above the piece, down from one below it', () => {
    const above = dimLabel({ from: [100, 50], to: [120, 50], mm: 6, name: 'turned in' }, fit, '6 mm');
    const below = dimLabel({ from: [100, 350], to: [120, 350], mm: 6, name: 'turned in' }, fit, '6 mm');
    expect(above.y).toBeLessThan(50);
    expect(below.y).toBeGreaterThan(350);
  });

  it('goes no further than the sheet', () => {
    expect(box([100, 40], [120, 40]).top).toBeGreaterThanOrEqual(0);
    expect(box([100, 360], [120, 360]).bottom).toBeLessThanOrEqual(400);
  });

  it('stays at the middle of an upright one, and at the number where there is no name', () => {
    expect(dimLabel({ from: [100, 50], to: [100, 70], mm: 6, name: 'turned in' }, fit, '6 mm').y).toBe(60);
    expect(dimLabel({ from: [100, 50], to: [120, 50], mm: 6 }, fit, '6 mm').y).toBe(50);
  });
});
