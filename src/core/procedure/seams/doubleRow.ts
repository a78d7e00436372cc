import { mm } from '../../units';
import { cannot } from '../../seam';
import { allowance, SEAM_LENGTH } from '../engine/asks';
import { BLADE } from '../engine/pieces';
import { rowScene, stackScene } from '../engine/rowScene';
import { procedure, SEWN_SO } from '../engine/procedure';

/** Two rows beside each other, trimmed to the second: for seams that are pulled. */
export const DOUBLE_ROW = procedure('double-row', {
  ...SEWN_SO,
  name: 'Double row',
  group: 'seam',
  kind: 'join',
  asks: [
    SEAM_LENGTH,
    allowance(10),
    { key: 'between', label: 'Between the two rows', unit: 'mm', usual: 3, least: 1.5, most: 10 },
  ],
  work: ({ seam, allowance: a, between }) =>
    between + 2 > a
      ? cannot(
          'seam.double-no-room',
          `Two rows ${mm(between)} apart leave less than {2 mm} of a ${mm(a)} allowance: sew them closer, or cut it ${mm(between + 2)} wide.`,
          a - 2,
          between,
        )
      : { seam, allowance: a, between, second: a - between },
  views: {
    above: ({ allowance: a, second }) =>
      rowScene({
        label: 'From above: two rows, the second inside the allowance',
        edge: 'raw',
        side: 'wrong',
        rows: [
          { id: 'first', mm: a },
          { id: 'second', mm: second },
        ],
      }),
    section: ({ allowance: a, second }, { thicknessMm }) =>
      stackScene({
        label: 'In section: two rows through both layers, trimmed to the second',
        layers: [
          { side: 'wrong', fromMm: second - 2 },
          { side: 'right', fromMm: second - 2 },
        ],
        thicknessMm,
        rows: [
          { id: 'first', mm: a },
          { id: 'second', mm: second },
        ],
      }),
  },
  ready: ['both pieces', '[pins]', 'scissors'],
  steps: [
    {
      do: 'Right sides together, raw edges level. [hold] Sew {allowance} from the raw edge.',
      check: 'The row stays an even distance from the edge.',
      view: 'above',
      now: ['first'],
      sews: 'seam',
    },
    {
      do: 'Sew a second row inside the allowance, {between} from the first.',
      check: 'On a knit that recovers poorly, leave this row out: sewing twice wears it out.',
      view: 'above',
      now: ['second'],
      sews: 'seam',
    },
    {
      do: 'Trim close to the second row.',
      check: 'Both rows are intact.',
      caution: BLADE,
      with: 'blade',
      view: 'above',
      now: ['second'],
    },
    {
      do: '[Press] it to one side.',
      check: 'Pull it: nothing pops.',
      with: 'iron',
      view: 'section',
      now: ['first', 'second'],
    },
  ],
  adds: [[['second', 'between'], 'allowance']],
  faults: ['wavy', 'popped', 'skipped', 'pucker-line'],
});
