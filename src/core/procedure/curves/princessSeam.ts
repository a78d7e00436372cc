import { BLADE } from '../engine/pieces';
import { procedure, SEWN_SO } from '../engine/procedure';
import { rowScene } from '../engine/rowScene';
import { clipsFor } from '../../seam';

/** A hollow edge sewn to a round one: princess line, curved yoke. */
export const PRINCESS_SEAM = procedure('princess-seam', {
  ...SEWN_SO,
  name: 'Two unlike curves, as in a princess line',
  group: 'curve and corner',
  kind: 'join',
  main: { name: 'The seam' },
  rows: { stay: { kind: 'stay', name: 'The stay-stitching', layers: 1 } },
  asks: [
    { key: 'seam', label: 'How long is the seam', unit: 'mm', usual: 450, least: 40, most: 3000 },
    { key: 'curved', label: 'Of it, curved', unit: 'mm', usual: 160, least: 20, most: 2000 },
    { key: 'radius', label: 'Radius of the curve', unit: 'mm', usual: 110, least: 20, most: 2000 },
    { key: 'allowance', label: 'Seam allowance', unit: 'mm', usual: 15, least: 5, most: 25 },
    {
      key: 'open',
      label: 'Afterwards',
      unit: 'count',
      usual: 1,
      least: 0,
      most: 1,
      options: [
        [0, 'both allowances to one side'],
        [1, 'pressed open'],
      ],
    },
  ],
  work: ({ seam, curved, radius, allowance, open }) => {
    const at = {
      radiusMm: radius,
      turnDeg: ((curved / radius) * 180) / Math.PI,
      allowanceMm: allowance,
      maxGapMm: 4,
      notchBaseMm: 5,
    };
    const hollow = clipsFor({ ...at, side: 'concave' });
    if ('blocked' in hollow) return hollow;
    const round = clipsFor({ ...at, side: 'convex' });
    if ('blocked' in round) return round;
    return {
      seam,
      curved: Math.min(curved, seam),
      allowance,
      open,
      stay: allowance - 2,
      slits: hollow.count,
      spacing: hollow.spacingMm ?? 0,
      wedges: open === 1 ? round.count : 0,
      base: at.notchBaseMm,
      trim: hollow.trimToMm ?? round.trimToMm ?? allowance,
      trims: hollow.trimToMm !== undefined || round.trimToMm !== undefined ? 1 : 0,
    };
  },
  views: {
    above: ({ allowance, stay }) =>
      rowScene({
        label: 'From above: the hollow edge up, snipped to its stay-stitching',
        edge: 'raw',
        side: 'wrong',
        rows: [
          { id: 'seam', mm: allowance },
          { id: 'stay', mm: stay, role: 'baste', name: 'stay-stitching' },
        ],
        text: 'hollow edge up, round edge below',
      }),
  },
  ready: ['[pins], many', '[iron]', 'a pressing ham', 'small sharp scissors'],
  steps: [
    {
      do: 'The hollow edge alone: stay-stitch its curve, {stay} from the edge, over {curved}.',
      check: 'It has not grown.',
      view: 'above',
      now: ['stay'],
      sews: 'curved',
      row: 'stay',
    },
    {
      do: 'Snip the hollow edge {slits:n} times along the curve, one every {spacing}, to the stay-stitching and no farther.',
      check: 'It spreads until it lies along the round edge.',
      caution: BLADE,
      with: 'blade',
      view: 'above',
      when: 'slits',
    },
    {
      do: 'Right sides together, the hollow edge up: notches and ends first, then the curve. [hold]',
      check: 'Seam line meets seam line; the raw edges need not.',
      view: 'above',
    },
    {
      do: 'Hollow edge up, sew {seam} at {allowance}, slowly, the layer below kept flat with a finger.',
      check: 'No pleat below, and the stay-stitching lies inside the allowance.',
      view: 'above',
      now: ['seam'],
      sews: 'seam',
    },
    {
      do: 'Stop here and try it on: after this it is trimmed.',
      check: 'The curve lies where the body has it.',
      view: 'above',
    },
    {
      do: 'Trim both allowances along the curve to {trim}.',
      check: 'No stitch is cut.',
      caution: BLADE,
      with: 'blade',
      view: 'above',
      when: 'trims',
    },
    {
      do: 'Cut {wedges:n} wedges out of the round edge, {base} wide at the raw edge, each between two slits of the other, never at the same place.',
      check: 'Opened out, both allowances lie flat.',
      caution: BLADE,
      with: 'blade',
      view: 'above',
      when: 'wedges',
    },
    {
      do: '[Press] over a ham, from the wrong side: open, or both to the middle as you chose.',
      check: 'The right side is one smooth curve.',
      with: 'iron',
      view: 'above',
    },
  ],
  faults: ['pucker-line', 'uneven-layers', 'wandering'],
});
