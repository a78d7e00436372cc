import { mm } from '../../units';
import { cannot } from '../../seam';
import { looseMm } from '../engine/pieces';
import { rowScene } from '../engine/rowScene';
import { procedure, SEWN_SO } from '../engine/procedure';

/** Two long rows to pull up. */
export const GATHER = procedure('gather', {
  ...SEWN_SO,
  name: 'Gathers',
  group: 'topstitch',
  kind: 'gather',
  main: { name: 'The gathering rows', layers: 1 },
  rows: { seam: { kind: 'join', name: 'The seam' } },
  asks: [
    { key: 'long', label: 'Edge to be gathered', unit: 'mm', usual: 900, least: 20, most: 10000 },
    { key: 'short', label: 'Edge it has to meet', unit: 'mm', usual: 500, least: 10, most: 9000 },
    { key: 'allowance', label: 'Seam allowance', unit: 'mm', usual: 15, least: 8, most: 40 },
  ],
  work: ({ long, short, allowance: a }, given) =>
    short >= long
      ? cannot(
          'seam.gather-none',
          `An edge of ${mm(long)} cannot be gathered to ${mm(short)}: gather the longer edge to the shorter.`,
          long,
          short,
        )
      : {
          long,
          short,
          allowance: a,
          first: a - 3,
          second: a + 3,
          fullness: (10 * long) / short / 10,
          quarterLong: long / 4,
          quarterShort: short / 4,
          stitch: looseMm(given),
          sewn: 2 * long,
        },
  views: {
    above: ({ first, second, allowance: a }) =>
      rowScene({
        label: 'From above: one row on either side of the seam line',
        edge: 'raw',
        side: 'wrong',
        rows: [
          { id: 'rows', mm: first },
          { id: 'rows', mm: second },
          { id: 'seam', mm: a },
        ],
      }),
  },
  ready: ['strong bobbin thread', '[pins]', '[iron]'],
  steps: [
    {
      do: 'Stitches of {stitch}, needle tension one to two steps down. Sew two rows, {first} and {second} from the edge.',
      check: 'The bobbin thread slides when it is pulled.',
      view: 'above',
      now: ['rows'],
      sews: 'sewn',
      atMm: 'stitch',
    },
    {
      do: 'Mark quarters: every {quarterLong} here, every {quarterShort} on the other edge. [Pin] quarter to quarter.',
      check: 'The marks meet.',
      view: 'above',
    },
    {
      do: 'Pull both bobbin threads from each end until {long} fits {short}.',
      check: 'The folds are even, without knots.',
      view: 'above',
      now: ['rows'],
    },
    {
      do: 'Sew {allowance} from the edge, between the rows, with the gathers on top.',
      check: 'No pleat is caught crosswise.',
      view: 'above',
      now: ['seam'],
      sews: 'short',
      row: 'seam',
    },
    {
      do: 'Pull the outer row out; [press] only the allowance, into the gathers.',
      check: 'The gathers hang freely.',
      with: 'iron',
      view: 'above',
      now: ['seam'],
    },
  ],
  faults: ['thread-broke', 'uneven-layers', 'pucker-line'],
});
