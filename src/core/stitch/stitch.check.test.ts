import { describe, expect, it } from 'vitest';
import { threadUse } from '.';

const ratio = (
  stitch: 'straight' | 'zigzag' | 'triple-straight',
  lengthMm: number,
  widthMm: number,
  thicknessMm: number,
) => threadUse({ stitch, lengthMm, widthMm, thicknessMm, seamMm: 100 }).ratio;

describe('own: thread use agrees with the handbook', () => {
  it('the plain lockstitch (301) uses about 2.5 times the seam (handbook ratio)', () => {
    expect(ratio('straight', 2.5, 0, 0.6)).toBeCloseTo(2.48, 10);
    expect(ratio('straight', 2.5, 0, 1)).toBeCloseTo(2.8, 10);
  });

  it('the zigzag lockstitch (304) uses about 7 (handbook ratio, width not stated there); 1.5 × 5 comes to 7.76', () => {
    expect(ratio('zigzag', 1.5, 5, 0.6)).toBeCloseTo(7.76, 2);
  });

  it('triple straight uses about three passes (common practice)', () => {
    expect(ratio('triple-straight', 2.5, 0, 0.6) / ratio('straight', 2.5, 0, 0.6)).toBeCloseTo(3, 10);
  });
});
