import { describe, expect, it } from 'vitest';
import { type Given, type Numbers, PROCEDURES, workOut } from '../src/core/procedure';
import { USUAL_SCHOOLS } from '../src/core/setup';
import { runCommand } from './run';

const GIVEN: Given = {
  thicknessMm: 0.4,
  squash: 0.8,
  stretch: 60,
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
const operation = (id: string, answers: Partial<Numbers>) => {
  const worked = workOut(
    PROCEDURES.find((p) => p.id === id)!,
    answers,
    GIVEN,
  );
  if (!worked.ok) throw new Error(`operation: expected numbers, got ${JSON.stringify(worked)}`);
  return worked.numbers;
};
/** What the headless command says, as a person would ask it. */
const calc = (name: string, input: object) => {
  const { exit, out, error } = runCommand(['calc', name], () => JSON.stringify(input));
  if (exit !== 0) throw new Error(`calc: ${error}`);
  return JSON.parse(out);
};

describe('an operation and the headless command give the same numbers', () => {
  it('French seam', () => {
    const n = operation('french', { allowance: 15, trim: 3 });
    const said = calc('french', { allowanceMm: 15, trimMm: 3, thicknessMm: 0.4 });
    expect([n.first, n.trim, n.second]).toEqual([said.firstMm, said.trimMm, said.secondMm]);
  });

  it('flat-felled seam', () => {
    const n = operation('flat-felled', { allowance: 16, trim: 6 });
    const said = calc('felled', { allowanceMm: 16, trimMm: 6, thicknessMm: 0.4 });
    expect([n.band, n.tuck, n.fromFold]).toEqual([said.bandMm, said.tuckMm, said.topstitchFromFoldMm]);
  });

  it('centred zip', () => {
    const n = operation('zip-centred', {
      zip: 180,
      top: 20,
      opening: 200,
      allowance: 15,
      coilWidth: 6,
      tape: 13,
      row: 7,
    });
    const said = calc('zip', {
      kind: 'centred',
      zipMm: 180,
      topMm: 20,
      allowanceMm: 15,
      coilToTapeEdgeMm: 13,
      coilWidthMm: 6,
      topstitchMm: 7,
    });
    expect([n.across, n.acrossMm, n.down, n.tapeOff]).toEqual([
      said.stitches.bar.count,
      said.stitches.bar.lengthMm,
      said.stitches.left.count,
      said.tapeFromRawEdgeMm,
    ]);
  });

  it('concealed zip', () => {
    const n = operation('zip-concealed', { zip: 220, top: 15, allowance: 15, coilWidth: 4, tape: 10 });
    const said = calc('zip', {
      kind: 'concealed',
      zipMm: 220,
      topMm: 15,
      allowanceMm: 15,
      coilToTapeEdgeMm: 10,
      coilWidthMm: 4,
    });
    expect([n.end, n.stitches]).toEqual([said.positions.grooveEnd.alongMm, said.stitches.left.count]);
    // Bought longer than its opening, it is sewn to the notch.
    const longer = operation('zip-concealed', { zip: 220, top: 15, opening: 180, coilWidth: 4, tape: 10 });
    const notch = calc('zip', {
      kind: 'concealed',
      zipMm: 220,
      topMm: 15,
      openingMm: 180,
      allowanceMm: 15,
      coilToTapeEdgeMm: 10,
      coilWidthMm: 4,
    });
    expect([longer.end, longer.stitches, longer.hangs]).toEqual([180, notch.stitches.left.count, 1]);
    expect(n.hangs).toBe(0);
  });

  it('zip between two folds', () => {
    const n = operation('zip-between-folds', { zip: 200, top: 20, shown: 3, coilWidth: 6, tape: 15 });
    const said = calc('zip', {
      kind: 'between-folds',
      zipMm: 200,
      topMm: 20,
      shownMm: 3,
      allowanceMm: 10,
      coilToTapeEdgeMm: 15,
      coilWidthMm: 6,
    });
    expect([n.fold, n.row, n.stitches]).toEqual([
      said.positions.rightFold.acrossMm,
      said.positions.rightRow.acrossMm,
      said.stitches.left.count,
    ]);
  });

  it('neckband', () => {
    const n = operation('neck-band', { opening: 600, width: 20, stretch: 60, girth: 560 });
    const said = calc('band', { openingMm: 600, bandWidthMm: 20, stretch: 60, recovery: 95, girthMm: 560 });
    expect([n.cut, n.finished, n.quarterBand, n.pull]).toEqual([
      said.cutMm,
      said.finishedMm,
      said.quarterBandMm,
      said.stretchToFitPercent,
    ]);
  });

  it('jeans hem over its hump', () => {
    const n = operation('hem-jeans', { seamLayers: 4 });
    const said = calc('hump', { layerMm: 0.4, lowLayers: 3, highLayers: 12, squash: 0.8, liftMm: 8, extraLiftMm: 2 });
    expect([n.shim, n.folds, n.tilt]).toEqual([said.shimMm, said.folds, said.tiltDeg]);
  });

  it('curved seam and corner', () => {
    const n = operation('curved-seam', { radius: 60, turn: 90, inside: 1, allowance: 10 });
    const said = calc('clips', { radiusMm: 60, turnDeg: 90, allowanceMm: 10, side: 'concave' });
    expect([n.count, n.spacing, n.difference]).toEqual([said.count, said.spacingMm, said.differenceMm]);
    const corner = operation('corner', { distance: 48, angle: 60 });
    const point = calc('corner', { distanceMm: 48, lengthMm: 2.5, angleDeg: 60, weight: 'medium' });
    expect([corner.stitches, corner.stitch, corner.across]).toEqual([point.stitches, point.lengthMm, point.across]);
  });

  it('topstitched edge', () => {
    const n = operation('topstitch-edge', { edge: 160, edges: 1, from: 2, rows: 2, gap: 6 });
    const { rows } = calc('topstitch', { edges: [{ mm: 160 }], lengthMm: 2.5, fromEdgeMm: 2, rows: 2, gapMm: 6 });
    expect([n.stitches, n.innerStitches]).toEqual(
      rows.map((row: { edges: { stitches: number }[] }) => row.edges[0].stitches),
    );
  });

  it('strip set', () => {
    const n = operation('strip-set', { strips: 6, width: 63.5, long: 1000, shift: 3 });
    const bow = (alternate: boolean) =>
      calc('bow', { strainPercent: 1, stripMm: 63.5, spanMm: 1000, seams: 5, alternate }).rangeMm[1];
    expect([n.sagitta, n.alternate]).toEqual([bow(false), bow(true)]);
  });
});
