import { cannot } from '../../seam';
import { zipPlan } from '../../seam';
import { mm } from '../../units';
import { allowance, ZIP_TOP } from '../engine/asks';
import { basteMm, IRON, PIN } from '../engine/pieces';
import { box, type Scene, type SceneDim, type SceneLine } from '../engine/scene';
import type { Numbers } from '../engine/types';
import { procedure, SEWN_SO } from '../engine/procedure';

/** Where the shown piece of a long zip begins: drawings keep the lower end, where the work is. */
const SIDE = 46;

/** The zip from the right side, its rows and the bar below the stop. */
function fromAbove(numbers: Numbers): Scene {
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
function fromBelow({ top, stop, tape, allowance: a, tapeOff }: Numbers): Scene {
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

/** A zip in the middle of its seam, a row on either side. */
export const ZIP_CENTRED = procedure('zip-centred', {
  ...SEWN_SO,
  name: 'Centred zip',
  group: 'zip',
  kind: 'zip-centred',
  asks: [
    { key: 'zip', label: 'Zip, top stop to bottom stop', unit: 'mm', usual: 180, least: 40, most: 1500 },
    ZIP_TOP,
    {
      key: 'opening',
      label: 'Opening in the seam, from the raw top edge',
      unit: 'mm',
      usual: 200,
      least: 40,
      most: 2000,
    },
    allowance(15, 'the pattern’s, as the seam is cut'),
    { key: 'coilWidth', label: 'Coil across', unit: 'mm', usual: 6, least: 2, most: 12 },
    { key: 'tape', label: 'Middle of the coil to the tape’s edge', unit: 'mm', usual: 13, least: 4, most: 40 },
    { key: 'row', label: 'Rows from the seam', unit: 'mm', usual: 7, least: 3, most: 20 },
  ],
  work: ({ zip, top, opening, allowance: allowanceMm, coilWidth, tape, row }, given) => {
    const stop = top + zip;
    if (stop > opening) {
      const text = `The zip ends ${mm(stop)} below the raw top edge and the opening is ${mm(opening)}: leave the seam open for ${mm(stop)}, or shorten the zip.`;
      return cannot('seam.zip-longer', text, opening, stop);
    }
    const plan = zipPlan({
      kind: 'centred',
      zipMm: zip,
      topMm: top,
      allowanceMm,
      coilToTapeEdgeMm: tape,
      coilWidthMm: coilWidth,
      topstitchMm: row,
      lengthMm: given.lengthMm,
    });
    if ('blocked' in plan) return plan;
    const { stitches, positions, tapeFromRawEdgeMm } = plan;
    const bar = positions.bar.alongMm!;
    return {
      zip,
      top,
      stop,
      bar,
      allowance: allowanceMm,
      coilWidth,
      tape,
      row,
      tapeOff: tapeFromRawEdgeMm,
      below: bar - stop,
      down: stitches.left.count,
      downMm: stitches.left.lengthMm,
      across: stitches.bar.count,
      acrossMm: stitches.bar.lengthMm,
      rowMm: bar,
      barMm: 2 * row,
      half: stitches.bar.count / 2,
      rest: 120,
      basting: basteMm(given),
      seamStitch: 2.5,
    };
  },
  views: { above: fromAbove, below: fromBelow },
  ready: ['zip foot', 'a pin to mark the stop', 'iron', 'seam ripper'],
  steps: [
    {
      do: 'Right sides together: mark the bottom stop on the seam line, {stop} from the raw top edge.',
      check: 'The mark is on both pieces.',
      view: 'above',
    },
    {
      do: 'Baste from the raw top edge to the mark at {allowance}, stitches of {basting}, no back-stitch.',
      check: 'It can be pulled out by its bobbin thread.',
      view: 'above',
      now: ['baste'],
      sews: 'stop',
      atMm: 'basting',
      machine: { foot: 'standard' },
    },
    {
      do: 'From the mark on stitches of {seamStitch}, a back-stitch first.',
      check: 'The two lines are one line.',
      caution: PIN,
      view: 'above',
      now: ['seam'],
      sews: 'rest',
      atMm: 'seamStitch',
      machine: { foot: 'standard' },
    },
    {
      do: 'Press the whole seam open. This is never skipped.',
      check: 'Flat: the rows are measured from this fold.',
      caution: IRON,
      with: 'iron',
      view: 'below',
    },
    {
      do: 'Wrong side up: lay the coil exactly on the seam, tape edge {tapeOff} inside the raw edge. Tape it down.',
      check: 'The coil follows the basting all along.',
      view: 'below',
      now: ['tape'],
    },
    {
      do: 'Zip foot on, needle on the side of the coil. Sew each tape to its allowance only, starting below the pull.',
      check: 'Nothing shows on the right side.',
      caution:
        'Switch the machine off to change the foot; turn the wheel once by hand to see that the needle clears it.',
      view: 'below',
      now: ['tape'],
      sews: 'rowMm',
      machine: { foot: 'zip', footSide: 'left', needleAsideMm: 1 },
    },
    {
      do: 'Right side up: topstitch down the left, {row} from the seam: {down:n} stitches.',
      check: 'The row is {row} from the seam at top and bottom.',
      view: 'above',
      now: ['left'],
      sews: 'rowMm',
      atMm: 'downMm',
      machine: { foot: 'zip', footSide: 'left', needleAsideMm: 1 },
    },
    {
      do: 'Stop {below} below the stop. Needle down, foot up, turn the cloth.',
      check: 'The needle stands clear of the metal.',
      caution:
        'Metal ahead: turn the wheel by hand for the last two stitches. Hitting the stop breaks the needle into the eyes.',
      view: 'above',
      now: ['left'],
    },
    {
      do: 'Sew across below the stop: {across:n} stitches, {half:n} to the seam and {half:n} beyond.',
      check: 'The seam is in the middle of the bar.',
      caution: 'By hand-wheel past the coil.',
      view: 'above',
      now: ['bar'],
      sews: 'barMm',
      atMm: 'acrossMm',
      machine: { foot: 'zip', footSide: 'left', needleAsideMm: 1 },
    },
    {
      do: 'Turn again, up the right side at {row}: {down:n} stitches.',
      check: 'Both rows are parallel, and equally far from the seam.',
      view: 'above',
      now: ['right'],
      sews: 'rowMm',
      atMm: 'downMm',
      machine: { foot: 'zip', footSide: 'left', needleAsideMm: 1 },
    },
    {
      do: 'Open the basting, move the pull down, finish the tops.',
      check: 'The zip runs to both ends without catching.',
      caution: 'Cut the basting thread away from the cloth and from your fingers.',
      view: 'above',
      now: ['baste'],
    },
  ],
  adds: [
    [['top', 'zip'], 'stop'],
    [['stop', 'below'], 'bar'],
  ],
  faults: ['zip-bubble', 'needle-broke', 'wandering', 'uneven-layers'],
});
