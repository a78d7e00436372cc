import { BLADE, looseMm } from '../engine/pieces';
import { bastedRow } from '../engine/rowScene';
import { procedure, SEWN_SO } from '../engine/procedure';

/** Long loose stitches that hold until the seam is sewn. */
export const BASTE = procedure('baste', {
  ...SEWN_SO,
  name: 'Tacking',
  group: 'seam',
  kind: 'baste',
  main: { name: 'The tacking' },
  rows: { seam: { kind: 'join', name: 'The seam' } },
  asks: [
    { key: 'seam', label: 'How long is the seam', unit: 'mm', usual: 600, least: 10, most: 20000 },
    { key: 'allowance', label: 'Seam allowance', unit: 'mm', usual: 15, least: 3, most: 60 },
  ],
  work: ({ seam, allowance: a }, given) => ({
    seam,
    allowance: a,
    row: a - 1,
    stitch: looseMm(given),
  }),
  views: { above: bastedRow },
  ready: ['thread of another colour', '[pins]', 'seam ripper'],
  steps: [
    {
      do: 'Stitches of {stitch}, needle tension lower. Sew {row} from the edge.',
      check: 'The bobbin thread can be pulled out.',
      view: 'above',
      now: ['row'],
      sews: 'seam',
      atMm: 'stitch',
    },
    {
      do: 'Set length and tension back now, ready for the seam.',
      check: 'The machine bar shows nothing left to change.',
      view: 'above',
      row: 'seam',
    },
    {
      do: 'After the real seam: cut every tenth stitch and pull the thread out.',
      check: 'No stitch of the seam is cut.',
      caution: BLADE,
      with: 'blade',
      view: 'above',
      now: ['row'],
    },
  ],
  faults: ['loops-below', 'uneven-layers'],
});
