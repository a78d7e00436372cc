import { box, line, type Scene, type SceneDim, type SceneLine } from '../engine/scene';
import type { Numbers } from '../engine/types';

/** Cloth shown on either side of the seam, mm. */
const SIDE = 46;
/** Tape that stands above its top stop and below its bottom one, mm. */
const TAPE_PAST = { top: 20, bottom: 10 };

/** The seam from the right side, with the rows of the zip and the bar below its stop. */
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
    texts: [{ at: [-SIDE + 3, bar + 30], text: 'right side' }],
  };
}

/** Both pieces right sides together before the zip is there: what is basted, and what is sewn. */
export function rightSidesTogether({ stop, allowance: a }: Numbers): Scene {
  return {
    label: 'From above, right sides together',
    view: 'above',
    cloths: [{ points: box(-SIDE, 0, SIDE + a, stop + 40), side: 'wrong' }],
    lines: [
      line('raw', [a, 0], [a, stop + 40]),
      line('baste', [0, 0], [0, stop], 'baste'),
      line('stitch', [0, stop], [0, stop + 40], 'seam'),
      line('mark', [-8, stop], [8, stop], 'mark'),
    ],
    dims: [
      { from: [a + 8, 0], to: [a + 8, stop], mm: stop, name: 'to the stop' },
      { from: [0, -6], to: [a, -6], mm: a, name: 'allowance' },
    ],
    texts: [{ at: [-SIDE + 3, stop / 2], text: 'wrong side up' }],
  };
}

function dimsAbove({ zip, top, stop, row, bar, below }: Numbers): SceneDim[] {
  return [
    { from: [0, bar + 30], to: [row, bar + 30], mm: row, name: 'each side' },
    { from: [SIDE + 8, 0], to: [SIDE + 8, top], mm: top, name: 'top' },
    { from: [SIDE + 8, top], to: [SIDE + 8, stop], mm: zip, name: 'zip' },
    { from: [SIDE + 8, stop], to: [SIDE + 8, bar], mm: below, name: 'below the stop' },
  ];
}

function linesAbove({ top, stop, row, bar, coilWidth, clear, upwards }: Numbers): SceneLine[] {
  const up = upwards > 0;
  return [
    line('stitch', [0, stop], [0, bar + 30], 'seam'),
    line('baste', [0, 0], [0, stop], 'baste'),
    line('mark', [-8, stop], [8, stop], 'mark'),
    line('zip', [0, top], [0, stop], 'tape'),
    line('stop', [-coilWidth / 2, stop], [coilWidth / 2, stop], 'tape'),
    up ? line('stitch', [-row, bar], [-row, clear], 'left') : line('stitch', [-row, clear], [-row, bar], 'left'),
    ...(up
      ? [line('stitch', [0, bar], [-row, bar], 'barLeft'), line('stitch', [0, bar], [row, bar], 'barRight')]
      : [line('stitch', [-row, bar], [row, bar], 'bar')]),
    line('stitch', [row, bar], [row, clear], 'right'),
    line('stitch', [row, clear], [row, 0], 'tops'),
    line('stitch', [-row, clear], [-row, 0], 'tops'),
  ];
}

/** The seam pressed open, from the wrong side: the zip face down on its allowances. */
export function fromBelow({ top, stop, tape, allowance: a, tapeOff, coilWidth, clear, frays }: Numbers): Scene {
  const above = Math.max(0, top - TAPE_PAST.top);
  return {
    label: 'From the wrong side: the coil on the seam',
    view: 'above',
    cloths: [
      { points: box(-SIDE, 0, 2 * SIDE, stop + 30), side: 'right' },
      { points: box(-a, 0, a - 0.4, stop + 30), side: 'wrong' },
      { points: box(0.4, 0, a - 0.4, stop + 30), side: 'wrong' },
    ],
    lines: [
      line('raw', [-a, 0], [-a, stop + 30]),
      line('raw', [a, 0], [a, stop + 30]),
      ...(frays > 0
        ? [
            line('stitch', [-a + 1.5, 0], [-a + 1.5, stop + 30], 'finish'),
            line('stitch', [a - 1.5, 0], [a - 1.5, stop + 30], 'finish'),
          ]
        : []),
      { points: box(-tape, above, 2 * tape, stop - above + TAPE_PAST.bottom), role: 'tape', id: 'tape' },
      line('zip', [0, top], [0, stop], 'tape'),
      // The foot stands outside, on the tape, the needle between it and the coil.
      line('stitch', [-tapeRow(tape, coilWidth), clear], [-tapeRow(tape, coilWidth), stop], 'tapes'),
      line('stitch', [tapeRow(tape, coilWidth), stop], [tapeRow(tape, coilWidth), clear], 'tapes'),
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

/** Where a tape is sewn to its allowance: between the coil and its own edge. */
const tapeRow = (tape: number, coilWidth: number) => (tape + coilWidth / 2) / 2;
