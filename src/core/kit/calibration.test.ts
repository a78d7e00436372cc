import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  bobbinMetres,
  type Calibration,
  creepFactor,
  dialAt,
  dialCurve,
  dialLengthMm,
  dialWidthMm,
  fallingPlace,
  feedMeasureSchema,
  lengthCountSchema,
  lengthCurve,
  machineReads,
  PLAIN_MACHINE,
  trueAt,
  trueLengthMm,
  trueWidthMm,
  widthMeasureSchema,
} from '.';

const AT = '2026-01-01T00:00:00Z';
const none: Calibration = { length: [], width: [], bobbin: [], feed: [] };
const counted = (...pairs: [dial: number, stitches: number][]): Calibration => ({
  ...none,
  length: pairs.map(([dialMm, stitches], i) => ({ id: `${i}`, dialMm, stitches, overMm: 100, at: AT })),
});

describe('a length dial that is out', () => {
  // 2 sews 1.82 mm, 3 sews 2.70 mm, 4 sews 3.57 mm: about a tenth short.
  const machine = { ...PLAIN_MACHINE, calibration: counted([2, 55], [3, 37], [4, 28]) };

  it('is turned further than it says', () => {
    expect(trueLengthMm(machine, 3)).toBeCloseTo(100 / 37, 10);
    expect(dialLengthMm(machine, 2.5)).toBeCloseTo(2.77, 2);
    const setup = { lengthMm: 2.5, widthMm: 0, tensionSteps: 0, pressure: 0.5, needlePositionMm: 0 };
    expect(machineReads(PLAIN_MACHINE, setup).length).toBe('2.5');
    expect(machineReads(machine, setup).length).toBe('2.8');
  });

  it('counted stitches beat a learned factor', () =>
    expect(trueLengthMm({ ...machine, offsets: { lengthFactor: 1.2 } }, 3)).toBeCloseTo(100 / 37, 10));

  it('reaches less than it prints', () => expect(trueLengthMm(machine, 5)).toBeLessThan(5));

  it('repeats become one place with their spread', () => {
    const [place] = lengthCurve(counted([2, 50], [2, 52], [2, 54]));
    expect(place).toMatchObject({ dialMm: 2, n: 3 });
    expect(place.spreadMm).toBeCloseTo(0.0741, 3);
  });

  it('one counted place acts as a plain factor', () =>
    expect(trueLengthMm({ calibration: counted([2, 40]) }, 4)).toBeCloseTo(5, 10));

  it('that would give less at a higher place was counted wrong, and is taken at its word until then', () => {
    const curve = lengthCurve(counted([2, 40], [3, 45]));
    expect(fallingPlace(curve)).toEqual([2, 3]);
    expect(trueAt(curve, 3)).toBe(3);
  });

  it('truth and dial are each other’s inverse, all along a rising curve', () => {
    const places = fc
      .array(fc.record({ dialMm: fc.integer({ min: 5, max: 60 }), step: fc.integer({ min: 1, max: 20 }) }), {
        minLength: 1,
        maxLength: 6,
      })
      .map((list) => {
        const dials = [...new Set(list.map((p) => p.dialMm / 10))].sort((a, b) => a - b);
        let trueMm = 0;
        return dials.map((dialMm, i) => ({ dialMm, trueMm: (trueMm += list[i % list.length].step / 10) }));
      });
    fc.assert(
      fc.property(places, fc.double({ min: 0.1, max: 8, noNaN: true }), (list, dial) => {
        const curve = dialCurve(list);
        expect(dialAt(curve, trueAt(curve, dial))).toBeCloseTo(dial, 6);
      }),
    );
  });
});

describe('counts that cannot be', () => {
  it('a count far from the dial is refused: it was counted wrong', () =>
    expect(lengthCountSchema.safeParse({ dialMm: 2, stitches: 10, overMm: 100, at: AT }).success).toBe(false));
  it('half a stitch is not counted', () =>
    expect(lengthCountSchema.safeParse({ dialMm: 2, stitches: 50.5, overMm: 100, at: AT }).success).toBe(false));
  it('a width of three times the dial is refused', () =>
    expect(widthMeasureSchema.safeParse({ dialMm: 3, trueMm: 9, at: AT }).success).toBe(false));
  it('layers that end a third apart were not the same length', () => {
    const line = { shiftMm: 55, overMm: 150, foot: 'standard', pressure: 0.5, clothName: 'A', factor: 1, at: AT };
    expect(feedMeasureSchema.safeParse(line).success).toBe(false);
  });
});

describe('a width dial', () => {
  const machine = { calibration: { ...none, width: [{ id: 'w', dialMm: 4, trueMm: 3.6, at: AT }] } };
  it('is corrected the same way', () => {
    expect(trueWidthMm(machine, 4)).toBeCloseTo(3.6, 10);
    expect(dialWidthMm(machine, 3.6)).toBeCloseTo(4, 10);
  });
  it('of none stays none', () => expect(dialWidthMm(machine, 0)).toBe(0));
});

describe('a bobbin that was wound off', () => {
  const wound = (metres: number, tex = 27) => ({
    id: `${metres}`,
    metres,
    thread: { fibre: 'polyester' as const, tex },
    at: AT,
  });
  const machine = { calibration: { ...none, bobbin: [wound(40), wound(44)] } };
  it('holds what it held', () =>
    expect(bobbinMetres(machine, { fibre: 'polyester', tex: 27 })).toEqual({ metres: 42, measured: 2 }));
  it('holds less of a thicker thread, by its cross-section', () =>
    expect(bobbinMetres(machine, { fibre: 'polyester', tex: 54 }).metres).toBeCloseTo(21, 10));
});

describe('feed', () => {
  const line = (factor: number | null, i: number) => ({
    id: `${i}`,
    clothId: null,
    shiftMm: 3,
    overMm: 300,
    foot: 'standard' as const,
    pressure: 0.5,
    clothName: 'A',
    factor,
    at: AT,
  });
  const creep = (...factors: (number | null)[]) => creepFactor({ calibration: { ...none, feed: factors.map(line) } });
  it('is the model’s until a line was measured', () => expect([creep(), creep(null)]).toEqual([1, 1]));
  it('is the mean of what was measured, never below nothing', () =>
    expect([creep(0.5, 1.5), creep(2), creep(-0.4)]).toEqual([1, 2, 0.4]));
});
