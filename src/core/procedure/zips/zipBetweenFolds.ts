import { zipPlan } from '../../seam';
import { ZIP_TOP } from '../engine/asks';
import { box, line, type Scene } from '../engine/scene';
import type { Numbers } from '../engine/types';
import { procedure, SEWN_SO } from '../engine/procedure';
import { edgeFinished } from '../engine/rowScene';
import { slidePull } from './pull';

/** Cloth shown beside the zip, mm. */
const SIDE = 46;
/** Tape that stands above its top stop and below its bottom one, mm. */
const TAPE_PAST = 16;

/** Both folded edges beside the teeth, from the right side. */
function folds({ zip, top, stop, tape, fold, row, shown, bite }: Numbers): Scene {
  const above = Math.max(0, top - TAPE_PAST);
  const tall = stop + 24;
  return {
    label: 'From above, right side up: a folded edge on either side of the teeth',
    view: 'above',
    cloths: [
      { points: box(-SIDE, 0, SIDE - fold, tall), side: 'right' },
      { points: box(fold, 0, SIDE - fold, tall), side: 'right' },
    ],
    lines: [
      { points: box(-tape, above, 2 * tape, stop - above + TAPE_PAST), role: 'tape', id: 'tape' },
      line('zip', [0, top], [0, stop], 'tape'),
      line('fold', [-fold, 0], [-fold, tall]),
      line('fold', [fold, 0], [fold, tall]),
      line('stitch', [-row, 0], [-row, stop], 'left'),
      line('stitch', [row, 0], [row, stop], 'right'),
    ],
    dims: [
      { from: [SIDE + 8, top], to: [SIDE + 8, stop], mm: zip, name: 'zip' },
      { from: [fold - shown, -5], to: [fold, -5], mm: shown, name: 'of tape shows' },
      { from: [-row, tall + 6], to: [-fold, tall + 6], mm: bite, name: 'from the fold' },
    ],
  };
}

/** A zip that shows between two folded edges: a pouch, the front of a jacket. */
export const ZIP_BETWEEN_FOLDS = procedure('zip-between-folds', {
  ...SEWN_SO,
  name: 'Zip between two folded edges',
  group: 'zip',
  kind: 'zip-lapped',
  main: { name: 'The rows', layers: 3 },
  rows: { finish: { kind: 'edge-finish', name: 'The edges', layers: 1 } },
  asks: [
    { key: 'zip', label: 'Zip, top stop to bottom stop', unit: 'mm', usual: 200, least: 40, most: 1500 },
    ZIP_TOP,
    { key: 'shown', label: 'Tape that shows beside the teeth', unit: 'mm', usual: 3, least: 0, most: 15 },
    { key: 'coilWidth', label: 'Teeth across', unit: 'mm', usual: 6, least: 2, most: 14 },
    { key: 'tape', label: 'Middle of the teeth to the tape’s edge', unit: 'mm', usual: 15, least: 4, most: 40 },
    { key: 'under', label: 'Folded under at each edge', unit: 'mm', usual: 10, least: 3, most: 40 },
    {
      key: 'teeth',
      label: 'The teeth',
      unit: 'count',
      usual: 0,
      least: 0,
      most: 1,
      options: [
        [0, 'a coil'],
        [1, 'metal or moulded'],
      ],
    },
  ],
  work: ({ zip, top, shown, coilWidth, tape, under, teeth }, given) => {
    const plan = zipPlan({
      kind: 'between-folds',
      zipMm: zip,
      topMm: top,
      shownMm: shown,
      allowanceMm: under,
      coilToTapeEdgeMm: tape,
      coilWidthMm: coilWidth,
      topstitchMm: 7,
      lengthMm: given.lengthMm,
    });
    if ('blocked' in plan) return plan;
    const fold = plan.positions.rightFold.acrossMm!;
    const row = plan.positions.rightRow.acrossMm!;
    return {
      zip,
      top,
      stop: top + zip,
      shown,
      coilWidth,
      tape,
      under,
      teeth,
      fold,
      row,
      bite: row - fold,
      stitches: plan.stitches.left.count,
      stitchMm: plan.stitches.left.lengthMm,
      sewn: top + zip,
      frays: given.frays,
      edgesMm: 2 * (top + zip),
    };
  },
  views: { above: folds, edge: edgeFinished },
  ready: ['one-bar zip foot', '[zip hold]', '[iron]', 'chalk'],
  steps: [
    {
      do: 'Finish both raw edges first.',
      check: 'The edges lie flat and keep their length.',
      view: 'edge',
      now: ['finish'],
      sews: 'edgesMm',
      row: 'finish',
      when: 'frays',
    },
    {
      do: '[Press] {under} under at the edge of both pieces.',
      check: 'Two straight folds.',
      with: 'iron',
      view: 'above',
    },
    {
      do: 'Left piece, right side up: lay its fold on the zip, {fold} from the middle of the teeth, so that {shown} of tape shows. [hold zip]',
      check: 'The same amount of tape shows at both ends.',
      view: 'above',
      now: ['tape'],
    },
    {
      do: 'Foot on the far side of the teeth. Open the zip half-way and sew down, {bite} from the fold: {stitches:n} stitches in all.',
      check: 'The row is on fabric and tape, and the foot never rides on the teeth.',
      caution: 'Switch the machine off to change the foot. Turn the handwheel once to check that the needle clears it.',
      view: 'above',
      now: ['left'],
      sews: 'sewn',
      atMm: 'stitchMm',
      machine: { foot: 'zip', footSide: 'left', needleAsideMm: 1 },
    },
    slidePull('above', 'left', { foot: 'zip', footSide: 'left', needleAsideMm: 1 }),
    {
      do: 'Close the zip and chalk a few lines across both pieces, then open it. Lay the right piece’s fold on the other tape, {fold} from the middle, line to line. [hold zip]',
      check: 'Closed, the chalk lines meet, and both folds are the same distance from the teeth.',
      view: 'above',
    },
    {
      do: 'Move the foot to the other side and sew down, {bite} from the fold: {stitches:n} stitches. Slide the pull past half-way, as before.',
      check: 'The gap between the folds is even all along.',
      caution: 'Foot and needle both change sides: turn the handwheel once.',
      view: 'above',
      now: ['right'],
      sews: 'sewn',
      atMm: 'stitchMm',
      machine: { foot: 'zip', footSide: 'right', needleAsideMm: 1 },
    },
    {
      do: 'Where a seam crosses the ends: turn the handwheel over the coil, or sew past it beyond the stops.',
      check: 'The pull cannot run off the zip.',
      caution: 'Keep your fingers away from the needle, and stop when it will not go down.',
      view: 'above',
      when: '!teeth',
    },
    {
      do: 'Where a seam crosses the ends: pull the teeth out of the allowance with pliers first. Never sew across teeth.',
      check: 'The allowance has no teeth left in it.',
      caution: 'Wear glasses: teeth fly, and a needle that hits one breaks.',
      view: 'above',
      when: 'teeth',
    },
  ],
  adds: [[['top', 'zip'], 'stop']],
  faults: ['wavy', 'wandering', 'needle-broke', 'uneven-layers'],
});
