import { cannot } from '../../seam';
import { allowance, SEAM_LENGTH } from '../engine/asks';
import { BLADE } from '../engine/pieces';
import { rowScene, stackScene } from '../engine/rowScene';
import { procedure, SEWN_SO } from '../engine/procedure';

/** One wide zigzag that is seam and finish at once, trimmed to its stitching. */
export const OVERLOCK_LOOK = procedure('overlock-look', {
  ...SEWN_SO,
  name: 'Overlock-style zigzag, trimmed',
  group: 'seam',
  kind: 'join',
  main: { stitches: ['zigzag'] },
  asks: [
    SEAM_LENGTH,
    allowance(10),
    { key: 'swing', label: 'Width of the zigzag', unit: 'stitch-mm', usual: 5, least: 3, most: 9 },
    { key: 'stitch', label: 'Its length', unit: 'stitch-mm', usual: 1.5, least: 0.5, most: 4 },
  ],
  work: ({ seam, allowance: a, swing, stitch }) =>
    swing > a
      ? cannot(
          'seam.swing-over-allowance',
          `A zigzag of ${swing} mm does not fit an allowance of ${a} mm: make it narrower, or cut the allowance ${swing} mm wide.`,
          a,
          swing,
        )
      : { seam, allowance: a, swing, stitch, middle: a - swing / 2, left: swing, off: a - swing },
  views: {
    above: ({ middle, swing, stitch, off }) =>
      rowScene({
        label: 'From above: the inner points of the zigzag are on the seam line',
        edge: 'raw',
        side: 'wrong',
        rows: [
          { id: 'seam', mm: middle, swing: { stitch: 'zigzag', lengthMm: stitch, widthMm: swing } },
          { id: 'trim', mm: off, role: 'cut', name: 'trimmed off' },
        ],
        text: 'right sides together',
      }),
    section: ({ off, swing }, { thicknessMm }) =>
      stackScene({
        label: 'In section: both allowances as one, edge wrapped',
        layers: [
          { side: 'wrong', fromMm: off },
          { side: 'right', fromMm: off },
        ],
        thicknessMm,
        rows: [
          { id: 'trim', mm: off, role: 'cut' },
          { id: 'seam', mm: off + swing },
        ],
      }),
  },
  ready: ['both pieces', 'sharp scissors', 'zigzag needs the wide slot: standard plate and foot'],
  steps: [
    {
      do: 'Right sides together, raw edges level. [hold]',
      check: 'Both ends meet without pulling.',
      view: 'above',
    },
    {
      do: 'Zigzag {swing} wide and {stitch} long, its middle {middle} from the raw edge, all {seam}. Hold nothing back.',
      check: 'The inner points of the zigzag are on the seam line; no ripples.',
      view: 'above',
      now: ['seam'],
      sews: 'seam',
      atMm: 'stitch',
      machine: { stitch: 'zigzag', widthMm: 'swing' },
    },
    {
      do: 'Trim off {off}, up to the stitching.',
      check: 'No stitch is cut, and {left} of allowance is left.',
      caution: BLADE,
      with: 'blade',
      view: 'above',
      now: ['trim'],
    },
    {
      do: '[Press] it to one side.',
      check: 'Pull it apart: it gapes a little, which is normal; nothing pops.',
      with: 'iron',
      view: 'section',
      now: ['seam'],
    },
  ],
  faults: ['wavy', 'grinning', 'skipped', 'popped'],
});
