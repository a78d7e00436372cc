import { mm } from '../../units';
import { cannot } from '../../seam';
import { allowance, SEAM_LENGTH } from '../engine/asks';

import { rowScene } from '../engine/rowScene';
import { procedure, SEWN_SO } from '../engine/procedure';

/** The finish is drawn so far in from the edges, mm. */
const FINISHED_MM = 2;

/** A seam finished together, pressed over and topstitched twice: the look of a felled one. */
export const MOCK_FELLED = procedure('mock-felled', {
  ...SEWN_SO,
  name: 'Mock-felled seam',
  group: 'seam',
  kind: 'join',
  rows: {
    finish: { kind: 'edge-finish', name: 'The edges' },
    top: { kind: 'topstitch', name: 'The topstitching', layers: 3 },
  },
  asks: [
    SEAM_LENGTH,
    allowance(15),
    { key: 'near', label: 'First topstitching from the seam', unit: 'mm', usual: 2, least: 1, most: 6 },
    { key: 'far', label: 'Second from the seam', unit: 'mm', usual: 8, least: 4, most: 20 },
  ],
  work: ({ seam, allowance: a, near, far }) =>
    far + 2 > a || near >= far
      ? cannot(
          'seam.mock-row',
          `A row ${mm(far)} from the seam must catch the allowance of ${mm(a)} with {2 mm} to spare and be outside the first row: sew it between ${mm(near + 2)} and ${mm(a - 2)}.`,
          a - 2,
          far,
        )
      : { seam, allowance: a, near, far, between: far - near },
  views: {
    seam: ({ allowance: a }) =>
      rowScene({
        label: 'From above: the seam',
        edge: 'raw',
        side: 'wrong',
        rows: [
          { id: 'seam', mm: a },
          { id: 'finish', mm: FINISHED_MM },
        ],
      }),
    above: ({ near, far }) =>
      rowScene({
        label: 'From above: two rows beside the seam, which is the upper edge here',
        edge: 'fold',
        side: 'right',
        rows: [
          { id: 'near', mm: near },
          { id: 'far', mm: far },
        ],
      }),
  },
  ready: ['topstitching thread', '[pins]', '[iron]'],
  steps: [
    {
      do: 'Right sides together, raw edges level. [hold] Sew {allowance} from the raw edge.',
      check: 'Straight: the other rows follow this one.',
      view: 'seam',
      now: ['seam'],
      sews: 'seam',
    },
    {
      do: 'Finish both edges together.',
      check: 'The edges are caught.',
      view: 'seam',
      now: ['finish'],
      sews: 'seam',
      row: 'finish',
    },
    {
      do: '[Press] it flat, then both allowances to one side. Leave it until it is cold.',
      check: 'No fold of fabric over the seam.',
      with: 'iron',
      view: 'seam',
      now: ['seam'],
    },
    {
      do: 'Right side up: topstitch {near} from the seam, through the allowances.',
      check: 'The row stays an even distance from the seam.',
      view: 'above',
      now: ['near'],
      sews: 'seam',
      row: 'top',
    },
    {
      do: 'Topstitch again {far} from the seam.',
      check: 'The rows stay {between} apart; the allowance is caught all along.',
      view: 'above',
      now: ['far'],
      sews: 'seam',
      row: 'top',
    },
  ],
  adds: [[['near', 'between'], 'far']],
  faults: ['wandering', 'hump-stall', 'loops-below', 'skipped'],
});
