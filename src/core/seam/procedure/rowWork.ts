import { cannot } from '../cannot';
import { quiltLines } from '../spacing';
import { SEAM_LENGTH } from './asks';
import { BLADE, IRON, PIN } from './pieces';
import { rowScene } from './rowScene';
import type { Procedure } from './types';

/** A row that keeps an edge from stretching before it is clipped or handled. */
export const STAY_STITCH: Procedure = {
  id: 'stay-stitch',
  name: 'Stay-stitching',
  group: 'topstitch',
  kind: 'stay',
  asks: [SEAM_LENGTH, { key: 'allowance', label: 'Seam allowance to come', unit: 'mm', usual: 15, least: 4, most: 40 }],
  work: ({ seam, allowance: a }) => ({ seam, allowance: a, row: a - 2, half: seam / 2 }),
  views: {
    above: ({ row, allowance: a }) =>
      rowScene({
        label: 'From above: just inside the seam line',
        edge: 'raw',
        side: 'right',
        rows: [
          { id: 'row', mm: row },
          { mm: a, role: 'mark', name: 'seam line' },
        ],
      }),
  },
  ready: ['the single piece, just cut'],
  steps: [
    { do: 'Lay the piece flat, one layer; lift nothing.', check: 'It still fits its pattern.', view: 'above' },
    {
      do: 'Sew {row} from the edge, from the shoulder to the middle: {half}.',
      check: 'The edge is not stretched.',
      caution: PIN,
      view: 'above',
      now: ['row'],
      sews: 'half',
    },
    {
      do: 'The other half, again from the outside to the middle.',
      check: 'Laid on its pattern it has the same length.',
      view: 'above',
      now: ['row'],
      sews: 'half',
    },
  ],
  faults: ['wavy', 'pucker-line', 'wandering'],
};

/** A facing sewn to its own allowances, so that it stays inside. */
export const UNDERSTITCH: Procedure = {
  id: 'understitch',
  name: 'Understitching a facing',
  group: 'topstitch',
  kind: 'understitch',
  asks: [SEAM_LENGTH, { key: 'row', label: 'From the seam', unit: 'mm', usual: 2, least: 1, most: 6 }],
  work: (values) => values,
  views: {
    above: ({ row }) =>
      rowScene({
        label: 'From above: on the facing, the seam is the upper edge',
        edge: 'fold',
        side: 'right',
        rows: [{ id: 'row', mm: row }],
        text: 'both allowances lie under the facing',
      }),
  },
  ready: ['the seam trimmed, graded and clipped'],
  steps: [
    {
      do: 'Press the facing and both allowances away from the garment.',
      check: 'No fold of cloth in the seam.',
      caution: IRON,
      view: 'above',
    },
    {
      do: 'Facing up, sew {row} from the seam through facing and allowances, not through the garment.',
      check: 'The allowances are caught; the garment is free.',
      caution: PIN,
      view: 'above',
      now: ['row'],
      sews: 'seam',
    },
    {
      do: 'Turn the facing in and press.',
      check: 'The seam rolls a hair to the inside.',
      caution: IRON,
      view: 'above',
      now: ['row'],
    },
  ],
  faults: ['wandering', 'pucker-line', 'uneven-layers'],
};

/** A row sunk into a seam. */
export const DITCH: Procedure = {
  id: 'ditch',
  name: 'Stitch in the ditch',
  group: 'topstitch',
  kind: 'ditch',
  asks: [SEAM_LENGTH],
  work: (values) => values,
  views: {
    above: () =>
      rowScene({
        label: 'From above: on the low side of the pressed seam',
        edge: 'fold',
        side: 'right',
        rows: [{ id: 'row', mm: 0.6, name: 'low side' }],
      }),
  },
  ready: ['ditch foot, its blade in the seam', 'thread as the cloth'],
  steps: [
    {
      do: 'Press the seam to one side. The other side is the low one.',
      check: 'You feel the step with a nail.',
      caution: IRON,
      view: 'above',
    },
    {
      do: 'Spread the cloth a little and sew all {seam} on the low side, against the step.',
      check: 'Let go: the stitches sink in.',
      caution: PIN,
      view: 'above',
      now: ['row'],
      sews: 'seam',
    },
    { do: 'Look at the back.', check: 'What lies underneath is caught all along.', view: 'above', now: ['row'] },
  ],
  faults: ['wandering', 'uneven-layers', 'bowed'],
};

