import { PIN } from '../engine/pieces';
import { box } from '../engine/scene';
import { procedure, SEWN_SO } from '../engine/procedure';

/** A short dense zigzag where something is pulled. */
export const BAR_TACK = procedure('bar-tack', {
  ...SEWN_SO,
  name: 'Bar tack',
  group: 'topstitch',
  kind: 'bar-tack',
  asks: [
    { key: 'bar', label: 'Length of the bar', unit: 'mm', usual: 8, least: 3, most: 25 },
    { key: 'count', label: 'How many', unit: 'count', usual: 4, least: 1, most: 60 },
  ],
  work: ({ bar, count }) => ({
    bar,
    count: Math.round(count),
    stitch: 0.5,
    swing: 2,
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
  ready: ['zigzag about 2 mm wide and half a millimetre long', 'fine strong thread'],
  steps: [
    {
      do: 'Sew {bar} straight along the place of the bar, and back.',
      check: 'It lies across the pull.',
      caution: PIN,
      view: 'above',
      now: ['bar'],
    },
    {
      do: 'Zigzag over it, {swing} wide, {stitch} long: {count:n} in all.',
      check: 'Dense, but it does not build up under the foot.',
      view: 'above',
      now: ['bar'],
      sews: 'sewn',
      atMm: 'stitch',
      machine: { stitch: 'zigzag', widthMm: 'swing' },
    },
    { do: 'Pull the tails to the back and knot them.', check: 'Pull hard: it holds.', view: 'above', now: ['bar'] },
  ],
  faults: ['nest', 'needle-broke', 'no-feed', 'perforated'],
});
