import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  ALL_NEEDLES,
  FOOT,
  FULL_KIT,
  kitSchema,
  machineReads,
  machineSchema,
  needleSchema,
  nearestPressureStep,
  PLAIN_MACHINE,
  pressureSteps,
  tensionReading,
  tensionSteps,
  threadDiameterMm,
} from '.';

describe('a pressure dial', () => {
  it('may run either way: the list goes from lightest to heaviest, whatever is printed', () => {
    const steps = pressureSteps({ pressureDial: { positions: [6, 4, 2, 1], normal: 2 } });
    expect(steps.map((s) => s.position)).toEqual(['6', '4', '2', '1']);
    expect(steps.map((s) => s.pressure)).toEqual([0, 0.25, 0.5, 1]);
  });

  it('whose normal is its top cannot press harder', () => {
    const steps = pressureSteps({ pressureDial: { positions: ['light', 'normal'], normal: 'normal' } });
    expect(steps.at(-1)).toEqual({ position: 'normal', pressure: 0.5 });
  });

  it('shifted by a learned offset still stays within 0 and 1', () => {
    const steps = pressureSteps({
      pressureDial: { positions: [0, 1, 2], normal: 1 },
      offsets: { pressure: 0.4 },
    });
    expect(steps.map((s) => s.pressure)).toEqual([0.4, 0.9, 1]);
  });

  it('finds the mark nearest to any pressure', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 1, noNaN: true }), (pressure) => {
        const near = nearestPressureStep(PLAIN_MACHINE, pressure);
        for (const step of pressureSteps(PLAIN_MACHINE)) {
          expect(Math.abs(near.pressure - pressure)).toBeLessThanOrEqual(Math.abs(step.pressure - pressure) + 1e-12);
        }
      }),
    );
  });
});

describe('a tension dial', () => {
  it('shows a learned offset added, and never leaves the dial', () => {
    const machine = { ...PLAIN_MACHINE, offsets: { tensionSteps: 1 } };
    expect(tensionReading(machine, 0)).toBe(5);
    expect(tensionReading(PLAIN_MACHINE, 99)).toBe(9);
  });

  it('without half steps offers none', () => {
    const dial = { tensionDial: { min: 0, max: 9, normal: 4, step: 1 } };
    expect(tensionSteps(dial)).toEqual([-3, -2, -1, 0, 1, 2, 3]);
    expect(tensionReading(dial, 0.5)).toBe(4);
  });

  it('near its end offers only what is left', () => {
    expect(Math.max(...tensionSteps({ tensionDial: { min: 0, max: 5, normal: 4, step: 0.5 } }))).toBe(1);
  });
});

describe('a machine', () => {
  it('whose dial sews short is told to dial more', () => {
    const reads = machineReads(
      { ...PLAIN_MACHINE, offsets: { lengthFactor: 0.9 } },
      { lengthMm: 2.5, widthMm: 2, tensionSteps: 0, pressure: 0.25, needlePositionMm: -2 },
    );
    expect(reads).toEqual({
      length: '2.8',
      width: '2',
      tension: '4',
      pressure: '1',
      needlePosition: '2 mm left',
    });
  });

  it('must have its normal among its positions', () => {
    const wrong = { ...PLAIN_MACHINE, pressureDial: { positions: [1, 2], normal: 7 } };
    expect(machineSchema.safeParse(wrong).error?.issues[0].path).toEqual(['pressureDial', 'normal']);
  });
});

describe('the kit', () => {
  it('left out means everything on sale, and an empty list means none', () => {
    expect(kitSchema.parse({}).needles).toHaveLength(ALL_NEEDLES.length);
    expect(kitSchema.parse({ needles: [] }).needles).toEqual([]);
  });

  it('never offers for sale a feed that is built into machines', () => {
    expect(FULL_KIT.feet.filter((foot) => FOOT[foot].builtIn)).toEqual([]);
  });

  it('every needle on sale is a valid needle', () => {
    for (const needle of ALL_NEEDLES) expect(needleSchema.safeParse(needle).success).toBe(true);
  });

  it('twins need a gap, and nothing else has one', () => {
    expect(needleSchema.safeParse({ point: 'twin', nm: 80 }).success).toBe(false);
    expect(needleSchema.safeParse({ point: 'sharp', nm: 80, gapMm: 2 }).success).toBe(false);
  });

  it('heavier thread is always thicker', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 200 }), (tex) => {
        const at = (t: number) => threadDiameterMm({ fibre: 'cotton', tex: t });
        expect(at(tex + 1)).toBeGreaterThan(at(tex));
      }),
    );
  });
});