/** Two long rows to pull up. */
export const GATHER: Procedure = {
  id: 'gather',
  name: 'Gathers',
  group: 'topstitch',
  kind: 'gather',
  asks: [
    { key: 'long', label: 'Edge to be gathered', unit: 'mm', usual: 900, least: 20, most: 10000 },
    { key: 'short', label: 'Edge it has to meet', unit: 'mm', usual: 500, least: 10, most: 9000 },
    { key: 'allowance', label: 'Seam allowance', unit: 'mm', usual: 15, least: 8, most: 40 },
  ],
  work: ({ long, short, allowance: a }) =>
    short >= long
      ? cannot(
          'seam.gather-none',
          `An edge of ${long} mm cannot be gathered to ${short} mm: the longer one is gathered to the shorter.`,
          long,
          short,
        )
      : {
          long,
          short,
          allowance: a,
          first: a - 3,
          second: a + 3,
          fullness: (10 * long) / short / 10,
          quarterLong: long / 4,
          quarterShort: short / 4,
          stitch: 4.5,
          sewn: 2 * long,
        },
  views: {
    above: ({ first, second, allowance: a }) =>
      rowScene({
        label: 'From above: one row on either side of the seam line',
        edge: 'raw',
        side: 'wrong',
        rows: [
          { id: 'rows', mm: first },
          { id: 'rows', mm: second },
          { id: 'seam', mm: a },
        ],
      }),
  },
  ready: ['strong bobbin thread', 'pins'],
  steps: [
    {
      do: 'Stitch length 4 to 5 mm, needle tension one to two steps down. Sew two rows, {first} and {second} from the edge, tails left long.',
      check: 'The bobbin thread slides when it is pulled.',
      caution: PIN,
      view: 'above',
      now: ['rows'],
      sews: 'sewn',
      atMm: 'stitch',
    },
    {
      do: 'Mark quarters: every {quarterLong} here, every {quarterShort} on the other edge. Pin quarter to quarter.',
      check: 'The marks meet.',
      view: 'above',
    },
    {
      do: 'Pull both bobbin threads together from each end until {long} lie on {short}.',
      check: 'The folds are even, no knot.',
      view: 'above',
      now: ['rows'],
    },
    {
      do: 'Setting back to the seam’s own. Sew {allowance} from the edge, between the rows, gathers up.',
      check: 'No pleat is caught crosswise.',
      caution: PIN,
      view: 'above',
      now: ['seam'],
      sews: 'short',
    },
    {
      do: 'Draw the outer row out; press the allowance only, into the gathers with the tip of the iron.',
      check: 'The gathers hang.',
      caution: IRON,
      view: 'above',
      now: ['seam'],
    },
  ],
  faults: ['thread-broke', 'uneven-layers', 'pucker-line'],
};

/** Lines at one distance over a quilt. */
export const QUILT_LINES: Procedure = {
  id: 'quilt-lines',
  name: 'Parallel quilting lines',
  group: 'strips',
  kind: 'quilt-lines',
  asks: [
    { key: 'width', label: 'Across the piece', unit: 'mm', usual: 600, least: 40, most: 5000 },
    { key: 'long', label: 'Along the lines', unit: 'mm', usual: 800, least: 40, most: 5000 },
    { key: 'wanted', label: 'Distance wanted', unit: 'mm', usual: 40, least: 4, most: 300 },
  ],
  work: ({ width, long, wanted }) => {
    const { lines, spacingMm } = quiltLines(width, wanted);
    return { width, long, lines, spacing: spacingMm, sewn: long * Math.max(1, lines), middle: width / 2 };
  },
  views: {
    above: ({ spacing }) =>
      rowScene({
        label: 'From above: the guide bar runs on the line before',
        edge: 'fold',
        side: 'right',
        rows: [
          { mm: spacing, role: 'mark', name: 'guide bar' },
          { id: 'lines', mm: 2 * spacing },
        ],
      }),
  },
  ready: ['walking foot with its guide bar', 'three layers basted or pinned', 'gloves with a grip'],
  steps: [
    {
      do: 'Set the guide bar {spacing} from the needle: {lines:n} lines fill {width} evenly.',
      check: 'Measure needle to bar with a rule.',
      caution: 'Switch the machine off to change the foot.',
      view: 'above',
    },
    {
      do: 'Mark and sew the line nearest to the middle, {middle} from the side.',
      check: 'It runs straight along a ruler.',
      caution: PIN,
      view: 'above',
      now: ['lines'],
    },
    {
      do: 'Sew the others outwards from it, the bar on the line before, each from the other end.',
      check: 'The layers do not creep into a fold.',
      view: 'above',
      now: ['lines'],
      sews: 'sewn',
    },
    {
      do: 'Bury the tails between the layers; trim the edges square.',
      check: 'The piece lies flat.',
      caution: BLADE,
      view: 'above',
      now: ['lines'],
    },
  ],
  faults: ['uneven-layers', 'bowed', 'pucker-line', 'wandering'],
};
