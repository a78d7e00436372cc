import { mm } from '../../units';
import { cannot } from '../../seam';
import { allowance, SEAM_LENGTH } from '../engine/asks';
import { BLADE, IRON, PIN } from '../engine/pieces';
import { rowScene, stackScene } from '../engine/rowScene';
import { procedure, SEWN_SO } from '../engine/procedure';

/** Both allowances as one: sewn, finished together, pressed to one side. */
export const PLAIN_FINISHED = procedure('plain-finished', {
  ...SEWN_SO,
  name: 'Plain seam, finished together',
  group: 'seam',
  kind: 'join',
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
  work: ({ seam, allowance: a, trim }) =>
    trim > a
      ? cannot(
          'seam.trim-over-allowance',
          `Trimmed to ${mm(trim)} nothing is taken off an allowance of ${mm(a)}: trim to ${mm(a)} or less.`,
          a,
          trim,
        )
      : { seam, allowance: a, trim, row: a - trim, stitch: 2, swing: 4 },
  views: {
    above: ({ allowance: a, row, stitch, swing }) =>
      rowScene({
        label: 'From above: the seam, and the row that finishes it',
        edge: 'raw',
        side: 'wrong',
        rows: [
          { id: 'seam', mm: a },
          { id: 'finish', mm: row, swing: { stitch: 'zigzag', lengthMm: stitch, widthMm: swing } },
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
  ready: ['both pieces', 'zigzag or overlock-look stitch for the edge', 'iron'],
  steps: [
    { do: 'Right sides together, raw edges level. Pin.', check: 'Both ends meet without pulling.', view: 'above' },
    {
      do: 'Sew {allowance} from the raw edge, all {seam}.',
      check: 'The line keeps its distance.',
      caution: PIN,
      view: 'above',
      now: ['seam'],
      sews: 'seam',
    },
    {
      do: 'Sew both edges together with a zigzag {swing} wide, {trim} from the seam.',
      check: 'No ripple: on a knit hold nothing back.',
      view: 'above',
      now: ['finish'],
      sews: 'seam',
      atMm: 'stitch',
      machine: { stitch: 'zigzag', widthMm: 'swing' },
    },
    {
      do: 'Trim close to the zigzag.',
      check: 'No stitch of it is cut.',
      caution: BLADE,
      with: 'blade',
      view: 'above',
      now: ['finish'],
    },
    {
      do: 'Press flat, then to one side, to the darker or less sheer one.',
      check: 'Flat on the right side.',
      caution: IRON,
      with: 'iron',
      view: 'section',
      now: ['seam'],
    },
  ],
  faults: ['wavy', 'pucker-line', 'skipped', 'uneven-layers'],
});
