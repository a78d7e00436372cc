import { describe, expect, it } from 'vitest';
import { puckerGrade } from './pucker';

/** Fabric whose light goes up and down along the seam, by so much and over so many mm. */
function strip(depth: number, lengthMm: number, longMm = 120) {
  const [pxPerMm, height] = [3, 43];
  const width = longMm * pxPerMm;
  const layer = Float32Array.from(
    { length: width * height },
    (_, at) => depth * Math.sin((2 * Math.PI * (at % width)) / (lengthMm * pxPerMm)),
  );
  return { width, height, pxPerMm, layers: [layer, layer, layer] as const };
}

describe('puckers by the light', () => {
  it('get a lower grade the deeper they are', () => {
    const grades = [0, 0.02, 0.05, 0.2].map((depth) => puckerGrade(strip(depth, 8), 0.5) ?? 0);
    expect(grades[0]).toBe(5);
    expect(grades[3]).toBe(1);
    expect([...grades].sort((a, b) => b - a)).toEqual(grades);
  });
  it('are not texture, nor light that falls off', () => {
    expect(puckerGrade(strip(0.05, 0.8), 0.5)).toBe(5);
    expect(puckerGrade(strip(0.05, 200), 0.5)).toBe(5);
  });
  it('are not graded where too little of the seam is seen', () =>
    expect(puckerGrade(strip(0.1, 8, 30), 0.5)).toBeNull());
});
