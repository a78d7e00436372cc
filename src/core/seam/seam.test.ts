import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { chordErrorMm, longestChordMm, outlineBends } from '../geometry';
import {
  bandFor,
  bandWarnings,
  easyBandRatio,
  boundEdge,
  clipsFor,
  cornerAnswer,
  curveAnswer,
  felledSeam,
  frenchSeam,
  outlineSeam,
  pinInterval,
  limpBandRatio,
  quiltLines,
  RECOVERS_PERCENT,
  topstitchRows,
  turnOfClothMm,
  zipInputSchema,
  zipPlan,
} from '.';

const mm = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const finite = (value: unknown) => expect(JSON.stringify(value)).not.toMatch(/null|NaN/);

describe('a French seam always adds up', () => {
  it('first and second make the allowance, and the second closes over the trimmed edge', () => {
    fc.assert(
      fc.property(mm(4, 40), mm(1, 6), mm(0.05, 2), (allowanceMm, trimMm, thicknessMm) => {
        const seam = frenchSeam({ allowanceMm, trimMm, thicknessMm });
        if ('blocked' in seam) {
          const { limit } = seam.blocked[0];
          expect('blocked' in frenchSeam({ allowanceMm: limit! + 0.01, trimMm, thicknessMm })).toBe(false);
          return;
        }
        expect(seam.firstMm + seam.secondMm).toBeCloseTo(allowanceMm, 8);
        expect(seam.firstMm).toBeGreaterThan(trimMm);
        expect(seam.secondMm).toBeGreaterThanOrEqual(trimMm + turnOfClothMm(thicknessMm, 0) + 1 - 1e-9);
      }),
    );
  });
});

describe('a flat-felled seam always adds up', () => {
  it('band, tuck and turn make the allowance; nothing passes the seam line; the tuck is caught', () => {
    fc.assert(
      fc.property(mm(8, 40), mm(2, 10), mm(0.1, 2), (allowanceMm, trimMm, thicknessMm) => {
        const seam = felledSeam({ allowanceMm, trimMm, thicknessMm });
        if ('blocked' in seam) {
          expect(seam.blocked[0].text).toMatch(/mm|narrower|wider/);
          return;
        }
        const turn = turnOfClothMm(thicknessMm, 0);
        expect(seam.bandMm + seam.tuckMm + turn).toBeCloseTo(allowanceMm, 8);
        expect(seam.tuckMm).toBeLessThanOrEqual(seam.bandMm);
        expect(seam.trimMm + turn).toBeLessThanOrEqual(seam.bandMm + 1e-9);
        expect(seam.tuckMm).toBeGreaterThanOrEqual(seam.topstitchFromFoldMm + 3 - 1e-9);
      }),
    );
  });

  it('a band so narrow that the tuck passes the seam line says how wide it must be', () => {
    const seam = felledSeam({ allowanceMm: 20, bandMm: 8, trimMm: 4, thicknessMm: 0.5 });
    expect('blocked' in seam && seam.blocked[0]).toMatchObject({ code: 'seam.felled-tuck-long', limit: 8 });
  });
});

describe('curves and corners', () => {
  it('chord error and longest chord undo each other', () => {
    fc.assert(
      fc.property(mm(1, 500), mm(0.01, 0.9), (radius, share) => {
        const error = share * Math.min(radius, 2);
        expect(chordErrorMm(radius, longestChordMm(radius, error))).toBeCloseTo(error, 6);
      }),
    );
  });

  it('a stitch longer than the circle is wide turns at every stitch, and nothing is NaN', () => {
    const found = curveAnswer({ radiusMm: 1, lengthMm: 2.5, toleranceMm: 0.1, speedSpm: 750, toeMm: 12 });
    expect(found).toMatchObject({ pivotEvery: 1, turnPerStitchDeg: 180, chordErrorMm: 1 });
    finite(found);
  });

  it('a corner is always landed on', () => {
    fc.assert(
      fc.property(mm(0.5, 200), mm(0.5, 5), (distanceMm, lengthMm) => {
        const { stitches, lengthMm: fitted } = cornerAnswer({ distanceMm, lengthMm, angleDeg: 90, weight: 'light' });
        expect(stitches * fitted).toBeCloseTo(distanceMm, 8);
        expect(stitches).toBeGreaterThanOrEqual(1);
      }),
    );
  });

  it('an allowance that reaches the centre is trimmed first', () => {
    const found = clipsFor({ radiusMm: 8, turnDeg: 90, allowanceMm: 10, side: 'convex', maxGapMm: 4, notchBaseMm: 5 });
    expect('blocked' in found && found.blocked[0]).toMatchObject({ limit: 8, actual: 10 });
  });
});

