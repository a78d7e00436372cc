import { isBelow } from '../../numbers';
import { clipsFor, curveAnswer, NOTCH_BASE_MM, SLIT_OPENS_MM, TOE_MM } from '../../seam';
import { allowance } from '../engine/asks';
import { BLADE } from '../engine/pieces';
import type { Scene } from '../engine/scene';
import { arc, slitLines } from './arcScene';
import type { Numbers } from '../engine/types';
import { procedure, SEWN_SO } from '../engine/procedure';

/** How far a stitch may leave the curve, and how much foot lies before the needle. */
const CURVE = { toleranceMm: 0.1, toeMm: TOE_MM };

/** On a very tight curve the allowance is trimmed to this at the least (common practice). */
const TIGHT_TRIM_MM = 3;
/** Cuts stop so far short of the stitching (common practice). */
const SHORT_OF_STITCHING_MM = 1.5;

/** The curve with its allowance outside (convex) or inside (concave), cuts drawn where they fall. */
function drawn({ radius, turn, trim: a, count, inside, reach }: Numbers): Scene {
  const way = inside > 0 ? -1 : 1;
  const edge = radius + way * a;
  const shown = Math.min(turn, 170);
  const across = Math.max(radius, edge);
  const half = across * Math.sin(Math.min(90, shown / 2) * (Math.PI / 180)) + 16;
  const cuts = Math.round((count * shown) / Math.max(turn, 1));
  return {
    label: inside > 0 ? 'From above: the allowance has to spread' : 'From above: the allowance has to crowd',
    view: 'above',
    cloths: [
      {
        points: [...arc(across, shown), ...arc(Math.max(4, Math.min(radius, edge) - 24), shown).reverse()],
        side: 'wrong',
      },
    ],
    lines: [
      { points: arc(edge, shown), role: 'raw' },
      { id: 'seam', points: arc(radius, shown), role: 'stitch' },
      ...slitLines(edge, radius + way * (a - reach), shown, cuts),
    ],
    dims: [
      { from: [half + 4, -radius], to: [half + 4, -edge], mm: a },
      { from: [0, -radius], to: [0, -radius + Math.min(radius, 40)], mm: radius, name: 'radius' },
    ],
  };
}

/** A curved seam that is turned or faced: neckline, armhole, pocket, collar. */
export const CURVED_SEAM = procedure('curved-seam', {
  ...SEWN_SO,
  name: 'Curved seam, clipped or notched',
  group: 'curve and corner',
  kind: 'join',
  asks: [
    {
      key: 'radius',
      label: 'Radius of the curve',
      unit: 'mm',
      usual: 60,
      least: 3,
      most: 3000,
      help: 'try cups and plates on it until one fits',
    },
    { key: 'turn', label: 'How far it turns', unit: 'degrees', usual: 90, least: 5, most: 360 },
    {
      key: 'inside',
      label: 'The curve is',
      unit: 'count',
      usual: 1,
      least: 0,
      most: 1,
      options: [
        [1, 'hollow, as a neckline or an armhole'],
        [0, 'round, as a collar or a cushion'],
      ],
    },
    allowance(10),
  ],
  work: ({ radius, turn, inside, allowance: allowanceMm }, { lengthMm, topSpm }) => {
    const side = inside === 1 ? ('concave' as const) : ('convex' as const);
    const cuts = (wide: number) =>
      clipsFor({
        radiusMm: radius,
        turnDeg: turn,
        allowanceMm: wide,
        side,
        maxGapMm: SLIT_OPENS_MM,
        notchBaseMm: NOTCH_BASE_MM,
      });
    const whole = cuts(allowanceMm);
    if ('blocked' in whole) return whole;
    const trim =
      whole.trimToMm === undefined ? allowanceMm : Math.min(allowanceMm, Math.max(TIGHT_TRIM_MM, whole.trimToMm));
    const clips = cuts(trim);
    if ('blocked' in clips) return clips;
    const curve = { ...CURVE, radiusMm: radius, speedSpm: topSpm };
    const stitch = curveAnswer({ ...curve, lengthMm }).sewLengthMm;
    const { pivotEvery, maxSpeedSpm } = curveAnswer({ ...curve, lengthMm: stitch });
    return {
      radius,
      turn,
      inside,
      allowance: allowanceMm,
      along: (radius * turn * Math.PI) / 180,
      stitch,
      trim,
      trims: trim < allowanceMm ? 1 : 0,
      count: clips.count,
      slits: inside === 1 ? clips.count : 0,
      wedges: inside === 1 ? 0 : clips.count,
      spacing: clips.spacingMm ?? 0,
      difference: clips.differenceMm,
      reach: trim - SHORT_OF_STITCHING_MM,
      pivot: pivotEvery ?? 0,
      speed: Math.floor(maxSpeedSpm / 10) * 10,
      slower: isBelow(maxSpeedSpm, topSpm) ? 1 : 0,
    };
  },
  views: { above: drawn },
  ready: ['sharp small scissors', 'a point turner', '[pins]', '[iron]'],
  steps: [
    {
      do: 'Mark the curve on the seam line, {allowance} from the raw edge.',
      check: 'The mark is smooth, without corners.',
      view: 'above',
      now: ['seam'],
    },
    {
      do: 'Sew with stitches of {stitch}, slowly, turning the fabric all the time: at most {speed:n} stitches a minute.',
      check: 'The row is never more than a thread off the mark.',
      view: 'above',
      now: ['seam'],
      sews: 'along',
      atMm: 'stitch',
      when: 'slower',
    },
    {
      do: 'Sew with stitches of {stitch}, turning the fabric all the time, as fast as your hands can follow.',
      check: 'The row is never more than a thread off the mark.',
      view: 'above',
      now: ['seam'],
      sews: 'along',
      atMm: 'stitch',
      when: '!slower',
    },
    {
      do: 'The curve is tighter than the foot is long: after every {pivot:n} stitches, needle down, foot up, turn a little, foot down.',
      check: 'The row stays on the mark, without flat spots.',
      view: 'above',
      now: ['seam'],
      when: 'pivot',
    },
    {
      do: 'Trim the allowance to {trim}: the curve is too tight for more.',
      check: 'The same width all along the curve.',
      caution: BLADE,
      with: 'blade',
      view: 'above',
      when: 'trims',
    },
    {
      do: 'Snip into the allowance {slits:n time|times}, once every {spacing}, {reach} deep. The edge has to spread by {difference}.',
      check: 'The allowance spreads, and no snip reaches the stitching.',
      caution: BLADE,
      with: 'blade',
      view: 'above',
      now: ['cuts'],
      when: 'slits',
    },
    {
      do: 'Cut {wedges:n wedge|wedges} out of the allowance, one every {spacing}, {reach} deep. The edge is {difference} too long.',
      check: 'Bent over your finger, no folds overlap.',
      caution: BLADE,
      with: 'blade',
      view: 'above',
      now: ['cuts'],
      when: 'wedges',
    },
    {
      do: 'Turn, roll the seam to the very edge, [press] it.',
      check: 'A smooth edge without corners.',
      with: 'iron',
      view: 'above',
      now: ['seam'],
    },
  ],
  faults: ['wandering', 'pucker-line', 'slippage'],
});
