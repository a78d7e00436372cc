import { describe, expect, it } from 'vitest';
import { straightnessMm } from '../judge/straightness';
import { aside, placeOn, wayLengthMm, wayThrough } from './way';

const arc = (radius: number, turn: number, n: number) =>
  Array.from({ length: n }, (_, i) => {
    const angle = (turn * i) / (n - 1);
    return { x: radius * Math.sin(angle), y: radius * (1 - Math.cos(angle)) };
  });

describe('mathematics: the way of a seam', () => {
  it('keeps the length of a bend, which a moving mean would cut', () => {
    const way = wayThrough(arc(100, 0.9, 60), 9, 0);
    expect(Math.abs(wayLengthMm(way) / 90 - 1)).toBeLessThan(0.01);
    const middle = placeOn(way, 45, 0);
    expect(Math.abs(Math.hypot(middle.x, middle.y - 100) - 100)).toBeLessThan(0.02);
  });
  it('goes straight on at its ends, and sideways down in the picture', () => {
    const way = wayThrough(
      [
        { x: 0, y: 0 },
        { x: 5, y: 0 },
        { x: 10, y: 0 },
      ],
      9,
      6,
    );
    expect(placeOn(way, 0, 0).x).toBeCloseTo(-6, 6);
    expect(placeOn(aside(way, 2), 8, 0).y).toBeCloseTo(2, 6);
    expect(placeOn(way, 8, 1).y).toBeCloseTo(1, 6);
  });
  it('of one place is a slip of the caller', () =>
    expect(() => wayThrough([{ x: 0, y: 0 }], 9, 0)).toThrow(/two places/));

  it('a line and a circle are straight, what leaves them is as far off as it is', () => {
    const line = Array.from({ length: 50 }, (_, i) => ({ x: i, y: 0.4 * i }));
    expect(straightnessMm(line)).toBeLessThan(1e-9);
    expect(straightnessMm(arc(80, 1, 50))).toBeLessThan(1e-6);
    const off = line.map((place, i) => (i === 25 ? { ...place, y: place.y + 1 } : place));
    expect(straightnessMm(off)).toBeGreaterThan(0.8);
    expect(straightnessMm(off)).toBeLessThan(1);
    expect(straightnessMm(line.slice(0, 3))).toBe(0);
  });
});
