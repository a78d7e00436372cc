import { HEM_LENGTH } from '../engine/asks';
import { BLADE } from '../engine/pieces';
import { rowScene } from '../engine/rowScene';
import { procedure, SEWN_SO } from '../engine/procedure';

/** An edge left as it is cut: knit that does not run, neoprene, felt, leather. */
export const HEM_RAW = procedure('hem-raw', {
  ...SEWN_SO,
  name: 'Raw hem',
  group: 'hem',
  kind: 'hem',
  main: { layers: 1 },
  schools: () => ({ 'knit-hem': 'narrow-zigzag' }),
  asks: [
    HEM_LENGTH,
    { key: 'off', label: 'Pattern’s hem allowance', unit: 'mm', usual: 16, least: 0, most: 80 },
    {
      key: 'row',
      label: 'A row along the edge',
      unit: 'count',
      usual: 1,
      least: 0,
      most: 1,
      options: [
        [1, 'one, so that it does not roll or stretch'],
        [0, 'none, as cut'],
      ],
    },
    { key: 'from', label: 'The row from the edge', unit: 'mm', usual: 6, least: 2, most: 30 },
  ],
  work: ({ round, off, row, from }) => ({ round, off, row, from, sewn: row === 1 ? round + 10 : 0, overlap: 10 }),
  views: {
    above: ({ from, off, row }) =>
      rowScene({
        label: 'From above: what is cut off, and the row',
        edge: 'raw',
        side: 'right',
        rows: [
          { id: 'cut', mm: off, role: 'cut', name: 'cut off' },
          ...(row > 0 ? [{ id: 'row', mm: off + from }] : []),
        ],
      }),
  },
  ready: ['rotary blade, mat and a long rule', 'weights'],
  steps: [
    {
      do: 'Lay it flat, one layer, weighted down. Cut off {off} in one stroke.',
      check: 'One clean line: a second cut shows.',
      caution: `${BLADE} Cut on a mat, and hold the ruler with your fingers spread well behind its edge.`,
      with: 'blade',
      view: 'above',
      now: ['cut'],
    },
    {
      do: 'Pull the edge gently all round.',
      check: 'It neither ladders nor frays. If it does, hem it another way.',
      view: 'above',
    },
    {
      do: 'Sew one row {from} from the edge, and {overlap} over its start. Hold nothing back.',
      check: 'The edge has not stretched.',
      view: 'above',
      now: ['row'],
      sews: 'sewn',
      when: 'row',
    },
  ],
  faults: ['wavy', 'perforated', 'wandering'],
});
