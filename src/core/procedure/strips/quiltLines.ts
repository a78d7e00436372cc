import { quiltLines } from '../../seam';
import { BLADE } from '../engine/pieces';
import { rowScene } from '../engine/rowScene';
import { procedure, SEWN_SO } from '../engine/procedure';

/** Lines at one distance over a quilt. */
export const QUILT_LINES = procedure('quilt-lines', {
  ...SEWN_SO,
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
  ready: ['walking foot with its guide bar', 'three layers held together: [pins]', 'gloves with a grip'],
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
      view: 'above',
      now: ['lines'],
    },
    {
      do: 'Sew the others outwards from it, the bar on the line before, each the same way as the first.',
      check: 'The layers do not creep into a fold.',
      view: 'above',
      now: ['lines'],
      sews: 'sewn',
    },
    {
      do: '[ends] Trim the edges square.',
      check: 'The piece lies flat.',
      caution: BLADE,
      with: 'blade',
      view: 'above',
      now: ['lines'],
    },
  ],
  faults: ['uneven-layers', 'bowed', 'pucker-line', 'wandering'],
});
