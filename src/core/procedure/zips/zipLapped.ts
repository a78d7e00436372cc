import { zipPlan } from '../../seam';
import { allowance, ZIP_TOP } from '../engine/asks';

import { basteMm } from '../engine/pieces';
import { PLAIN_SEAM, rowSize } from '../engine/rowSize';
import { box, line, type Scene } from '../engine/scene';
import type { Numbers } from '../engine/types';
import { procedure, SEWN_SO } from '../engine/procedure';
import { edgeFinished } from '../engine/rowScene';
import { METAL_AHEAD, slidePull } from './pull';

const SIDE = 46;
/** The seam below the zip that is counted, mm. */
const REST_MM = 150;

/** The lap over the coil, from the right side. */
function lapScene({ zip, top, stop, lap, bar, hidden }: Numbers): Scene {
  return {
    label: 'From above: the lap covers the coil',
    view: 'above',
    cloths: [
      { points: box(-SIDE, 0, SIDE, bar + 32), side: 'right' },
      { points: box(0.4, 0, SIDE, bar + 32), side: 'right' },
    ],
    lines: [
      line('fold', [0, 0], [0, bar + 26]),
      line('zip', [-1, top], [-1, stop], 'zip'),
      line('stop', [-4, stop], [2, stop], 'zip'),
      line('baste', [-0.4, 0], [-0.4, stop], 'baste'),
      line('stitch', [-0.4, stop], [-0.4, bar + 26], 'seam'),
      line('stitch', [-hidden, 0], [-hidden, bar], 'hidden'),
      line('stitch', [lap, 0], [lap, bar], 'lap'),
      line('stitch', [lap, bar], [0, bar], 'across'),
    ],
    dims: [
      { from: [0, bar + 14], to: [lap, bar + 14], mm: lap, name: 'lap' },
      { from: [SIDE + 9, top], to: [SIDE + 9, stop], mm: zip, name: 'zip' },
      { from: [SIDE + 9, 0], to: [SIDE + 9, top], mm: top, name: 'top' },
    ],
  };
}

/** A zip under one overlapping fold. */
export const ZIP_LAPPED = procedure('zip-lapped', {
  ...SEWN_SO,
  name: 'Lapped zip',
  group: 'zip',
  kind: 'zip-lapped',
  main: { name: 'The zip' },
  rows: {
    finish: { kind: 'edge-finish', name: 'The edges', layers: 1 },
    baste: { kind: 'baste', name: 'The tacking' },
    seam: { kind: 'join', name: 'The seam below' },
  },
  asks: [
    { key: 'zip', label: 'Zip, top stop to bottom stop', unit: 'mm', usual: 200, least: 40, most: 1500 },
    ZIP_TOP,
    allowance(18, 'at least {18 mm} for a lapped zip'),
    { key: 'coilWidth', label: 'Coil across', unit: 'mm', usual: 6, least: 2, most: 12 },
    { key: 'tape', label: 'Middle of the coil to the tape’s edge', unit: 'mm', usual: 14, least: 4, most: 40 },
    { key: 'lap', label: 'Row on the lap, from the fold', unit: 'mm', usual: 11, least: 5, most: 25 },
  ],
  work: ({ zip, top, allowance: allowanceMm, coilWidth, tape, lap }, given) => {
    const plan = zipPlan({
      kind: 'lapped',
      zipMm: zip,
      topMm: top,
      allowanceMm,
      coilToTapeEdgeMm: tape,
      coilWidthMm: coilWidth,
      topstitchMm: lap,
      lengthMm: given.lengthMm,
    });
    if ('blocked' in plan) return plan;
    const stop = plan.positions.bottomStop.alongMm!;
    const bar = plan.positions.bar.alongMm!;
    return {
      zip,
      top,
      stop,
      bar,
      allowance: allowanceMm,
      lap,
      below: bar - stop,
      hidden: -plan.positions.hiddenRow.acrossMm!,
      extension: 3,
      down: plan.stitches.lap.count,
      downMm: plan.stitches.lap.lengthMm,
      across: plan.stitches.bar.count,
      rest: REST_MM,
      frays: given.frays,
      edgesMm: 2 * (stop + REST_MM),
      basting: basteMm(given),
      seamStitch: rowSize(given, 'seam', PLAIN_SEAM).lengthMm,
    };
  },
  views: { above: lapScene, edge: edgeFinished },
  ready: ['zip foot, one bar', '[zip hold]', '[iron]'],
  steps: [
    {
      do: 'Finish both raw edges first: you cannot reach them once the zip is in.',
      check: 'The edges lie flat and keep their length.',
      view: 'edge',
      now: ['finish'],
      sews: 'edgesMm',
      row: 'finish',
      when: 'frays',
    },
    {
      do: 'Right sides together, tack from the raw top edge to the mark for the stop, {stop} down, at {allowance}, stitches of {basting}.',
      check: 'It can be pulled out by its bobbin thread.',
      view: 'above',
      now: ['baste'],
      sews: 'stop',
      row: 'baste',
      atMm: 'basting',
    },
    {
      do: 'Sew the seam from the mark on, stitches of {seamStitch}.',
      check: 'The seam runs straight on from the tacking.',
      view: 'above',
      now: ['seam'],
      sews: 'rest',
      row: 'seam',
      atMm: 'seamStitch',
    },
    { do: '[Press] the whole seam open.', check: 'The fold is straight.', with: 'iron', view: 'above' },
    {
      do: 'On the underlap side, let the allowance stick out {extension} past the seam, and lay its fold against the coil. [hold zip]',
      check: 'The coil shows beside the fold, all along.',
      view: 'above',
      now: ['zip'],
    },
    {
      do: 'Sew this hidden side close to its fold, {hidden} from the seam.',
      check: 'The pull moves freely.',
      caution: 'Needle on the coil side; turn the handwheel once.',
      view: 'above',
      now: ['hidden'],
      sews: 'bar',
      machine: { foot: 'zip', footSide: 'left', needleAsideMm: 1 },
    },
    slidePull('above', 'hidden', { foot: 'zip', footSide: 'left', needleAsideMm: 1 }),
    {
      do: 'Lay it flat, right side up. Sew the lap {lap} from the fold: {down:n} stitches down.',
      check: 'The row catches the tape; the fold covers the coil.',
      view: 'above',
      now: ['lap'],
      sews: 'bar',
      goesOn: 'to-next',
      atMm: 'downMm',
      machine: { foot: 'zip', footSide: 'right', needleAsideMm: 1 },
    },
    {
      do: 'Turn {below} below the stop and sew to the seam: {across:n} stitches.',
      check: 'There is a stitch exactly at the corner.',
      caution: METAL_AHEAD,
      view: 'above',
      now: ['across'],
      sews: 'lap',
      goesOn: 'from-before',
      machine: { foot: 'zip', footSide: 'right', needleAsideMm: 1 },
    },
    {
      do: 'Unpick the tacking; open and close the zip.',
      check: 'Only the row shows.',
      view: 'above',
      out: ['baste'],
    },
  ],
  adds: [
    [['top', 'zip'], 'stop'],
    [['stop', 'below'], 'bar'],
  ],
  faults: ['zip-bubble', 'needle-broke', 'wandering', 'uneven-layers'],
});
