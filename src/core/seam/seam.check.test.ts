import { describe, expect, it } from 'vitest';
import { stripBow } from '../physics';
import { bobbinCapacity } from '../kit';
import {
  abuttedBite,
  bandFor,
  bandRatio,
  clipsFor,
  cornerAnswer,
  curveAnswer,
  felledSeam,
  frenchSeam,
  humpOver,
  topstitchRows,
  turnOfClothMm,
  ZIP_KINDS,
  zipPlan,
} from '.';

const curve = (radiusMm: number, lengthMm = 2.5) =>
  curveAnswer({ radiusMm, lengthMm, toleranceMm: 0.1, speedSpm: 750, toeMm: 12 });

// Exact circle geometry: a chord of length L lies r − √(r² − L²/4) inside its arc.
describe('mathematics: curves (circle geometry, exact)', () => {
  it.each([
    [3, 1.54],
    [5, 1.99],
    [10, 2.82],
  ])('radius %d mm takes stitches of %d mm within 0.1 mm', (radius, length) => {
    expect(curve(radius).maxLengthMm).toBeCloseTo(length, 2);
    const { maxLengthMm } = curve(radius);
    expect(radius - Math.sqrt(radius ** 2 - maxLengthMm ** 2 / 4)).toBeCloseTo(0.1, 10);
  });

  it('a 2.5 mm stitch turns 14.4° on a radius of 10, and a full circle closes', () => {
    expect(curve(10).turnPerStitchDeg).toBeCloseTo(14.4, 1);
    const side = 2 * 10 * Math.sin(Math.PI / 24);
    expect(24 * curve(10, side).turnPerStitchDeg).toBeCloseTo(360, 8);
  });

  it('a half circle of radius 30 with 10 mm of allowance differs by 2·10·π = 62.8 mm', () => {
    const clips = clipsFor({
      radiusMm: 30,
      turnDeg: 180,
      allowanceMm: 10,
      side: 'convex',
      maxGapMm: 4,
      notchBaseMm: 5,
    });
    expect(clips).toMatchObject({ kind: 'notch', differenceMm: expect.closeTo(62.83, 2) });
    // The arc length of the edge before and after it is turned over the line.
    expect(Math.PI * (30 + 10) - Math.PI * (30 - 10)).toBeCloseTo(62.83, 2);
  });
});

describe('practice: wedges and slits (geometry of the edge, spacing by common practice)', () => {
  const clips = (input: { radiusMm: number; turnDeg: number; allowanceMm: number; side: 'convex' | 'concave' }) => {
    const found = clipsFor({ ...input, maxGapMm: 4, notchBaseMm: 5 });
    if ('blocked' in found) throw new Error(found.blocked[0].text);
    return found;
  };
  it('a nearly straight round edge needs no wedge: half a base is the least', () => {
    // 2·a·θ = 2.5 mm at θ = 0.125 rad.
    const turn = (rad: number) =>
      clips({ radiusMm: 500, turnDeg: (rad * 180) / Math.PI, allowanceMm: 10, side: 'convex' });
    expect(turn(0.124)).toMatchObject({ count: 0, spacingMm: null });
    expect(turn(0.126)).toMatchObject({ count: 1 });
  });
  it('wedges take out what the edge is too long: 31.4 mm in wedges of 5 are seven', () =>
    expect(clips({ radiusMm: 60, turnDeg: 90, allowanceMm: 10, side: 'convex' })).toMatchObject({
      count: 7,
      spacingMm: expect.closeTo((60 * Math.PI) / 2 / 7, 6),
    }));
  it('a wedge is no wider than the allowance is deep', () =>
    expect(clips({ radiusMm: 60, turnDeg: 90, allowanceMm: 3, side: 'convex' }).count).toBe(
      Math.ceil((2 * 3 * Math.PI) / 2 / 3),
    ));
  it('wedges that would take over half of the edge: trim to a third of the radius first', () => {
    expect(clips({ radiusMm: 30, turnDeg: 180, allowanceMm: 10, side: 'convex' }).trimToMm).toBeUndefined();
    expect(clips({ radiusMm: 29, turnDeg: 180, allowanceMm: 10, side: 'convex' }).trimToMm).toBeCloseTo(29 / 3, 6);
  });
  it('slits that would come closer than 5 mm: trim until 5 mm is enough', () => {
    expect(clips({ radiusMm: 25, turnDeg: 90, allowanceMm: 10, side: 'concave' }).trimToMm).toBeUndefined();
    expect(clips({ radiusMm: 20, turnDeg: 90, allowanceMm: 10, side: 'concave' })).toMatchObject({
      spacingMm: 5,
      trimToMm: 8,
    });
  });
});

