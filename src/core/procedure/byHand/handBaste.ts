import { HAND_NEEDLE, HAND_TAIL_MM } from './handSewing';
import { BLADE } from '../engine/pieces';
import { bastedRow } from '../engine/rowScene';
import { procedure, SEWN_SO } from '../engine/procedure';

/** Basting by hand where a foot would creep: velvet, silk, stripes. */
export const HAND_BASTE = procedure('hand-baste', {
  ...SEWN_SO,
  name: 'Tacking by hand',
  group: 'by hand',
  kind: 'baste',
  asks: [
    { key: 'seam', label: 'How long is the seam', unit: 'mm', usual: 600, least: 10, most: 10000 },
    { key: 'allowance', label: 'Seam allowance', unit: 'mm', usual: 15, least: 3, most: 60 },
    { key: 'stitch', label: 'One stitch', unit: 'mm', usual: 8, least: 3, most: 20 },
  ],
  work: ({ seam, allowance: a, stitch }) => ({
    seam,
    row: a - 1,
    allowance: a,
    stitch,
    thread: 1.1 * seam + HAND_TAIL_MM,
  }),
  views: { above: bastedRow },
  ready: ['tacking thread; silk on silk', 'a long fine needle'],
  steps: [
    {
      do: 'Lay both layers flat on the table. Thread {thread}, no knot: start with one backstitch.',
      check: 'The layers lie as they fell; neither is pulled.',
      caution: HAND_NEEDLE,
      view: 'above',
      handThread: 'thread',
    },
    {
      do: 'Running stitches of {stitch}, {row} from the edge, all {seam}. On velvet, go back a stitch after every third.',
      check: 'Both layers are caught and neither has crept.',
      view: 'above',
      now: ['row'],
    },
    {
      do: 'After sewing the seam: snip every few stitches and pull the thread out.',
      check: 'No stitch of the seam is cut.',
      caution: BLADE,
      with: 'blade',
      view: 'above',
      now: ['row'],
    },
  ],
  faults: ['uneven-layers', 'marks'],
});
