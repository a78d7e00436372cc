import { BLADE } from '../engine/pieces';
import { procedure, SEWN_SO } from '../engine/procedure';
import { EDGE_ZIGZAG, rowSize } from '../engine/rowSize';
import type { Scene } from '../engine/scene';
import { stitchAlong } from '../engine/stitchAlong';
import type { Given, Numbers } from '../engine/types';
import { type Clips, clipsFor, NOTCH_BASE_MM, SLIT_OPENS_MM } from '../../seam';
import { arc, besideArc, ringPart, shownDeg, slitLines } from './arcScene';

/** What each layer is graded to, mm: the facing's narrowest, the garment's widest (common practice). */
const GRADED_MM = { facing: 4, garment: 7 };
/** On a very tight curve both are cut to this (common practice). */
const TIGHT_MM = 3;
/** Slits stop so far short of the stitching (common practice). */
const SHORT_OF_STITCHING_MM = 1.5;
/** Fabric drawn beside the seam, mm. */
const BESIDE_MM = 46;
/** Understitching lies so far from the seam, mm (common practice). */
const UNDER_MM = 2;

/** How much of the neckline is drawn, and how many of its slits lie there. */
function drawnOf({ turn, slits }: Numbers): { shown: number; cuts: number } {
  const shown = shownDeg(turn);
  return { shown, cuts: Math.round((slits * shown) / Math.max(turn, 1)) };
}

/** The neckline, garment and facing right sides together: the raw edge is on its inside. */
function together(numbers: Numbers): Scene {
  const { radius, allowance, stay, facing, garment } = numbers;
  const { shown, cuts } = drawnOf(numbers);
  const edge = radius - allowance;
  const low = -edge * Math.cos((shown * Math.PI) / 360);
  return {
    label: 'From above, right sides together: a part of the neckline, its raw edge inside',
    view: 'above',
    cloths: [{ points: ringPart(edge, radius + BESIDE_MM, shown), side: 'wrong' }],
    lines: [
      { points: arc(edge, shown), role: 'raw' },
      { id: 'seam', points: arc(radius, shown), role: 'stitch' },
      { id: 'stay', points: arc(edge + stay, shown), role: 'baste' },
      { id: 'grade', points: arc(radius - facing, shown), role: 'cut' },
      ...slitLines(radius - garment, radius - SHORT_OF_STITCHING_MM, shown, cuts),
    ],
    dims: [besideArc(radius, edge, radius + BESIDE_MM, shown, { mm: allowance, name: 'allowance' })],
    texts: [{ at: [-radius / 2, low + 12], text: 'facing up, wrong side' }],
  };
}

/** Opened out, the facing turned to the inside of the curve. */
function opened({ radius, turn, under }: Numbers): Scene {
  const shown = shownDeg(turn);
  const inner = Math.max(4, radius - BESIDE_MM);
  return {
    label: 'From above, opened out: the row on the facing, beside the seam',
    view: 'above',
    cloths: [
      { points: ringPart(radius, radius + BESIDE_MM, shown), side: 'right' },
      { points: ringPart(inner, radius, shown), side: 'right' },
    ],
    lines: [
      { points: arc(radius, shown), role: 'fold' },
      { id: 'under', points: arc(radius - under, shown), role: 'stitch' },
    ],
    dims: [besideArc(radius, radius - under, radius + BESIDE_MM, shown, { mm: under, name: 'from the seam' })],
  };
}

/** The facing alone, finished along its outer edge. */
function piece({ radius, allowance, turn }: Numbers, given: Given): Scene {
  const shown = shownDeg(turn);
  const size = rowSize(given, 'finish', EDGE_ZIGZAG);
  const outer = radius + BESIDE_MM;
  return {
    label: 'From above: the facing alone, its outer edge finished',
    view: 'above',
    cloths: [{ points: ringPart(radius - allowance, outer, shown), side: 'right' }],
    lines: [
      { points: arc(radius - allowance, shown), role: 'raw' },
      { points: arc(outer, shown), role: 'raw' },
      { id: 'finish', points: stitchAlong(arc(outer - size.widthMm / 2, shown), size), role: 'stitch' },
    ],
    dims: [],
    texts: [{ at: [-16, -(radius + 8)], text: 'facing' }],
  };
}

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
    const turn = ((edge / radius) * 180) / Math.PI;
    const slitsIn = (wide: number) =>
      clipsFor({
        ...{ radiusMm: radius, turnDeg: turn, allowanceMm: wide, side: 'concave' },
        ...{ maxGapMm: SLIT_OPENS_MM, notchBaseMm: NOTCH_BASE_MM },
      });
    const usual = Math.min(allowance, GRADED_MM.garment);
    const whole = slitsIn(usual);
    if ('blocked' in whole) return whole;
    const garment = whole.trimToMm === undefined ? usual : Math.min(usual, Math.max(TIGHT_MM, whole.trimToMm));
    const cuts = slitsIn(garment) as Clips;
    return {
      edge,
      radius,
      turn,
      allowance,
      outer,
      frays: given.frays,
      stay: allowance - 2,
      garment,
      facing: Math.max(TIGHT_MM, Math.min(garment - 1, GRADED_MM.facing)),
      slits: cuts.count,
      spacing: cuts.spacingMm ?? 0,
      under: UNDER_MM,
    };
  },
  views: { above: together, open: opened, piece },
  ready: ['[pins]', '[iron]', 'small sharp scissors', 'facing, already interfaced'],
  steps: [
    {
      do: 'Stay-stitch the garment’s neckline {stay} from the edge before anything else: each half from the shoulder to the middle.',
      check: 'Laid on its pattern, it has not stretched.',
      view: 'above',
      now: ['stay'],
      sews: 'edge',
      row: 'stay',
    },
    {
      do: 'Finish the outer edge of the facing.',
      check: 'It lies flat.',
      view: 'piece',
      now: ['finish'],
      sews: 'outer',
      row: 'finish',
      when: 'frays',
    },
    {
      do: 'Right sides together: match shoulder seams and middles first. [hold] Sew {edge} at {allowance}.',
      check: 'The curve is even, without corners.',
      view: 'above',
      now: ['seam'],
      sews: 'edge',
    },
    {
      do: 'Stop here and try it on: from here on you trim it.',
      check: 'It goes over the head and lies on the body.',
      view: 'above',
    },
    {
      do: 'Grade: trim the facing’s allowance to {facing}, the garment’s to {garment}.',
      check: 'The wider layer is next to the garment.',
      caution: BLADE,
      with: 'blade',
      view: 'above',
      now: ['grade'],
    },
    {
      do: 'Snip {slits:n} times, once every {spacing}, to within {1.5 mm} of the stitching.',
      check: 'Opened out, the allowance lies flat.',
      caution: BLADE,
      with: 'blade',
      view: 'above',
      now: ['cuts'],
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
      do: 'Turn it in with the seam rolled slightly to the inside, and [press]. Catch the facing to the allowances at the shoulders by hand.',
      check: 'The facing does not show from outside.',
      with: 'iron',
      view: 'open',
    },
  ],
  faults: ['wavy', 'pucker-line', 'wandering'],
});
