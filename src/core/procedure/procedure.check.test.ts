import { describe, expect, it } from 'vitest';
import { USUAL_SCHOOLS } from '../setup';
import { type Given, type Numbers, PROCEDURES, workOut } from '.';

const GIVEN: Given = {
  thicknessMm: 0.4,
  squash: 0.8,
  stretch: 50,
  recovery: 95,
  weight: 'medium',
  frays: 1,
  slides: 0,
  oneWay: 0,
  holesStay: 0,
  lengthMm: 2.5,
  widthMm: 0,
  footLiftMm: 8,
  extraLiftMm: 2,
  topSpm: 750,
  longestMm: 5,
  shiftMm: 1,
  schools: USUAL_SCHOOLS,
};
function numbers(id: string, answers: Partial<Numbers>, given: Partial<Given> = {}): Numbers {
  const worked = workOut(
    PROCEDURES.find((p) => p.id === id)!,
    answers,
    { ...GIVEN, ...given },
  );
  if (!worked.ok) throw new Error(`numbers: expected numbers, got ${JSON.stringify(worked)}`);
  return worked.numbers;
}

// The trade's own numbers (common practice), in the operations that people run.
describe('practice: the numbers of the trade come out of the operations', () => {
  it('flat-felled: 5/8 in allowance, the under one trimmed to 1/4 in, fits denim of 0.9 mm', () => {
    const n = numbers('flat-felled', { allowance: 15.875, trim: 6.35 }, { thicknessMm: 0.8 });
    expect(n.band).toBeCloseTo(8, 0);
    expect(n.fromFold).toBe(2);
  });
  it('centred zip: 15 mm seam, rows and bar below the stop, an even number across', () => {
    const n = numbers('zip-centred', {
      zip: 180,
      top: 20,
      opening: 200,
      allowance: 15,
      tape: 13,
      coilWidth: 6,
      row: 7,
    });
    expect(n.below).toBe(4);
    expect(n.across % 2).toBe(0);
    expect(n.tapeOff).toBe(2);
    // Basted at 4 to 5 mm for the zip, sewn at 2.5 mm below its stop, both at the allowance of 15 mm.
    expect(n).toMatchObject({ allowance: 15, seamStitch: 2.5 });
    expect(n.basting).toBeGreaterThanOrEqual(4);
    expect(n.basting).toBeLessThanOrEqual(5);
  });
  it('concealed zip: stops 12 mm above the end, the seam overlaps 12 mm, the tape lies 5 mm in at 15 and 10', () =>
    expect(numbers('zip-concealed', { zip: 220, allowance: 15, tape: 10 })).toMatchObject({
      above: 12,
      overlap: 12,
      tapeOff: 5,
    }));
  it('a band of 20 mm on 600 mm is cut about four fifths of its opening', () =>
    expect(numbers('neck-band', { opening: 600, width: 20, stretch: 60, girth: 500 }).ratio).toBeCloseTo(79, 0));
  it('gentle curves are clipped about every 25 mm, tight ones closer', () => {
    expect(numbers('curved-seam', { radius: 125, inside: 1, allowance: 10 }).spacing).toBeCloseTo(25, 6);
    expect(numbers('curved-seam', { radius: 30, inside: 1, allowance: 10 }).spacing).toBeCloseTo(6, 6);
  });
  it('a button of 15 mm and 3 mm thick goes through a hole of 18 mm; six over 450 mm lie 90 mm apart', () =>
    expect(numbers('buttonholes', { button: 15, thick: 3, count: 6, long: 450 })).toMatchObject({
      hole: 18,
      spacing: 90,
    }));
  it('single binding of 10 mm is cut four times as wide, and its turns', () =>
    expect(numbers('bind-edge', { show: 10, binding: 0.2, layers: 2 }).cut).toBeCloseTo(44, 1));
  it('a cord of 4 mm takes its own round, 13.8 mm, and two allowances', () =>
    expect(numbers('piping', { cord: 4, allowance: 15 }).cut).toBeCloseTo(Math.PI * 4.4 + 30, 6));
  it('an overlock-look zigzag is 1.5 by 5 mm, trimmed to its stitching', () =>
    expect(numbers('overlock-look', { allowance: 10 })).toMatchObject({ swing: 5, stitch: 1.5, off: 5 }));
  it('elastic is cut to nine tenths of the body', () =>
    expect(numbers('elastic-sewn-on', { girth: 800 })).toMatchObject({ length: 720, cut: 735 }));
  it('jeans: 3, 6, 9 layers over a mock-felled seam, 4, 8, 12 over a true felled one', () => {
    expect(numbers('hem-jeans', { seamLayers: 3 })).toMatchObject({ layers: 3, mid: 6, high: 9 });
    expect(numbers('hem-jeans', { seamLayers: 4 })).toMatchObject({ layers: 4, mid: 8, high: 12 });
  });
  it('an edge of 60 mm, 6 mm in, has a row of 48', () => {
    const n = numbers('topstitch-edge', { edge: 60, edges: 1, from: 6, rows: 1 }, { lengthMm: 3 });
    expect(n.run).toBeCloseTo(48, 9);
    expect(n.stitches).toBe(16);
  });
  it('strips of 63.5 mm with 3 mm over 300 bow by about 20 mm over a metre; alternating five leaves a fifth of that at most', () => {
    const n = numbers('strip-set', { strips: 6, width: 63.5, long: 1000, shift: 3 });
    expect(n.sagitta).toBeCloseTo(19.7, 1);
    expect(n.alternate / n.sagitta).toBeCloseTo(0.086 + 0.115, 2);
  });
});