describe('any outline', () => {
  const circle = (radius: number, points: number) =>
    Array.from({ length: points }, (_, i) => {
      const angle = (2 * Math.PI * i) / points;
      return { x: radius * Math.cos(angle), y: radius * Math.sin(angle) };
    });

  it('has the radius of the circle its points lie on, however they are spaced', () => {
    fc.assert(
      fc.property(mm(5, 300), fc.integer({ min: 12, max: 90 }), (radius, points) => {
        const bends = outlineBends(circle(radius, points), true);
        expect(bends).toHaveLength(points);
        for (const { radiusMm } of bends) expect(radiusMm).toBeCloseTo(radius, 5);
        expect(bends.reduce((sum, b) => sum + b.turnDeg, 0)).toBeCloseTo(360, 5);
      }),
      { numRuns: 20 },
    );
  });

  it('is sewn shorter where it is tight, pivoted at corners, clipped inside and notched outside', () => {
    const points = circle(15, 72);
    const request = { points, closed: true, lengthMm: 5, toleranceMm: 0.1, allowanceMm: 8 } as const;
    const outside = outlineSeam({ ...request, allowanceOn: 'left' });
    expect(outside.stretches).toEqual([{ fromMm: 0, toMm: outside.lengthMm, lengthMm: 2 }]);
    expect(outside.cuts.length).toBeGreaterThan(10);
    expect(new Set(outside.cuts.map((c) => c.kind))).toEqual(new Set(['notch']));
    const inside = outlineSeam({ ...request, allowanceOn: 'right' });
    expect(new Set(inside.cuts.map((c) => c.kind))).toEqual(new Set(['clip']));
    expect(outlineSeam({ ...request, allowanceMm: 20, allowanceOn: 'left' }).trimFirst.length).toBe(72);
  });

  it('that is a point or nothing has nothing to sew', () => {
    const nothing = { closed: false, lengthMm: 2.5, toleranceMm: 0.1, allowanceMm: 10, allowanceOn: 'left' } as const;
    expect(outlineSeam({ ...nothing, points: [] })).toMatchObject({ lengthMm: 0, stretches: [], pivots: [], cuts: [] });
    expect(outlineSeam({ ...nothing, points: [{ x: 1, y: 1 }] }).stretches).toEqual([]);
  });
});

describe('bands', () => {
  it('four quarters make the band, and an easy ratio never stretches it past half of what it can', () => {
    fc.assert(
      fc.property(mm(150, 1200), mm(20, 150), mm(8, 60), (openingMm, stretch, bandWidthMm) => {
        const ratio = easyBandRatio({ openingMm, stretch, bandWidthMm });
        const band = bandFor({ openingMm, ratio, joinAllowanceMm: 10 });
        expect(4 * band.quarterBandMm + 20).toBeCloseTo(band.cutMm, 8);
        expect(band.stretchToFitPercent).toBeLessThanOrEqual(stretch / 2 + 1e-6);
      }),
    );
  });

  it('one that does not pass over the head says so', () => {
    const band = { openingMm: 450, ratio: 0.8, stretch: 20, joinAllowanceMm: 10, girthMm: 570 };
    expect(bandFor(band).passesGirth).toBe(false);
    expect(bandFor({ ...band, stretch: 80 }).passesGirth).toBe(true);
    expect(bandFor({ openingMm: 450, joinAllowanceMm: 10 }).passesGirth).toBeUndefined();
  });

  it('whether one passes is not known while its stretch is not, unless it is wide enough as it is', () => {
    const band = { openingMm: 600, ratio: 0.8, joinAllowanceMm: 10 };
    expect(bandFor({ ...band, girthMm: 481 }).passesGirth).toBeNull();
    expect(bandFor({ ...band, girthMm: 480 }).passesGirth).toBe(true);
  });

  it('stretch and recovery do not change its length, they warn', () => {
    const ratio = (more: object) => bandFor({ openingMm: 600, joinAllowanceMm: 10, ...more }).ratio;
    expect(ratio({ stretch: 10, recovery: 40 })).toBe(0.8);
    expect(bandWarnings(0.8, 50, 80)).toEqual([]);
    expect(bandWarnings(0.8, 49.9, 79)).toEqual(['overstretched', 'gapes']);
    expect(bandWarnings(0.8, undefined, 60)).toEqual(['gapes']);
    expect(bandWarnings(0.8, undefined, 59)).toEqual(['stays-stretched']);
  });
});

