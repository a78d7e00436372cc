import { describe, expect, it } from 'vitest';
import { rowsOf } from '../result';
import {
  ALL_NEEDLES,
  bobbinCapacity,
  FIBRE,
  needleThreadFit,
  type NeedlePoint,
  PLAIN_MACHINE,
  POINT,
  SHANK,
  threadDiameterMm,
  type ThreadFibre,
} from '.';

const fits = (tex: number, nm: number) =>
  needleThreadFit({ fibre: 'polyester', tex }, { point: 'universal', nm }).verdict;

describe('handbook: thread and needle', () => {
  // Thread makers' tables name a range of needles for each thread; they differ by one size.
  it.each([
    [18, 65],
    [18, 75],
    [24, 75],
    [24, 80],
    [27, 75],
    [27, 90],
    [30, 80],
    [35, 90],
    [35, 100],
    [40, 90],
    [40, 100],
    [60, 110],
    [80, 120],
  ])('Tex %i is sewn with Nm %i', (tex, nm) => expect(['good', 'tight']).toContain(fits(tex, nm)));

  it.each([
    [40, 65],
    [60, 80],
    [80, 90],
    [105, 100],
  ])('Tex %i does not go through Nm %i', (tex, nm) => expect(fits(tex, nm)).toBe('shreds'));

  it.each([
    [18, 110],
    [18, 120],
    [24, 120],
  ])('Tex %i lies loose in Nm %i, which is for thread three times as thick', (tex, nm) =>
    expect(fits(tex, nm)).toBe('sloppy'),
  );

  // Diameters that makers print for bonded nylon; soft thread of the same Tex is thicker.
  it.each([
    [70, 0.29],
    [90, 0.34],
    [135, 0.41],
  ])('Tex %i of nylon is %f mm thick when bonded, and thicker, by a third at most, when not', (tex, bonded) => {
    const mm = threadDiameterMm({ fibre: 'nylon', tex });
    expect(mm).toBeGreaterThanOrEqual(bonded);
    expect(mm).toBeLessThanOrEqual((bonded * 4) / 3);
  });

  it.each<[ThreadFibre, number, number]>([
    ['cotton', 1.52, 1.54],
    ['silk', 1.25, 1.34],
    ['polyester', 1.38, 1.38],
    ['nylon', 1.14, 1.14],
  ])('the density of %s lies between %f and %f g/cm³', (fibre, low, high) => {
    expect(FIBRE[fibre].densityGCm3).toBeGreaterThanOrEqual(low);
    expect(FIBRE[fibre].densityGCm3).toBeLessThanOrEqual(high);
  });
});

describe('practice: what is sold for home machines', () => {
  it('a bobbin of class 15 wound with Tex 27 holds 45 to 60 m', () => {
    const { metres } = bobbinCapacity({
      outerMm: 20.3,
      hubMm: 7,
      widthMm: 9,
      tex: 27,
      fibre: 'polyester',
      packing: 0.65,
    });
    expect(metres).toBeGreaterThanOrEqual(45);
    expect(metres).toBeLessThanOrEqual(60);
  });

  it.each<[NeedlePoint, number, number[]]>([
    ['twin', 1.6, [70, 80]],
    ['twin', 2, [80]],
    ['twin', 2.5, [80]],
    ['twin', 3, [90]],
    ['twin', 4, [80, 90, 100]],
    ['twin', 6, [100]],
    ['twin-stretch', 2.5, [75]],
    ['twin-stretch', 4, [75]],
  ])('a %s needle %f mm apart is sold in %j, and in nothing else', (point, gap, sizes) => {
    expect(ALL_NEEDLES.filter((n) => n.point === point && n.gapMm === gap).map(({ nm }) => nm)).toEqual(sizes);
  });
  it('no other twin is sold, and the sizes of a point are those of its gaps', () => {
    expect(ALL_NEEDLES.filter(({ gapMm }) => gapMm !== undefined)).toHaveLength(11);
    for (const { id, sizes, gaps } of rowsOf(POINT).filter(({ gaps }) => gaps.length > 0))
      expect(
        [...new Set(gaps.flatMap((gap) => gap.sizes))].sort((a, b) => a - b),
        id,
      ).toEqual(sizes);
  });

  // ½, 1 and 1⅛ in from the plate to the screw, foot down.
  it.each([
    ['low', 12.7],
    ['high', 25.4],
    ['slant', 28.6],
  ] as const)('a %s shank has its screw %s mm above the plate', (id, mm) =>
    expect(SHANK[id].plateToScrewMm).toBeCloseTo(mm, 1),
  );

  it('a plain home machine swings 5, 7 or 9 mm', () => expect([5, 7, 9]).toContain(PLAIN_MACHINE.maxWidthMm));
});
