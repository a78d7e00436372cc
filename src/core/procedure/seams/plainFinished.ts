import { EDGE_ZIGZAG, rowSize } from '../engine/rowSize';
import type { Given } from '../engine/types';
import { mm } from '../../units';
import { cannot } from '../../seam';
import { allowance, SEAM_LENGTH } from '../engine/asks';
import { BLADE } from '../engine/pieces';
import { rowScene, stackScene } from '../engine/rowScene';
import { procedure, SEWN_SO } from '../engine/procedure';

const finishOf = (given: Given) => ({ stitch: rowSize(given, 'finish', EDGE_ZIGZAG).lengthMm });

/** Both allowances as one: sewn, finished together, pressed to one side. */
export const PLAIN_FINISHED = procedure('plain-finished', {
  ...SEWN_SO,
  name: 'Plain seam, finished together',
  group: 'seam',
  kind: 'join',
  rows: { finish: { kind: 'edge-finish', name: 'The edges' } },
  asks: [
    SEAM_LENGTH,
    allowance(10),
    {
      key: 'trim',
      label: 'Trimmed to',
      unit: 'mm',
      usual: 6,
      least: 3,
      most: 20,
      help: 'the finishing row lies along this edge',
    },
  ],
  work: ({ seam, allowance: a, trim }, given) =>
    trim > a
      ? cannot(
          'seam.trim-over-allowance',
          `Trimming to ${mm(trim)} takes nothing off an allowance of ${mm(a)}: trim to ${mm(a)} or less.`,
          a,
          trim,
        )
      : { seam, allowance: a, trim, row: a - trim, ...finishOf(given) },
  views: {
    above: ({ allowance: a, row }, given) =>
      rowScene({
        label: 'From above: the seam, and the row that finishes it',
        edge: 'raw',
        side: 'wrong',
        rows: [
          { id: 'seam', mm: a },
          { id: 'finish', mm: row, swing: rowSize(given, 'finish', EDGE_ZIGZAG) },
        ],
        text: 'right sides together',
      }),
    section: ({ allowance: a, row }, { thicknessMm }) =>
      stackScene({
        label: 'In section: both allowances as one',
        layers: [
          { side: 'wrong', fromMm: row - 2 },
          { side: 'right', fromMm: row - 2 },
        ],
        thicknessMm,
        rows: [
          { id: 'seam', mm: a },
          { id: 'finish', mm: row },
        ],
      }),
  },
  ready: ['both pieces', 'a stitch for the edge: zigzag or overlock-look', '[pins]', '[iron]'],
  steps: [
    { do: 'Right sides together, raw edges level. [hold]', check: 'Both ends meet without pulling.', view: 'above' },
    {
      do: 'Sew {allowance} from the raw edge, all {seam}.',
      check: 'The row stays an even distance from the edge.',
      view: 'above',
      now: ['seam'],
      sews: 'seam',
    },
    {
      do: 'Sew both edges together, {trim} from the seam: stitches of {stitch}.',
      check: 'No ripples: on a knit, hold nothing back.',
      view: 'above',
      now: ['finish'],
      sews: 'seam',
      row: 'finish',
      atMm: 'stitch',
    },
    {
      do: 'Trim close to it.',
      check: 'No stitch is cut.',
      caution: BLADE,
      with: 'blade',
      view: 'above',
      now: ['finish'],
    },
    {
      do: '[Press] it flat, then to one side, towards the darker or less sheer fabric.',
      check: 'Flat on the right side.',
      with: 'iron',
      view: 'section',
      now: ['seam'],
    },
  ],
  faults: ['wavy', 'pucker-line', 'skipped', 'uneven-layers'],
});