describe('zips', () => {
  const zip = (more: object) =>
    zipPlan(
      zipInputSchema.parse({
        kind: 'centred',
        zipMm: 180,
        allowanceMm: 15,
        coilToTapeEdgeMm: 13,
        coilWidthMm: 6,
        ...more,
      }),
    );

  it.each(['centred', 'lapped', 'exposed'] as const)('every row of a %s zip ends where the bar begins', (kind) => {
    const plan = zip({ kind });
    if ('blocked' in plan) throw new Error(plan.blocked[0].text);
    const rows = Object.entries(plan.stitches).filter(([name]) => name !== 'bar' && name !== 'hidden');
    for (const [, { count, lengthMm }] of rows) expect(count * lengthMm).toBeCloseTo(plan.positions.bar.alongMm!, 8);
    finite(plan);
  });

  it('a concealed one stops above the pull and the seam overlaps it', () => {
    const plan = zip({ kind: 'concealed' });
    if ('blocked' in plan) throw new Error(plan.blocked[0].text);
    expect(plan.positions.grooveEnd.alongMm).toBe(168);
    expect(plan.positions.seamStart.alongMm).toBe(156);
  });

  it.each([
    ['runs into the coil', { topstitchMm: 3 }, 'seam.zip-hits-coil'],
    ['misses the tape', { topstitchMm: 14 }, 'seam.zip-misses-tape'],
    ['falls off a wide window', { kind: 'exposed', revealMm: 14 }, 'seam.zip-off-window'],
    ['has a window narrower than its coil', { kind: 'exposed', revealMm: 4 }, 'seam.zip-window'],
    ['leaves a narrow allowance', { allowanceMm: 6 }, 'seam.zip-off-allowance'],
    ['is wider than its tape', { coilToTapeEdgeMm: 3 }, 'seam.zip-tape'],
    ['is too short to overlap', { kind: 'concealed', zipMm: 20 }, 'seam.zip-short'],
  ])('one whose row %s is refused with the number to change', (_, more, code) => {
    const plan = zip(more);
    expect('blocked' in plan && plan.blocked[0].code).toBe(code);
  });
});

describe('topstitching, bindings, lines and pins', () => {
  it('sharp corners use up more of a row than blunt ones, and one used up is refused by its edge', () => {
    const rows = (angle: number, length = 60) =>
      topstitchRows({
        edges: [{ mm: length, startAngleDeg: angle, endAngleDeg: angle }],
        lengthMm: 3,
        fromEdgeMm: 6,
        rows: 2,
        gapMm: 6,
      });
    const first = (found: ReturnType<typeof rows>) => ('rows' in found ? found.rows[0].edges[0].rowMm : NaN);
    expect(first(rows(60))).toBeLessThan(first(rows(120)));
    const none = rows(90, 20);
    expect('blocked' in none && none.blocked[0].text).toMatch(/Row 2 .* edge 1/);
  });

  it('a double binding is cut wider than a single one', () => {
    const cut = (way: 'single' | 'double') => {
      const found = boundEdge(10, 0.2, 0.8, way);
      return 'cutMm' in found ? found.cutMm : NaN;
    };
    expect(cut('double')).toBeGreaterThan(cut('single'));
  });

  it('a band that does not quite come back is cut shorter, the less it recovers; never beyond half of its stretch', () => {
    const percent = (min: number, max: number) => fc.double({ min, max, noNaN: true });
    fc.assert(
      fc.property(percent(0.6, 1), percent(5, 200), percent(0, 100), (well, stretch, recovery) => {
        const ratio = limpBandRatio(well, stretch, recovery);
        expect(ratio).toBeLessThanOrEqual(well);
        expect(limpBandRatio(well, stretch, Math.max(0, recovery - 10))).toBeLessThanOrEqual(ratio + 1e-12);
        if (ratio < well) expect(100 * (1 / ratio - 1)).toBeLessThanOrEqual(stretch / 2 + 1e-9);
      }),
    );
    expect(limpBandRatio(0.8, 80, RECOVERS_PERCENT.well)).toBe(0.8);
    expect(limpBandRatio(0.8, 80, RECOVERS_PERCENT.well - 1)).toBeLessThan(0.8);
  });

  it('quilting lines fill their width exactly, and layers that creep are pinned closer', () => {
    fc.assert(
      fc.property(mm(10, 3000), mm(5, 200), (widthMm, wantedMm) => {
        const { lines, spacingMm } = quiltLines(widthMm, wantedMm);
        // One of them is the middle, and none lies on a raw edge.
        expect(lines % 2).toBe(1);
        expect((lines + 1) * spacingMm).toBeCloseTo(widthMm, 6);
      }),
    );
    expect(pinInterval(6, 0.5)).toBeLessThan(pinInterval(2, 0.5));
  });
});
