import { box, type Scene, type SceneDim, type SceneLine } from '../engine/scene';
import type { Numbers } from '../engine/types';

/** Where the shown piece of a long zip begins: drawings keep the lower end, where the work is. */
const SIDE = 46;

/** The zip from the right side, its rows and the bar below the stop. */
export function fromAbove(numbers: Numbers): Scene {
  const { bar } = numbers;
  return {
    label: 'From above, right side up',
    view: 'above',
    cloths: [
      { points: box(-SIDE, 0, SIDE - 0.4, bar + 36), side: 'right' },
      { points: box(0.4, 0, SIDE - 0.4, bar + 36), side: 'right' },
    ],
    lines: linesAbove(numbers),
    dims: dimsAbove(numbers),
    texts: [{ at: [-SIDE + 3, 8], text: 'right side' }],
  };
}

function dimsAbove({ zip, top, stop, row, bar, below }: Numbers): SceneDim[] {
  return [
    { from: [0, bar + 16], to: [row, bar + 16], mm: row, name: 'each side' },
    { from: [SIDE + 8, 0], to: [SIDE + 8, top], mm: top, name: 'top' },
    { from: [SIDE + 8, top], to: [SIDE + 8, stop], mm: zip, name: 'zip' },
    { from: [SIDE + 8, stop], to: [SIDE + 8, bar], mm: below, name: 'below the stop' },
  ];
}

function linesAbove({ top, stop, row, bar, coilWidth }: Numbers): SceneLine[] {
  return [
    {
      points: [
        [0, stop],
        [0, bar + 30],
      ],
      role: 'stitch',
      id: 'seam',
    },
    {
      points: [
        [0, 0],
        [0, stop],
      ],
      role: 'baste',
      id: 'baste',
    },
    {
      points: [
        [0, top],
        [0, stop],
      ],
      role: 'zip',
    },
    {
      points: [
        [-coilWidth / 2, stop],
        [coilWidth / 2, stop],
      ],
      role: 'stop',
    },
    {
      points: [
        [-row, 0],
        [-row, bar],
      ],
      role: 'stitch',
      id: 'left',
    },
    {
      points: [
        [-row, bar],
        [row, bar],
      ],
      role: 'stitch',
      id: 'bar',
    },
    {
      points: [
        [row, bar],
        [row, 0],
      ],
      role: 'stitch',
      id: 'right',
    },
  ];
}

/** The zip from the wrong side: tape on the open allowances. */
export function fromBelow({ top, stop, tape, allowance: a, tapeOff }: Numbers): Scene {
  return {
    label: 'From the wrong side: the coil on the seam',
    view: 'above',
    cloths: [
      { points: box(-a, 0, a - 0.4, stop + 30), side: 'wrong' },
      { points: box(0.4, 0, a - 0.4, stop + 30), side: 'wrong' },
    ],
    lines: [
      {
        points: box(-tape, Math.max(0, top - 20), 2 * tape, stop - Math.max(0, top - 20) + 10),
        role: 'tape',
        id: 'tape',
      },
      {
        points: [
          [0, top],
          [0, stop],
        ],
        role: 'zip',
      },
      {
        points: [
          [-a, 0],
          [-a, stop + 24],
        ],
        role: 'raw',
      },
      {
        points: [
          [a, 0],
          [a, stop + 24],
        ],
        role: 'raw',
      },
    ],
    dims: [
      { from: [0, stop + 22], to: [a, stop + 22], mm: a, name: 'allowance' },
      {
        from: [-Math.max(a, tape), -6],
        to: [-Math.min(a, tape), -6],
        mm: Math.abs(tapeOff),
        name: 'tape edge to raw edge',
      },
    ],
  };
}
