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
    { key: 'seam', label: 'Length to unpick', unit: 'mm', usual: 300, least: 5, most: 20000 },
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
      do: 'Every hole stays in this fabric. Think first: can you sew outside the old seam, or cut a new piece?',
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
      do: 'Turn it over and pull out the other thread in one go. Where it sticks, cut once more; do not tear.',
      check: 'It comes out without pulling.',
      view: 'above',
      out: ['seam'],
    },
    {
      do: 'Pick out the bits of thread, and [press] each layer flat separately.',
      check: 'The holes close as far as they will.',
      with: 'iron',
      view: 'above',
      out: ['cuts'],
      when: '!holesStay',
    },
    {
      do: 'Pick out the bits of thread, and [press] each layer flat separately.',
      check: 'No thread is left in the holes.',
      with: 'iron',
      view: 'above',
      out: ['cuts'],
      when: 'holesStay',
    },
    {
      do: 'Measure what is left of the edge beside the old seam, and compare both edges: they may have stretched. Lay them on the pattern.',
      check: 'Still {allowance} everywhere, or you have planned the new seam from what is left.',
      view: 'above',
    },
    {
      do: 'Where the edge has frayed, sew a row inside the allowance before you sew the seam again.',
      check: 'The edge frays no farther.',
      view: 'above',
      when: 'frays',
    },
  ],
  faults: ['holes', 'wavy'],
});
