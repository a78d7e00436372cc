import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { clothSchema } from '../cloth';
import { type Needle, type Thread } from '../kit';
import { STITCHES } from '../stitch';
import {
  feedFactor,
  feedRisks,
  feedsFromPressure,
  growthPercent,
  interlockDepth,
  layerShiftMm,
  needleRisks,
  perforationRisk,
  seamContext,
  seamGive,
  stitchRisks,
  tellRisks,
  tensionRisks,
  usualNm,
} from '.';

const seam = (cloth: object, operation: object = { kind: 'join' }) =>
  seamContext(clothSchema.parse(cloth), operation as Parameters<typeof seamContext>[1]);
const jersey = seam({ structure: 'knit', family: 'jersey', stretchAcross: 50, massGsm: 160 });
const silk = seam({ structure: 'woven', family: 'silk', massGsm: 45 });
const tex27: Thread = { fibre: 'polyester', tex: 27 };
const level = (hazards: { sign: string; level: number }[], sign: string) =>
  Math.max(...hazards.filter((h) => h.sign === sign).map((h) => h.level));

describe('give', () => {
  const width = fc.double({ min: 0, max: 7, noNaN: true });
  const length = fc.double({ min: 0.5, max: 5, noNaN: true });

  it('is never negative or upside down, for any stitch', () => {
    fc.assert(
      fc.property(fc.constantFrom(...STITCHES), length, width, (stitch, lengthMm, widthMm) => {
        const { low, high } = seamGive({ stitch, lengthMm, widthMm, thicknessMm: 0.8, threadExtension: 0.1 });
        expect(low).toBeGreaterThanOrEqual(0);
        expect(high).toBeGreaterThanOrEqual(low);
        expect(Number.isFinite(high)).toBe(true);
      }),
    );
  });

  it('grows with stretchier thread and with a wider zigzag', () => {
    fc.assert(
      fc.property(length, width, (lengthMm, widthMm) => {
        const at = (w: number, e: number) =>
          seamGive({ stitch: 'zigzag', lengthMm, widthMm: w, thicknessMm: 0.8, threadExtension: e });
        expect(at(widthMm, 0.25).low).toBeGreaterThanOrEqual(at(widthMm, 0.1).low);
        expect(at(widthMm + 0.5, 0.1).high).toBeGreaterThanOrEqual(at(widthMm, 0.1).high);
      }),
    );
  });

  it('of triple straight is more than that of a straight stitch', () => {
    const of = (stitch: 'straight' | 'triple-straight') =>
      seamGive({ stitch, lengthMm: 2.5, widthMm: 0, thicknessMm: 1, threadExtension: 0.1 }).low;
    expect(of('triple-straight')).toBeGreaterThan(of('straight'));
  });
});

describe('feeding', () => {
  it('stretches a jersey under normal pressure, and hardly under a light walking foot', () => {
    expect(growthPercent(jersey, 'standard', 0.5)).toBeCloseTo(5, 5);
    expect(growthPercent(jersey, 'walking', 0.25)).toBeLessThan(1);
  });

  it('shifts the layers under a plain foot more than a person would accept', () => {
    expect(layerShiftMm(jersey, 'standard', 0.5)).toBeGreaterThan(2);
    expect(layerShiftMm(jersey, 'walking', 0.5)).toBeLessThan(2);
  });

  it('never shifts a single layer', () => {
    const hem = seam({ structure: 'knit' }, { kind: 'hem', layers: 1 });
    expect(layerShiftMm(hem, 'standard', 1)).toBe(0);
  });

  it('solved backwards gives back the machine that a measured line came from', () => {
    const predicted = layerShiftMm(jersey, 'standard', 0.5);
    const { factor, strainPercent } = feedFactor(jersey, 'standard', 0.5, { shiftMm: 1.5 * predicted, overMm: 300 });
    expect(factor).toBeCloseTo(1.5, 10);
    expect(strainPercent).toBeCloseTo(predicted / 2, 10);
    // 3 mm long over 300 mm is 1 %.
    expect(feedFactor(jersey, 'standard', 0.5, { shiftMm: 3, overMm: 300 }).strainPercent).toBe(1);
    expect(() => feedFactor(jersey, 'standard', 0.5, { shiftMm: 3, overMm: 0 })).toThrow(/feedFactor: expected/);
  });

  it('needs pressure for heavy cloth and none for light', () => {
    expect(feedsFromPressure(400, 2)).toBeGreaterThan(0.1);
    expect(feedsFromPressure(100, 2)).toBe(0);
  });
});

