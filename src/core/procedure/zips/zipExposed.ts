import { zipPlan } from '../../seam';
import { ZIP_TOP } from '../engine/asks';
import { BLADE } from '../engine/pieces';
import { box, type Scene, type SceneLine } from '../engine/scene';
import type { Numbers } from '../engine/types';
import { procedure, SEWN_SO } from '../engine/procedure';
import { METAL_AHEAD, slidePull } from './pull';

const SIDE = 44;

/** The window with the zip behind it, from the right side. */
function windowScene({ zip, top, stop, reveal, row, bar }: Numbers): Scene {
  const half = reveal / 2;
  return {
    label: 'From above: the zip lies behind its window',
    view: 'above',
    cloths: [
      { points: box(-SIDE, 0, SIDE - half, bar + 34), side: 'right' },
      { points: box(half, 0, SIDE - half, bar + 34), side: 'right' },
      { points: box(-half, stop, reveal, bar - stop + 26), side: 'right' },
    ],
    lines: linesOf(half, { top, stop, row, bar }),
    dims: [
      { from: [-half, -8], to: [half, -8], mm: reveal, name: 'window' },
      { from: [SIDE + 8, top], to: [SIDE + 8, stop], mm: zip, name: 'zip' },
      { from: [SIDE + 8, 0], to: [SIDE + 8, top], mm: top, name: 'top' },
      { from: [-row, bar + 14], to: [0, bar + 14], mm: row },
    ],
  };
}

function linesOf(half: number, { top, stop, row, bar }: Numbers): SceneLine[] {
  return [
    {
      id: 'window',
      points: [
        [-half, 0],
        [-half, stop],
        [half, stop],
        [half, 0],
      ],
      role: 'cut',
    },
    {
      id: 'zip',
      points: [
        [0, top],
        [0, stop - 2],
      ],
      role: 'zip',
    },
    {
      id: 'left',
      points: [
        [-row, 0],
        [-row, bar],
      ],
      role: 'stitch',
    },
    {
      id: 'bar',
      points: [
        [-row, bar],
        [row, bar],
      ],
      role: 'stitch',
    },
    {
      id: 'right',
      points: [
        [row, bar],
        [row, 0],
      ],
      role: 'stitch',
    },
  ];
}

/** A zip that shows, in a window cut anywhere: for cloth that does not fray. */
export const ZIP_EXPOSED = procedure('zip-exposed', {
  ...SEWN_SO,
  name: 'Exposed zip in a window',
  group: 'zip',
  kind: 'zip-exposed',
  asks: [
    { key: 'zip', label: 'Zip, top stop to bottom stop', unit: 'mm', usual: 160, least: 40, most: 1500 },
    ZIP_TOP,
    { key: 'reveal', label: 'Width of the window', unit: 'mm', usual: 8, least: 3, most: 40 },
    { key: 'coilWidth', label: 'Coil across', unit: 'mm', usual: 6, least: 2, most: 12 },
    { key: 'tape', label: 'Middle of the coil to the tape’s edge', unit: 'mm', usual: 14, least: 4, most: 40 },
    { key: 'row', label: 'Rows from the middle of the zip', unit: 'mm', usual: 7, least: 3, most: 30 },
  ],
  work: ({ zip, top, reveal, coilWidth, tape, row }, { lengthMm }) => {
    const plan = zipPlan({
      kind: 'exposed',
      zipMm: zip,
      topMm: top,
      // There is no seam, so no allowance limits the rows.
      allowanceMm: 100,
      coilToTapeEdgeMm: tape,
      coilWidthMm: coilWidth,
      topstitchMm: row,
      lengthMm,
      revealMm: reveal,
    });
    if ('blocked' in plan) return plan;
    const stop = plan.positions.bottomStop.alongMm!;
    const bar = plan.positions.bar.alongMm!;
    return {
      zip,
      top,
      stop,
      bar,
      reveal,
      row,
      below: bar - stop,
      down: plan.stitches.left.count,
      downMm: plan.stitches.left.lengthMm,
      across: plan.stitches.bar.count,
      acrossMm: plan.stitches.bar.lengthMm,
      rowMm: bar,
      barMm: 2 * row,
      edge: row - reveal / 2,
    };
  },
  views: { above: windowScene },
  ready: ['zip foot', '[zip hold]', 'sharp knife and ruler', 'a rounded end needs a punch'],
  steps: [
    {
      do: 'Mark a window {reveal} wide, {stop} down from the raw top edge. Cut it.',
      check: 'The sides are straight, and the corners are not overcut.',
      caution: BLADE,
      with: 'blade',
      view: 'above',
      now: ['window'],
    },
    {
      do: 'Lay the zip behind it, coil in the middle. [hold zip]',
      check: 'The same amount of tape shows on both sides.',
      view: 'above',
      now: ['zip'],
    },
    {
      do: 'Zip foot on. Sew down the left, {edge} from the edge of the window: {down:n} stitches.',
      check: 'The row is on fabric and tape all along.',
      view: 'above',
      now: ['left'],
      sews: 'rowMm',
      goesOn: 'to-next',
      atMm: 'downMm',
      machine: { foot: 'zip', footSide: 'left', needleAsideMm: 1 },
    },
    slidePull('above', 'left', { foot: 'zip', footSide: 'left', needleAsideMm: 1 }),
    {
      do: 'Across {below} below the stop: {across:n} stitches.',
      check: 'The needle is clear of the metal.',
      caution: METAL_AHEAD,
      view: 'above',
      now: ['bar'],
      sews: 'barMm',
      goesOn: 'both',
      atMm: 'acrossMm',
      machine: { foot: 'zip', footSide: 'left', needleAsideMm: 1 },
    },
    {
      do: 'Up the right: {down:n} stitches.',
      check: 'Both rows are the same distance from the window.',
      view: 'above',
      now: ['right'],
      sews: 'rowMm',
      goesOn: 'from-before',
      atMm: 'downMm',
      machine: { foot: 'zip', footSide: 'left', needleAsideMm: 1 },
    },
    { do: 'Open and close the zip.', check: 'Nothing catches.', view: 'above', now: ['left', 'bar', 'right'] },
  ],
  adds: [
    [['top', 'zip'], 'stop'],
    [['stop', 'below'], 'bar'],
  ],
  faults: ['needle-broke', 'perforated', 'wandering', 'no-feed'],
});
