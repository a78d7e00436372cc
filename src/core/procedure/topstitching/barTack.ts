import { MAIN_ROW } from '../engine/types';
import { DENSE_ZIGZAG, rowSize } from '../engine/rowSize';

import { box } from '../engine/scene';
import { procedure, SEWN_SO } from '../engine/procedure';

/** A short dense zigzag where something is pulled. */
export const BAR_TACK = procedure('bar-tack', {
  ...SEWN_SO,
  name: 'Bar tack',
  group: 'topstitch',
  kind: 'bar-tack',
  main: { stitches: ['zigzag', 'satin'] },
  asks: [
    { key: 'bar', label: 'Length of the bar', unit: 'mm', usual: 8, least: 3, most: 25 },
    { key: 'count', label: 'How many', unit: 'count', usual: 4, least: 1, most: 60 },
  ],
  work: ({ bar, count }, given) => ({
    bar,
    count: Math.round(count),
    stitch: rowSize(given, MAIN_ROW, DENSE_ZIGZAG).lengthMm,
    swing: rowSize(given, MAIN_ROW, DENSE_ZIGZAG).widthMm,
    sewn: 2 * bar * Math.round(count),
    inset: 3,
  }),
  views: {
    above: ({ bar, inset }) => ({
      label: 'From above: across the end of the seam',
      view: 'above',
      cloths: [{ points: box(0, 0, 70, 50), side: 'right' }],
      lines: [
        {
          points: [
            [0, 20],
            [70, 20],
          ],
          role: 'fold',
        },
        {
          id: 'bar',
          points: Array.from({ length: 17 }, (_, i) => [30 + (i % 2) * 2, inset + 8 + (i * bar) / 16] as const),
          role: 'stitch',
        },
      ],
      dims: [{ from: [78, inset + 8], to: [78, inset + 8 + bar], mm: bar }],
    }),
  },
  ready: ['[needle]', 'fine strong thread'],
  steps: [
    {
      do: 'Sew {bar} straight along the place for the bar, and back.',
      check: 'It lies across the pull.',
      view: 'above',
      now: ['bar'],
    },
    {
      do: 'Zigzag over it, {swing} wide, {stitch} long: {count:n} altogether.',
      check: 'Dense, but it does not build up under the foot.',
      view: 'above',
      now: ['bar'],
      sews: 'sewn',
      atMm: 'stitch',
      machine: { widthMm: 'swing' },
    },
    { do: 'Pull the tails to the back and knot them.', check: 'Pull hard: it holds.', view: 'above', now: ['bar'] },
  ],
  faults: ['nest', 'needle-broke', 'no-feed', 'perforated'],
});
