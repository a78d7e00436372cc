import { BLADE } from '../engine/pieces';
import { procedure, SEWN_SO } from '../engine/procedure';
import type { Scene } from '../engine/scene';
import type { Numbers } from '../engine/types';
import { type Clips, clipsFor, NOTCH_BASE_MM, SLIT_OPENS_MM } from '../../seam';
import { arc, besideArc, ringPart, shownDeg, slitLines, wedgeLines } from './arcScene';

/** Fabric drawn beside the seam, mm. */
const BESIDE_MM = 44;
/** The stay-stitching is so far inside the allowance, mm (common practice). */
const STAY_INSIDE_MM = 2;

/** How many of the cuts lie on what is drawn of the curve. */
const shownOf = (count: number, turn: number) => Math.round((count * shownDeg(turn)) / Math.max(turn, 1));

/** The hollow piece, its allowance on the inside of the curve; below it, once they are joined, the round one. */
function hollowUp({ radius, turn, allowance: a, slits }: Numbers): Scene {
  const shown = shownDeg(turn);
  const edge = radius - a;
  return {
    label: 'From above: the hollow edge up, snipped to its stay-stitching',
    view: 'above',
    cloths: [{ points: ringPart(edge, radius + BESIDE_MM, shown), side: 'wrong' }],
    lines: [
      { points: arc(edge, shown), role: 'raw' },
      { id: 'seam', points: arc(radius, shown), role: 'stitch' },
      { id: 'stay', points: arc(radius - STAY_INSIDE_MM, shown), role: 'baste' },
      ...slitLines(edge, radius - STAY_INSIDE_MM - 0.5, shown, shownOf(slits, turn)),
    ],
    dims: [besideArc(radius, edge, radius + BESIDE_MM, shown, { mm: a, name: 'allowance' })],
    texts: [{ at: [-16, -(radius + BESIDE_MM / 2)], text: 'hollow piece' }],
  };
}

/** Opened out from the wrong side: slits on the hollow piece, wedges out of the round one, never at the same place. */
function openedOut({ radius, turn, trim, slits, wedges, base, open }: Numbers): Scene {
  const shown = shownDeg(turn);
  const inner = Math.max(4, radius - BESIDE_MM);
  const [hollow, round] = [open === 1 ? radius + trim : radius - trim, radius - trim];
  const way = open === 1 ? 1 : -1;
  return {
    label: open === 1 ? 'From the wrong side, pressed open' : 'From the wrong side, both allowances to one side',
    view: 'above',
    cloths: [
      { points: ringPart(radius, radius + BESIDE_MM, shown), side: 'wrong' },
      { points: ringPart(inner, radius, shown), side: 'wrong' },
    ],
    lines: [
      { id: 'seam', points: arc(radius, shown), role: 'stitch' },
      { points: arc(hollow, shown), role: 'raw' },
      ...(open === 1 ? [{ points: arc(round, shown), role: 'raw' as const }] : []),
      ...slitLines(hollow, radius + way * (STAY_INSIDE_MM + 0.5), shown, shownOf(slits, turn)),
      ...(wedges > 0 ? wedgeLines(round, radius - 2, shown, Math.max(1, shownOf(wedges, turn)), base) : []),
    ],
    dims: [besideArc(radius, round, radius + BESIDE_MM, shown, { mm: trim, name: 'allowance' })],
    texts: [{ at: [-16, -(radius + BESIDE_MM / 2) - 8], text: 'hollow piece' }],
  };
}

/** A hollow edge sewn to a round one: princess line, curved yoke. */
export const PRINCESS_SEAM = procedure('princess-seam', {
  ...SEWN_SO,
  name: 'Two different curves, as in a princess line',
  group: 'curve and corner',
  kind: 'join',
  main: { name: 'The seam' },
  rows: { stay: { kind: 'stay', name: 'The stay-stitching', layers: 1 } },
  asks: [
    { key: 'seam', label: 'How long is the seam', unit: 'mm', usual: 450, least: 40, most: 3000 },
    { key: 'curved', label: 'Curved part of it', unit: 'mm', usual: 160, least: 20, most: 2000 },
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
    const turn = ((curved / radius) * 180) / Math.PI;
    const at = {
      ...{ radiusMm: radius, turnDeg: turn, allowanceMm: allowance },
      ...{ maxGapMm: SLIT_OPENS_MM, notchBaseMm: NOTCH_BASE_MM },
    };
    const hollow = clipsFor({ ...at, side: 'concave' });
    if ('blocked' in hollow) return hollow;
    const whole = clipsFor({ ...at, side: 'convex' });
    if ('blocked' in whole) return whole;
    const trim = Math.min(allowance, hollow.trimToMm ?? allowance, whole.trimToMm ?? allowance);
    // Wedges are cut last, out of what is left of the allowance.
    const round = clipsFor({ ...at, allowanceMm: trim, side: 'convex' }) as Clips;
    return {
      seam,
      curved: Math.min(curved, seam),
      allowance,
      open,
      stay: allowance - STAY_INSIDE_MM,
      radius,
      turn,
      slits: hollow.count,
      spacing: hollow.spacingMm ?? 0,
      wedges: open === 1 ? round.count : 0,
      base: Math.min(at.notchBaseMm, trim),
      trim,
      trims: trim < allowance ? 1 : 0,
    };
  },
  views: { above: hollowUp, open: openedOut },
  ready: ['[pins], many', '[iron]', 'a pressing ham', 'small sharp scissors'],
  steps: [
    {
      do: 'On the hollow edge alone: stay-stitch its curve, {stay} from the edge, over {curved}.',
      check: 'It has not stretched.',
      view: 'above',
      now: ['stay'],
      sews: 'curved',
      row: 'stay',
    },
    {
      do: 'Snip the hollow edge {slits:n} times along the curve, once every {spacing}, as far as the stay-stitching and no farther.',
      check: 'It spreads until it lies along the round edge.',
      caution: BLADE,
      with: 'blade',
      view: 'above',
      now: ['cuts'],
      when: 'slits',
    },
    {
      do: 'Right sides together, the hollow edge on top: match notches and ends first, then the curve. [hold]',
      check: 'Seam line meets seam line; the raw edges may not.',
      view: 'above',
    },
    {
      do: 'Hollow edge on top, sew {seam} at {allowance}, slowly, keeping the layer underneath flat with a finger.',
      check: 'No pleat underneath, and the stay-stitching is inside the allowance.',
      view: 'above',
      now: ['seam'],
      sews: 'seam',
    },
    {
      do: 'Stop here and try it on: from here on you trim it.',
      check: 'The curve is where the body has it.',
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
      do: 'Cut {wedges:n} wedges out of the round edge, {base} wide at the raw edge, each between two snips of the other edge, never in the same place.',
      check: 'Opened out, both allowances lie flat.',
      caution: BLADE,
      with: 'blade',
      view: 'open',
      now: ['wedges'],
      when: 'wedges',
    },
    {
      do: '[Press] it open over a ham, from the wrong side.',
      check: 'The right side is one smooth curve.',
      with: 'iron',
      view: 'open',
      when: 'open',
    },
    {
      do: '[Press] both allowances towards the middle over a ham, from the wrong side.',
      check: 'The right side is one smooth curve.',
      with: 'iron',
      view: 'open',
      when: '!open',
    },
  ],
  faults: ['pucker-line', 'uneven-layers', 'wandering'],
});
