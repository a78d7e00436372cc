import { box, line, mirrored, type Scene, type SceneLine } from '../engine/scene';
import type { Numbers } from '../engine/types';

/** Cloth shown beside the seam line, mm. */
const SIDE = 46;
/** Tape that stands above the top stop, mm. */
const TAPE_ABOVE = 20;

/** The lines of one half of the zip on the left piece, its raw edge at 0 and the piece to the left of it. */
function halfOf(numbers: Numbers, name: (line: string) => string): SceneLine[] {
  const { allowance: a, tape, tapeOff, end, top, stop, groove, direct, frays, opening } = numbers;
  const above = Math.max(0, top - TAPE_ABOVE);
  return [
    line('raw', [0, 0], [0, stop + 24]),
    ...(frays > 0 ? [line('stitch', [-1.5, 0], [-1.5, stop + 24], 'finish')] : []),
    line('mark', [-a, 0], [-a, stop + 24]),
    ...(opening > 0 && opening < stop ? [line('mark', [-a - 8, opening], [-a + 8, opening])] : []),
    { points: box(-tapeOff - tape, above, tape, stop - above + 6), role: 'tape', id: name('tape') },
    line('zip', [-a, top], [-a, stop], name('tape')),
    ...(direct > 0 ? [] : [line('baste', [-tapeOff - tape / 2, 0], [-tapeOff - tape / 2, end], name('baste'))]),
    line('stitch', [-a + groove, 0], [-a + groove, end], name('groove')),
  ];
}

/** The open zip by itself, from its back: a groove beside each coil. */
export function zipAlone({ tape, groove }: Numbers): Scene {
  const coil = (side: -1 | 1) => line('zip', [side * 3, 0], [side * 12, -60]);
  const band = (side: -1 | 1): SceneLine => ({
    points: [
      [side * 3, 0],
      [side * 12, -60],
      [side * (12 + tape), -60],
      [side * (3 + tape), 0],
      [side * 3, 0],
    ],
    role: 'tape',
  });
  return {
    label: 'The open zip from its back: the coils lie flat, the grooves open',
    view: 'above',
    cloths: [],
    lines: [band(-1), band(1), coil(-1), coil(1)],
    dims: [{ from: [3, 8], to: [3 + groove, 8], mm: groove, name: 'coil to groove' }],
  };
}

/** One half of the open zip, face down on the right side of the left piece. */
export function onTheLeft(numbers: Numbers): Scene {
  return half(numbers, (name) => name, 'The left piece, right side up: the zip face down on it');
}

/** The other half on the right piece: the same, mirrored. */
export function onTheRight(numbers: Numbers): Scene {
  const label = 'The right piece, right side up: the zip face down on it, mirrored';
  return mirrored(
    half(numbers, (name) => `${name}Right`, label),
    label,
  );
}

function half(numbers: Numbers, name: (line: string) => string, label: string): Scene {
  const { allowance: a, tapeOff, end, stop } = numbers;
  return {
    label,
    view: 'above',
    cloths: [{ points: box(-a - SIDE, 0, a + SIDE, stop + 30), side: 'right' }],
    lines: halfOf(numbers, name),
    dims: [
      { from: [-a, stop + 18], to: [0, stop + 18], mm: a, name: 'to the seam line' },
      { from: [-a - SIDE - 6, 0], to: [-a - SIDE - 6, end], mm: end, name: 'in the groove' },
      { from: [-tapeOff, -5], to: [0, -5], mm: tapeOff, name: 'tape from the raw edge' },
    ],
  };
}

/** Both pieces right sides together, from the wrong side: the seam below runs into the zip's stitching. */
export function closing({ end, overlap, stop, hangs, allowance: a }: Numbers): Scene {
  const from = end - 44;
  return {
    label: 'From the wrong side: the seam runs into the zip’s stitching',
    view: 'above',
    cloths: [{ points: box(-SIDE, from, SIDE + a, stop - end + 110), side: 'wrong' }],
    lines: [
      line('raw', [a, from], [a, stop + 66]),
      line('zip', [0, from], [0, hangs > 0 ? end + 26 : stop], 'tape'),
      line('stitch', [1.2, from], [1.2, end], 'groove'),
      {
        id: 'seam',
        points: [
          [2, end - overlap],
          [0, end + 10],
          [0, stop + 60],
        ],
        role: 'stitch',
      },
      line('stitch', [a / 2, end - 8], [a / 2, Math.min(stop, end + 24)], 'tails'),
      ...(hangs > 0 ? [line('cut', [-6, end + 26], [a, end + 26], 'tail')] : []),
    ],
    dims: [
      { from: [-SIDE - 6, end - overlap], to: [-SIDE - 6, end], mm: overlap, name: 'overlap' },
      ...(hangs > 0
        ? [{ from: [a + 6, end] as const, to: [a + 6, end + 26] as const, mm: 25, name: 'of zip left' }]
        : []),
    ],
  };
}
