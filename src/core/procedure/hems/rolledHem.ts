import { mm } from '../../units';
import { HEM_LENGTH } from '../engine/asks';
import { cannot } from '../../seam';
import { procedure, SEWN_SO } from '../engine/procedure';
import { BLADE } from '../engine/pieces';
import { rowScene } from '../engine/rowScene';

/** Folded by hand before the foot can take over, mm (common practice). */
const LEAD_MM = 30;

/** The rolled hem of silk: sewn twice, or rolled by its foot. */
export const HEM_ROLLED = procedure('hem-rolled', {
  ...SEWN_SO,
  name: 'Rolled hem, sewn twice',
  group: 'hem',
  kind: 'rolled-hem',
  asks: [
    HEM_LENGTH,
    { key: 'allowance', label: 'Hem allowance', unit: 'mm', usual: 12, least: 8, most: 25 },
    { key: 'roll', label: 'Finished width', unit: 'mm', usual: 4, least: 2.5, most: 8 },
    {
      key: 'byFoot',
      label: 'How you sew it',
      unit: 'count',
      usual: 0,
      least: 0,
      most: 1,
      options: [
        [0, 'sewn twice, with an ordinary foot'],
        [1, 'rolled by the rolled-hem foot, sewn once'],
      ],
      help: 'the foot is quick on straight edges; sewing twice manages curves and seams',
    },
  ],
  work: ({ allowance: a, roll, round, byFoot }, { thicknessMm }) => {
    // The foot turns its own width twice: more than that does not go into its scroll.
    const intoFoot = 2 * roll;
    if (byFoot === 1)
      return {
        round,
        allowance: a,
        roll,
        byFoot,
        trim: 1,
        first: roll,
        cut: intoFoot,
        off: a - intoFoot,
        trims: a > intoFoot ? 1 : 0,
        lead: LEAD_MM,
      };
    const first = a - roll;
    if (first < roll + 1 + 2 * thicknessMm) {
      const needs = 2 * roll + 1 + Math.ceil(2 * thicknessMm);
      return cannot(
        'seam.rolled-narrow',
        `A roll of ${mm(roll)} needs an allowance of at least ${mm(needs)} in this fabric: cut it wider, or roll it narrower.`,
        needs,
        a,
      );
    }
    return { round, allowance: a, roll, byFoot, trim: 1, first, cut: a, off: 0, trims: 0, lead: LEAD_MM };
  },
  views: {
    first: ({ first }) =>
      rowScene({
        label: 'From above: folded once, the first row at the fold',
        edge: 'fold',
        side: 'wrong',
        rows: [
          { id: 'first', mm: 1 },
          { mm: first, role: 'raw', name: 'raw edge' },
        ],
      }),
    second: ({ roll }) =>
      rowScene({
        label: 'From above: rolled again, the second row on the first',
        edge: 'fold',
        side: 'wrong',
        rows: [{ id: 'second', mm: roll - 1 }],
      }),
  },
  ready: ['embroidery scissors', '[iron]', 'for the second way: the rolled-hem foot'],
  steps: [
    {
      do: 'Fold the edge {first} to the wrong side and [press] it.',
      check: 'No tucks anywhere.',
      with: 'iron',
      view: 'first',
      when: '!byFoot',
    },
    {
      do: 'Sew {1 mm} from the fold.',
      check: 'The row stays right at the fold.',
      view: 'first',
      now: ['first'],
      sews: 'round',
      machine: { foot: 'standard' },
      when: '!byFoot',
    },
    {
      do: 'Trim the raw edge {trim} from the stitching.',
      check: 'No stitch is cut.',
      caution: BLADE,
      with: 'blade',
      view: 'first',
      now: ['first'],
      when: '!byFoot',
    },
    {
      do: 'Roll it over once more, {roll} wide, and sew on top of the first row.',
      check: 'One row on the right side, two on the wrong.',
      view: 'second',
      now: ['second'],
      sews: 'round',
      machine: { foot: 'standard' },
      when: '!byFoot',
    },
    {
      do: 'Trim off {off}: the foot takes {cut}. Cut the corner where you start on a slant.',
      check: 'The edge is straight, without loose yarns.',
      caution: BLADE,
      with: 'blade',
      view: 'second',
      when: 'trims',
    },
    {
      do: 'Fold the first {lead} twice by hand, {roll} wide, and put it under the foot. Sew a few stitches, needle down, foot up, and lead the raw edge into the scroll.',
      check: 'The edge fills the scroll, no more and no less.',
      caution: 'Switch the machine off to change the foot, then turn the handwheel once.',
      view: 'second',
      when: 'byFoot',
    },
    {
      do: 'Hold the edge up and a little to the left, and feed it in evenly: {round} in one go.',
      check: 'The raw edge is rolled in everywhere, and the row is on the roll.',
      view: 'second',
      now: ['second'],
      sews: 'round',
      machine: { foot: 'rolled-hem' },
      when: 'byFoot',
    },
    {
      do: '[Press] it from the wrong side.',
      check: 'Flat, without ripples.',
      with: 'iron',
      view: 'second',
      now: ['second'],
    },
  ],
  faults: ['chewed', 'pucker-line', 'wandering', 'skipped'],
});