describe('own: turn of cloth (half a circle at the middle of the folding layer; our squash)', () => {
  it('round one layer of 0.5 mm takes 1.41 mm, flat on itself π/2 of its thickness', () => {
    expect(turnOfClothMm(0.5, 1)).toBeCloseTo(1.41, 2);
    expect(turnOfClothMm(0.9, 0)).toBeCloseTo(1.41, 2);
  });
});

// Common practice: about every 25 mm (1 in) on gentle curves, closer the tighter.
describe('practice: clips (common practice)', () => {
  const spacing = (radiusMm: number) => {
    const clips = clipsFor({ radiusMm, turnDeg: 90, allowanceMm: 10, side: 'concave', maxGapMm: 4, notchBaseMm: 5 });
    return 'blocked' in clips ? NaN : clips.spacingMm;
  };
  it('about every inch on a gentle curve, 6 mm on a tight one', () => {
    expect(spacing(200)).toBe(30);
    expect(spacing(125)).toBeCloseTo(25, 6);
    expect(spacing(30)).toBeCloseTo(6, 6);
  });
});

// Common practice: one to three short stitches across a sharp corner, one across a thick one up to 120°.
describe('practice: corners (common practice)', () => {
  it('one, two and three stitches across for light, medium and heavy cloth', () => {
    const across = (weight: 'light' | 'medium' | 'heavy', angleDeg: number) =>
      cornerAnswer({ distanceMm: 20, lengthMm: 2.5, angleDeg, weight }).across;
    expect([across('light', 60), across('medium', 60), across('heavy', 60)]).toEqual([1, 2, 3]);
    expect([across('light', 90), across('medium', 90), across('heavy', 90)]).toEqual([0, 0, 1]);
    expect([across('heavy', 120), across('heavy', 121), across('medium', 100)]).toEqual([1, 0, 0]);
  });
});

// Common practice: 15 mm splits 9–10 then 5–6 in thin cloth, 6 then 9 otherwise; trimmed to 3.
describe('practice: French seam (common practice)', () => {
  it('of 15 mm in silk is 9–10 then 5–6', () => {
    const seam = frenchSeam({ allowanceMm: 15, trimMm: 3, thicknessMm: 0.15 });
    expect(seam).toMatchObject({ firstMm: expect.closeTo(9.5, 6), secondMm: expect.closeTo(5.5, 6) });
  });
  it('in thicker cloth is 6 then 9', () => {
    expect(frenchSeam({ allowanceMm: 15, trimMm: 3, thicknessMm: 0.8 })).toMatchObject({ firstMm: 6, secondMm: 9 });
  });
});

// Common practice: 16 mm, trimmed to 6, band 8; thick denim needs 5 or a wider allowance.
describe('practice: flat-felled seam (common practice)', () => {
  it('of 16 mm works in 0.9 mm denim, and not in 1.3 mm unless trimmed to 5.5', () => {
    expect(felledSeam({ allowanceMm: 16, trimMm: 6, thicknessMm: 0.9 })).toMatchObject({ bandMm: 8, layers: 4 });
    const thick = felledSeam({ allowanceMm: 16, trimMm: 6, thicknessMm: 1.3 });
    expect('blocked' in thick && thick.blocked[0].text).toMatch(/trim to {= 5.5 mm}/);
    expect('blocked' in felledSeam({ allowanceMm: 16, trimMm: 5.5, thicknessMm: 1.3 })).toBe(false);
  });
});

