import { abuttedBite } from '../../seam';
import { SEAM_LENGTH } from '../engine/asks';
import { BLADE, LONG } from '../engine/pieces';
import { box, type Scene } from '../engine/scene';
import type { Numbers } from '../engine/types';
import { procedure, SEWN_SO } from '../engine/procedure';

/** Two edges side by side under a zigzag that bites both. */
function sideBySide({ gap, bite, width }: Numbers): Scene {
  const teeth = Array.from({ length: 23 }, (_, i) => [i * 5, i % 2 === 0 ? -width / 2 : width / 2] as const);
  return {
    label: 'From above: both edges under one zigzag',
    view: 'above',
    cloths: [
      { points: box(0, -22, LONG, 22 - gap / 2), side: 'right' },
      { points: box(0, gap / 2, LONG, 22 - gap / 2), side: 'right' },
    ],
    lines: [{ id: 'seam', points: teeth, role: 'stitch' }],
    dims: [
      { from: [LONG + 6, -width / 2], to: [LONG + 6, width / 2], mm: width, name: 'wide' },
      { from: [-7, gap / 2], to: [-7, width / 2], mm: bite, name: 'bite' },
    ],
  };
}

/** Two edges side by side under one zigzag: no allowance, no ridge. */
export const ABUTTED = procedure('abutted', {
  ...SEWN_SO,
  name: 'Abutted seam',
  group: 'seam',
  kind: 'join',
  // Only what swings bites both edges.
  main: { layers: 1, stitches: ['bridging', 'zigzag', 'three-step-zigzag'] },
  asks: [
    SEAM_LENGTH,
    {
      key: 'width',
      label: 'Width of the zigzag',
      unit: 'mm',
      usual: (given) => Math.max(5, given.widthMm),
      least: 2,
      most: 9,
    },
    { key: 'gap', label: 'Gap between the edges', unit: 'mm', usual: 0, least: 0, most: 4 },
  ],
  work: ({ seam, width, gap }) => {
    const found = abuttedBite(width, gap);
    return 'blocked' in found ? found : { seam, width, gap, bite: found.biteMm };
  },
  views: { above: sideBySide },
  ready: ['pieces cut without allowances', 'a strip of tape under the join, if it pulls apart'],
  steps: [
    {
      do: 'Cut all seam allowances off both edges, straight.',
      check: 'Laid side by side, the edges meet without a gap.',
      caution: BLADE,
      with: 'blade',
      view: 'above',
    },
    {
      do: 'Put the edges side by side under the foot, without overlapping.',
      check: 'The join runs to the middle of the foot.',
      view: 'above',
    },
    {
      do: 'Sew over the join, {width} wide: it catches {bite} of each side.',
      check: 'Needle holes on both sides of the join, all along.',
      view: 'above',
      now: ['seam'],
      sews: 'seam',
      machine: { widthMm: 'width' },
    },
    {
      do: 'Pull the join apart sideways.',
      check: 'Nothing slips out; the edges stay together.',
      view: 'above',
      now: ['seam'],
    },
  ],
  faults: ['skipped', 'perforated', 'grinning', 'wandering'],
});
