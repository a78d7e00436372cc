import { BLADE } from '../engine/pieces';
import { procedure, SEWN_SO } from '../engine/procedure';
import { box, line, type Scene } from '../engine/scene';
import type { Numbers } from '../engine/types';

/** A seam from above with every third stitch cut. */
function cutOpen({ allowance, lengthMm }: Numbers): Scene {
  const long = 110;
  const each = Math.max(6, 3 * lengthMm);
  return {
    label: 'From above: every third stitch is cut, on one side only',
    view: 'above',
    cloths: [{ points: box(0, 0, long, allowance + 40), side: 'wrong' }],
    lines: [
      line('raw', [0, 0], [long, 0]),
      line('stitch', [0, allowance], [long, allowance], 'seam'),
      ...Array.from({ length: Math.floor(long / each) }, (_, i) =>
        line('cut', [(i + 0.7) * each, allowance - 3], [(i + 0.7) * each, allowance + 3], 'cuts'),
      ),
    ],
    dims: [{ from: [long + 7, 0], to: [long + 7, allowance], mm: allowance, name: 'left of the edge' }],
  };
}

/** A seam taken out again, without a torn thread. */
export const UNPICK = procedure('unpick', {
  ...SEWN_SO,
  name: 'Unpicking a seam',
  group: 'prepare',
  kind: 'baste',
  asks: [
    { key: 'seam', label: 'How much is to come out', unit: 'mm', usual: 300, least: 5, most: 20000 },
    {
      key: 'stitch',
      label: 'Length of its stitches',
      unit: 'stitch-mm',
      usual: ({ lengthMm }) => lengthMm,
      least: 0.4,
      most: 6,
    },
    { key: 'allowance', label: 'Allowance beside it', unit: 'mm', usual: 15, least: 2, most: 60 },
  ],
  work: ({ seam, stitch, allowance }, { holesStay, frays }) => ({
    seam,
    lengthMm: stitch,
    allowance,
    cuts: Math.ceil(seam / stitch / 3),
    holesStay,
    frays,
  }),
  views: { above: cutOpen },
  ready: ['seam ripper or small pointed scissors', 'good light', 'tweezers'],
  steps: [
    {
      do: 'Every hole stays in this fabric. Think first: can the seam be sewn again outside the old line, or a new piece be cut?',
      check: 'You know where the old holes will end up.',
      view: 'above',
      when: 'holesStay',
    },
    {
      do: 'On one side, cut every third stitch: {cuts:n} cuts over {seam}. Lift the thread, never the fabric.',
      check: 'No thread of the fabric is caught.',
      caution: BLADE,
      with: 'blade',
      view: 'above',
      now: ['cuts'],
    },
    {
      do: 'Turn it over and draw the other thread out in one. Where it holds, cut once more; do not tear.',
      check: 'It comes without a pull.',
      view: 'above',
      out: ['seam'],
    },
    {
      do: 'Pick out the ends of thread, and [press] the layers flat, each by itself.',
      check: 'The holes close, as far as they will.',
      with: 'iron',
      view: 'above',
      out: ['cuts'],
      when: '!holesStay',
    },
    {
      do: 'Pick out the ends of thread, and [press] the layers flat, each by itself.',
      check: 'No thread is left in a hole.',
      with: 'iron',
      view: 'above',
      out: ['cuts'],
      when: 'holesStay',
    },
    {
      do: 'Measure what is left of the edge beside the old line, and compare both edges: they may have grown. Lay them on the pattern.',
      check: 'Still {allowance} everywhere, or the new seam is planned from what there is.',
      view: 'above',
    },
    {
      do: 'Where the edge has frayed, run a line inside the allowance before it is sewn again.',
      check: 'The edge frays no further.',
      view: 'above',
      when: 'frays',
    },
  ],
  faults: ['holes', 'wavy'],
});