// Common practice: a neckband is cut at 80 % of its opening; 20 mm wide on 600 lies flat at 0.79, 10 mm at 0.90.
describe('practice: bands (common practice, and the circle behind it)', () => {
  it('600 mm at 0.80 is cut 480 and two joins of 10', () => {
    expect(bandFor({ openingMm: 600, ratio: 0.8, joinAllowanceMm: 10 })).toMatchObject({ cutMm: 500, finishedMm: 480 });
  });
  it('lies flat when its inner edge is 2π·width shorter', () => {
    expect(bandRatio({ openingMm: 600, bandWidthMm: 20 })).toBeCloseTo(0.79, 2);
    expect(bandRatio({ openingMm: 600, bandWidthMm: 10 })).toBeCloseTo(0.9, 2);
  });
});

// Common practice: 3 → 6 → 9 layers at a mock-felled side seam, 4 → 8 → 12 at a true felled one.
describe('practice: humps at a jeans hem (common practice)', () => {
  it.each([
    [3, 6, 9],
    [4, 8, 12],
  ])('%d, %d and %d layers of denim step by three or four each time', (low, middle, high) => {
    const over = (lowLayers: number, highLayers: number) =>
      humpOver({ layerMm: 0.8, lowLayers, highLayers, soleMm: 15, squash: 0.8, liftMm: 5, extraLiftMm: 2 });
    expect(over(low, middle).folds).toBe(low);
    expect(over(middle, high).stepMm).toBeCloseTo(low * 0.64, 8);
    expect(over(low, high).tiltDeg).toBeGreaterThan(over(low, middle).tiltDeg);
  });
});

describe('mathematics: topstitching round corners (geometry)', () => {
  it('a 60 mm edge between square corners, 6 mm in, has a row of 48 mm', () => {
    const edges = [{ mm: 60, startAngleDeg: 90, endAngleDeg: 90 }];
    const found = topstitchRows({ edges, lengthMm: 3, fromEdgeMm: 6, rows: 1, gapMm: 6 });
    expect('rows' in found && found.rows[0].edges[0]).toEqual({ rowMm: 48, stitches: 16, lengthMm: 3 });
  });
});