describe('classic mistakes score high, and the trade’s settings low', () => {
  const needle = (point: Needle['point'], nm: number): Needle => ({ point, nm });

  it('universal 100/16 on chiffon', () => {
    const chiffon = seam({ structure: 'woven', family: 'chiffon' });
    expect(level(needleRisks(chiffon, needle('universal', 100), tex27), 'pucker-away')).toBe(1);
    expect(
      level(needleRisks(chiffon, needle('universal', 60), { fibre: 'polyester', tex: 18 }), 'pucker-away'),
    ).toBeLessThan(0.1);
  });

  it('a short stitch on vinyl', () => {
    const vinyl = seam({ structure: 'coated', family: 'vinyl' });
    expect(perforationRisk(vinyl, 'straight', 1.5, 90).level).toBe(1);
    expect(perforationRisk(vinyl, 'straight', 3.5, 90).level).toBe(0);
  });

  it('heavy pressure on slinky jersey', () => {
    const slinky = seam({ structure: 'knit', family: 'slinky-jersey' });
    expect(level(feedRisks(slinky, 'standard', 'standard', 'zigzag', 1), 'wavy')).toBeGreaterThan(0.9);
    expect(level(feedRisks(slinky, 'walking', 'standard', 'zigzag', 0), 'wavy')).toBe(0);
  });

  it('a sharp needle on jersey', () => {
    expect(level(needleRisks(jersey, needle('sharp', 75), tex27), 'holes')).toBeGreaterThan(0.7);
    expect(level(needleRisks(jersey, needle('ballpoint', 75), tex27), 'holes')).toBeLessThan(0.1);
  });

  it('a ballpoint on cloth with much elastane', () => {
    const swim = seam({ structure: 'knit', family: 'swim', fibres: { polyamide: 80, elastane: 20 } });
    expect(level(needleRisks(swim, needle('ballpoint', 75), tex27), 'skipped')).toBeGreaterThan(0.4);
    expect(level(needleRisks(swim, needle('stretch', 75), tex27), 'skipped')).toBeLessThan(0.1);
  });

  it('a long stitch and a high tension on thin silk', () => {
    expect(level(stitchRisks(silk, 'straight', 4, 0), 'pucker-line')).toBeGreaterThan(0.5);
    expect(level(tensionRisks(silk, tex27, 2), 'pucker-line')).toBeGreaterThan(0.5);
    expect(level(tensionRisks(silk, tex27, -0.5), 'pucker-line')).toBe(0);
  });
});

describe('needle size and tension', () => {
  it('heavier cloth of one structure never asks for a thinner needle', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 20, max: 900 }),
        fc.constantFrom('woven', 'knit', 'foam', 'coated'),
        (mass, structure) => {
          const at = (value: number) =>
            usualNm({ structure: structure as 'woven', massGsm: { value }, thicknessMm: { value: 0.5 }, traits: [] });
          expect(at(mass + 5)).toBeGreaterThanOrEqual(at(mass));
        },
      ),
    );
  });

  it('each step of tension pulls the crossing of the threads up', () => {
    for (let steps = -2; steps < 2; steps += 0.5) {
      expect(interlockDepth(steps + 0.5, tex27, 1)).toBeLessThan(interlockDepth(steps, tex27, 1));
    }
  });

  it('neoprene asks for one to three steps more than normal', () => {
    const neoprene = seam({ structure: 'foam', family: 'neoprene', thicknessMm: 2.5 });
    expect(level(tensionRisks(neoprene, tex27, 0), 'loops-below')).toBeGreaterThan(0.2);
    expect(level(tensionRisks(neoprene, tex27, 2), 'loops-below')).toBe(0);
  });
});

describe('telling risks', () => {
  it('puts the worst first and names each sign once', () => {
    const told = tellRisks([
      { sign: 'wavy', level: 0.1, why: () => 'less' },
      { sign: 'holes', level: 0.5, why: () => 'b' },
      { sign: 'wavy', level: 0.3, why: () => 'more' },
    ]);
    expect(told.map((r) => [r.sign, r.why])).toEqual([
      ['holes', 'b'],
      ['wavy', 'more'],
    ]);
  });
});
