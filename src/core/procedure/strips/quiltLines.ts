import { quiltLines } from '../../seam';
import { BLADE } from '../engine/pieces';
import { procedure, SEWN_SO } from '../engine/procedure';
import { box, line, type Scene } from '../engine/scene';
import type { Numbers } from '../engine/types';

/** How much of the lines is drawn, mm. */
const DRAWN_MM = 110;
/** So many lines beside the middle are drawn, each way. */
const BESIDE = 2;

/** The middle of the piece, and the first lines on either side; each with the way it is sewn. */
function fromTheMiddle({ spacing, alternate, lines }: Numbers): Scene {
  const beside = Math.min(BESIDE, Math.floor(lines / 2));
  const deep = (beside + 0.8) * spacing;
  const there = (y: number, id: string) => line('stitch', [0, y], [DRAWN_MM, y], id);
  const back = (y: number, id: string) => line('stitch', [DRAWN_MM, y], [0, y], id);
  return {
    label: 'From above: the middle row first, then outwards, the guide bar on the row before',
    view: 'above',
    cloths: [{ points: box(0, -deep, DRAWN_MM, 2 * deep), side: 'right' }],
    lines: [
      there(0, 'middle'),
      ...Array.from({ length: beside }, (_, i) => {
        const sew = alternate > 0 && i % 2 === 0 ? back : there;
        return [sew((i + 1) * spacing, 'lines'), sew(-(i + 1) * spacing, 'lines')];
      }).flat(),
    ],
    dims: beside > 0 ? [{ from: [DRAWN_MM + 7, 0], to: [DRAWN_MM + 7, spacing], mm: spacing, name: 'guide bar' }] : [],
  };
}

/** Lines at one distance over a quilt. */
export const QUILT_LINES = procedure('quilt-lines', {
  ...SEWN_SO,
  name: 'Parallel quilting lines',
  group: 'strips',
  kind: 'quilt-lines',
  schools: ({ alternate }) => ({ 'quilting-lines': alternate === 1 ? 'other-end' : 'same-way' }),
  asks: [
    { key: 'width', label: 'Across the piece', unit: 'mm', usual: 600, least: 40, most: 5000 },
    { key: 'long', label: 'Along the lines', unit: 'mm', usual: 800, least: 40, most: 5000 },
    { key: 'wanted', label: 'Distance between rows', unit: 'mm', usual: 40, least: 4, most: 300 },
    {
      key: 'alternate',
      label: 'Which way you sew them',
      unit: 'count',
      usual: ({ schools }) => (schools['quilting-lines'] === 'other-end' ? 1 : 0),
      least: 0,
      most: 1,
      options: [
        [0, 'all the same way: the rows cannot twist against each other'],
        [1, 'alternate rows from opposite ends'],
      ],
      help: 'both work',
    },
  ],
  work: ({ width, long, wanted, alternate }) => {
    const { lines, spacingMm } = quiltLines(width, wanted);
    return {
      width,
      long,
      lines,
      spacing: spacingMm,
      alternate,
      beside: (lines - 1) / 2,
      others: lines - 1,
      othersMm: long * (lines - 1),
      middle: width / 2,
    };
  },
  views: { above: fromTheMiddle },
  ready: ['walking foot with its guide bar', 'three layers held together: [pins]', 'gloves with a grip'],
  steps: [
    {
      do: 'Set the guide bar {spacing} from the needle: {lines:n row|rows} fill {width} evenly, {beside:n} on each side of the middle one.',
      check: 'Measure from the needle to the bar with a ruler.',
      caution: 'Switch the machine off to change the foot.',
      view: 'above',
    },
    {
      do: 'Mark the middle line, {middle} from the side, and sew it.',
      check: 'It runs straight along a ruler.',
      view: 'above',
      now: ['middle'],
      sews: 'long',
    },
    {
      do: 'Sew the others outwards from it, the bar on the row before, each the same way as the first: {beside:n} on one side, then {beside:n} on the other.',
      check: 'The layers do not creep into a fold.',
      view: 'above',
      now: ['lines'],
      sews: 'othersMm',
      when: '!alternate',
    },
    {
      do: 'Sew the others outwards from it, the bar on the row before, each from the opposite end to the one before: {beside:n} on one side, then {beside:n} on the other.',
      check: 'The layers do not creep into a fold, and rows do not pull against each other.',
      view: 'above',
      now: ['lines'],
      sews: 'othersMm',
      when: 'alternate',
    },
    {
      do: '[ends] Trim the edges square.',
      check: 'The piece lies flat.',
      caution: BLADE,
      with: 'blade',
      view: 'above',
    },
  ],
  faults: ['uneven-layers', 'bowed', 'pucker-line', 'wandering'],
});