// Common practice: distance tape edge → raw edge = allowance − (tape edge → coil); never across the metal stop.
describe('practice: zips (common practice)', () => {
  it('the coil lands on the seam line, and the bar lies below the stop with an even number of stitches', () => {
    const plan = zipPlan({
      kind: 'centred',
      zipMm: 180,
      topMm: 20,
      allowanceMm: 15,
      coilToTapeEdgeMm: 13,
      coilWidthMm: 6,
      topstitchMm: 7,
      lengthMm: 2.5,
    });
    if ('blocked' in plan) throw new Error(plan.blocked[0].text);
    expect(plan.tapeFromRawEdgeMm).toBe(2);
    expect(plan.positions.bottomStop.alongMm).toBe(200);
    expect(plan.positions.bar.alongMm).toBe(204);
    expect(plan.stitches.left.count).toBe(Math.round(204 / 2.5));
    expect(plan.stitches.bar.count % 2).toBe(0);
    expect(plan.stitches.bar.count * plan.stitches.bar.lengthMm).toBeCloseTo(14, 8);
    expect(plan.stitches.left).toEqual(plan.stitches.right);
  });

  it('a window or lapped zip may have an odd bar; rows of every kind begin at the raw top edge', () => {
    const zip = (kind: (typeof ZIP_KINDS)[number], topstitchMm = 7) => {
      const plan = zipPlan({
        kind,
        zipMm: 180,
        topMm: 20,
        allowanceMm: 15,
        coilToTapeEdgeMm: 13,
        coilWidthMm: 6,
        topstitchMm,
        lengthMm: 2.5,
      });
      if ('blocked' in plan) throw new Error(plan.blocked[0].text);
      return plan;
    };
    expect(zip('lapped', 12.5).stitches.bar.count).toBe(5);
    expect(zip('exposed', 6.25).stitches.bar.count).toBe(5);
    expect(zip('centred', 6.25).stitches.bar.count % 2).toBe(0);
    const rows = (kind: (typeof ZIP_KINDS)[number]) => Object.values(zip(kind).stitches)[0].count;
    expect([rows('centred'), rows('lapped'), rows('exposed')]).toEqual([82, 82, 82]);
    expect([rows('concealed'), rows('between-folds')]).toEqual([75, 80]);
  });

  it('between two folds: half the teeth and the tape that shows, the row 2 to 3 mm outside, on fabric and tape', () => {
    const zip = (shownMm: number, coilToTapeEdgeMm = 15) =>
      zipPlan({
        kind: 'between-folds',
        zipMm: 200,
        topMm: 0,
        shownMm,
        allowanceMm: 10,
        coilToTapeEdgeMm,
        coilWidthMm: 6,
        topstitchMm: 7,
        lengthMm: 2.5,
      });
    const plan = zip(4);
    if ('blocked' in plan) throw new Error(plan.blocked[0].text);
    expect(plan.positions.rightFold.acrossMm).toBe(7);
    expect(plan.positions.rightRow.acrossMm).toBe(9.5);
    expect(plan.tapeFromRawEdgeMm).toBe(2);
    expect('blocked' in zip(4, 10.5)).toBe(false);
    expect('blocked' in zip(4, 10.4)).toBe(true);
    // The foot has to pass beside the teeth, however little of the tape shows.
    const bare = zip(0);
    expect('positions' in bare && bare.positions.rightRow.acrossMm).toBe(6);
  });
});

describe('own: strips and bobbins (our model; sizes from memory)', () => {
  it('1% over 1 m of 63.5 mm strips bows 19.7 mm, about a tenth of it when ends alternate', () => {
    const bow = (seams: number, alternate: boolean) =>
      stripBow({ strainPercent: 1, stripMm: 63.5, spanMm: 1000, seams, alternate });
    expect(bow(1, false).sagittaMm).toBeCloseTo(19.7, 1);
    expect(bow(5, false).sagittaMm).toBeCloseTo(19.7, 1);
    expect(bow(5, true).sagittaMm / bow(5, false).sagittaMm).toBeCloseTo(0.1, 1);
    expect(bow(1, false).rangeMm[0] / bow(1, false).sagittaMm).toBeCloseTo(0.75, 8);
  });

  it('alternating leaves a range and never nothing: 0 ± 0.177 of one seam for two, 0.086 ± 0.115 for five', () => {
    const share = (seams: number) => {
      const bow = stripBow({ strainPercent: 1, stripMm: 63.5, spanMm: 1000, seams, alternate: true });
      return [bow.sagittaMm, ...bow.rangeMm].map((mm) => mm / 19.675);
    };
    const [two, five] = [share(2), share(5)];
    expect(two[0]).toBe(0);
    expect(two[1]).toBe(0);
    expect(two[2]).toBeCloseTo(0.177, 3);
    expect(five[0]).toBeCloseTo(0.086, 3);
    expect(five[2]).toBeCloseTo(0.086 + 0.115, 3);
    // One seam has no other end to alternate with.
    expect(share(1)[0]).toBeCloseTo(1, 3);
  });
  it('a 20.3 mm bobbin holds about 51 m of Tex 27', () => {
    const found = bobbinCapacity({ outerMm: 20.3, hubMm: 7, widthMm: 9, tex: 27, fibre: 'polyester', packing: 0.65 });
    expect(found.metres).toBeCloseTo(51, 0);
  });
  it('a zigzag of 4 mm over touching edges bites 2 mm into each', () => {
    expect(abuttedBite(4, 0)).toEqual({ biteMm: 2 });
  });
});
