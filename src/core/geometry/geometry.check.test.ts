import { describe, expect, it } from 'vitest';
import { outlineBends, outlineLengthMm, readSvgOutline } from '.';

const circle = (radius: number) =>
  `M${radius} 0 A${radius} ${radius} 0 1 1 ${-radius} 0 A${radius} ${radius} 0 1 1 ${radius} 0 Z`;

// Exact circle geometry: circumference 2πr, radius the same everywhere, one full turn round a closed outline.
describe('mathematics: outlines from SVG paths agree with circle geometry', () => {
  it.each([12, 60, 150])('a circle of radius %d', (radius) => {
    const found = readSvgOutline(circle(radius))!;
    expect(found.closed).toBe(true);
    expect(outlineLengthMm(found.points, true) / (2 * Math.PI * radius)).toBeCloseTo(1, 3);
    const bends = outlineBends(found.points, true);
    expect(Math.abs(bends.reduce((sum, b) => sum + b.turnDeg, 0))).toBeCloseTo(360, 4);
    for (const { radiusMm, turnDeg } of bends) {
      expect(Math.abs(radiusMm! / radius - 1)).toBeLessThan(0.03);
      expect(Math.abs(turnDeg)).toBeLessThan(10);
    }
  });

  it('a square has four corners of 90° and sides as drawn, in absolute or relative steps', () => {
    for (const path of ['M0 0 L80 0 L80 80 L0 80 Z', 'm0 0 h80 v80 h-80 z']) {
      const { points, closed } = readSvgOutline(path)!;
      expect(outlineBends(points, closed).map((b) => Math.abs(b.turnDeg))).toEqual([90, 90, 90, 90]);
      expect(outlineLengthMm(points, closed)).toBe(320);
    }
  });

  it('a quadratic curve ends where it is drawn to, and smooth joints do not become corners', () => {
    const { points } = readSvgOutline('M0 0 Q50 80 100 0 T200 0')!;
    expect(points.at(-1)).toEqual({ x: 200, y: 0 });
    for (const { turnDeg } of outlineBends(points, false)) expect(Math.abs(turnDeg)).toBeLessThan(10);
  });

  it.each(['', 'round the neck', 'M0 0', 'M0 0 L', 'M0 0 L1e999 0'])('%j is no outline', (path) => {
    expect(readSvgOutline(path)).toBeNull();
  });
});
