import { BLADE } from '../engine/pieces';
import { procedure, SEWN_SO } from '../engine/procedure';
import { rowScene } from '../engine/rowScene';
import { clipsFor } from '../../seam';

/** What each layer is graded to, mm: the facing's narrowest, the garment's widest (common practice). */
const GRADED_MM = { facing: 4, garment: 7 };
/** Understitching lies so far from the seam, mm (common practice). */
const UNDER_MM = 2;

/** A shaped neckline faced: stayed, sewn, graded, snipped, understitched. */
export const FACING = procedure('facing', {
  ...SEWN_SO,
  name: 'Facing of a neckline',
  group: 'curve and corner',
  kind: 'join',
  main: { name: 'The seam' },
  rows: {
    stay: { kind: 'stay', name: 'The stay-stitching', layers: 1 },
    finish: { kind: 'edge-finish', name: 'The outer edge', layers: 1 },
    under: { kind: 'understitch', name: 'The understitching' },
  },
  asks: [
    { key: 'edge', label: 'Round the neckline, on the seam line', unit: 'mm', usual: 620, least: 60, most: 3000 },
    { key: 'radius', label: 'Its tightest curve, radius', unit: 'mm', usual: 80, least: 15, most: 2000 },
    { key: 'allowance', label: 'Seam allowance', unit: 'mm', usual: 10, least: 5, most: 25 },
    { key: 'outer', label: 'Round the facing’s outer edge', unit: 'mm', usual: 900, least: 60, most: 4000 },
  ],
  work: ({ edge, radius, allowance, outer }, given) => {
    const cuts = clipsFor({
      radiusMm: radius,
      turnDeg: ((edge / radius) * 180) / Math.PI,
      allowanceMm: Math.min(allowance, GRADED_MM.garment),
      side: 'concave',
      maxGapMm: 4,
      notchBaseMm: 5,
    });
    if ('blocked' in cuts) return cuts;
    return {
      edge,
      allowance,
      outer,
      frays: given.frays,
      stay: allowance - 2,
      garment: Math.min(allowance, GRADED_MM.garment),
      facing: Math.min(allowance - 1, GRADED_MM.facing),
      slits: cuts.count,
      spacing: cuts.spacingMm ?? 0,
      under: UNDER_MM,
    };
  },
  views: {
    above: ({ allowance, stay, facing }) =>
      rowScene({
        label: 'From above, right sides together: the seam, what is cut away',
        edge: 'raw',
        side: 'wrong',
        rows: [
          { id: 'seam', mm: allowance },
          { id: 'stay', mm: stay, role: 'baste', name: 'stay-stitching' },
          { id: 'grade', mm: allowance - facing, role: 'cut' },
        ],
        text: 'facing up, wrong side',
      }),
    open: ({ under }) =>
      rowScene({
        label: 'From above, opened out: the row on the facing, beside the seam',
        edge: 'fold',
        side: 'right',
        rows: [{ id: 'under', mm: under, name: 'from the seam' }],
        text: 'facing, right side up; allowances below it',
      }),
  },
  ready: ['[pins]', '[iron]', 'small sharp scissors', 'facing interfaced already'],
  steps: [
    {
      do: 'Stay-stitch the garment’s neckline {stay} from the edge, before anything else touches it: each half from the shoulder down to the middle.',
      check: 'Laid on its pattern it has not grown.',
      view: 'above',
      now: ['stay'],
      sews: 'edge',
      row: 'stay',
    },
    {
      do: 'Finish the outer edge of the facing.',
      check: 'It lies flat.',
      view: 'open',
      sews: 'outer',
      row: 'finish',
      when: 'frays',
    },
    {
      do: 'Right sides together: shoulder seams and middles first. [hold] Sew {edge} at {allowance}.',
      check: 'The curve is even, without corners.',
      view: 'above',
      now: ['seam'],
      sews: 'edge',
    },
    {
      do: 'Stop here and try it on: after this it is trimmed.',
      check: 'It goes over the head, and lies on the body.',
      view: 'above',
    },
    {
      do: 'Grade: trim the facing’s allowance to {facing}, the garment’s to {garment}.',
      check: 'The wider layer lies against the garment.',
      caution: BLADE,
      with: 'blade',
      view: 'above',
      now: ['grade'],
    },
    {
      do: 'Snip {slits:n} slits, one every {spacing}, to within {1.5 mm} of the stitching.',
      check: 'Opened out, the allowance lies flat.',
      caution: BLADE,
      with: 'blade',
      view: 'above',
      when: 'slits',
    },
    {
      do: 'Allowances towards the facing: sew on the facing, {under} from the seam, through facing and allowances.',
      check: 'The garment is not caught.',
      view: 'open',
      now: ['under'],
      sews: 'edge',
      row: 'under',
    },
    {
      do: 'Turn it in, the seam rolled a hair to the inside, and [press]. Catch the facing to the allowances at the shoulders by hand.',
      check: 'From outside no facing shows.',
      with: 'iron',
      view: 'open',
    },
  ],
  faults: ['wavy', 'pucker-line', 'wandering'],
});
