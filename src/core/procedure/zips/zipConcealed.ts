import { zipPlan } from '../../seam';
import { allowance, ZIP_TOP } from '../engine/asks';
import { basteMm } from '../engine/pieces';
import { box, type Scene } from '../engine/scene';
import type { Numbers } from '../engine/types';
import { procedure, SEWN_SO } from '../engine/procedure';

const SIDE = 46;

/** The open zip, face down on the right side of one piece. */
function faceDown({ allowance: a, tape, tapeOff, end, top, stop, groove, direct }: Numbers): Scene {
  return {
    label: 'From above: the open zip, face down on the right side',
    view: 'above',
    cloths: [{ points: box(0, 0, a + SIDE, stop + 30), side: 'right' }],
    lines: [
      {
        points: [
          [0, 0],
          [0, stop + 24],
        ],
        role: 'raw',
      },
      {
        points: [
          [a, 0],
          [a, stop + 24],
        ],
        role: 'mark',
      },
      { points: box(tapeOff, Math.max(0, top - 20), tape, stop - Math.max(0, top - 20) + 6), role: 'tape', id: 'tape' },
      {
        points: [
          [a, top],
          [a, stop],
        ],
        role: 'zip',
      },
      {
        points: [
          [a - groove, 0],
          [a - groove, end],
        ],
        role: 'stitch',
        id: 'groove',
      },
      ...(direct > 0
        ? []
        : [
            {
              points: [
                [tapeOff + tape / 2, 0],
                [tapeOff + tape / 2, end],
              ] as const,
              role: 'baste' as const,
              id: 'baste',
            },
          ]),
    ],
    dims: [
      { from: [0, stop + 18], to: [a, stop + 18], mm: a, name: 'to the seam line' },
      { from: [a + SIDE - 4, 0], to: [a + SIDE - 4, end], mm: end, name: 'groove' },
      { from: [0, -5], to: [tapeOff, -5], mm: tapeOff, name: 'tape from the raw edge' },
    ],
  };
}

/** The seam below, closing up to the zip. */
function closing({ end, overlap, stop }: Numbers): Scene {
  return {
    label: 'From the wrong side: the seam runs into the zip’s stitching',
    view: 'above',
    cloths: [{ points: box(-SIDE, end - 44, 2 * SIDE, stop - end + 110), side: 'wrong' }],
    lines: [
      {
        points: [
          [0, end - 44],
          [0, stop],
        ],
        role: 'zip',
      },
      {
        points: [
          [-1.2, end - 44],
          [-1.2, end],
        ],
        role: 'stitch',
        id: 'groove',
      },
      {
        points: [
          [-2, end - overlap],
          [0, end + 10],
          [0, stop + 60],
        ],
        role: 'stitch',
        id: 'seam',
      },
    ],
    dims: [{ from: [SIDE + 6, end - overlap], to: [SIDE + 6, end], mm: overlap, name: 'overlap' }],
  };
}

/** A zip that shows nothing but its pull. */
export const ZIP_CONCEALED = procedure('zip-concealed', {
  ...SEWN_SO,
  name: 'Concealed zip',
  group: 'zip',
  kind: 'zip-concealed',
  main: { name: 'The zip' },
  rows: { baste: { kind: 'baste', name: 'The basting' }, seam: { kind: 'join', name: 'The seam below' } },
  schools: ({ direct }) => ({ 'concealed-zip': direct === 1 ? 'straight-to-it' : 'baste-first' }),
  asks: [
    { key: 'zip', label: 'Zip, top stop to bottom stop', unit: 'mm', usual: 220, least: 60, most: 1500 },
    ZIP_TOP,
    allowance(15),
    { key: 'coilWidth', label: 'Coil across', unit: 'mm', usual: 4, least: 2, most: 10 },
    { key: 'tape', label: 'Middle of the coil to the tape’s edge', unit: 'mm', usual: 10, least: 4, most: 40 },
    {
      key: 'direct',
      label: 'How you sew it',
      unit: 'count',
      usual: ({ schools }) => (schools['concealed-zip'] === 'straight-to-it' ? 1 : 0),
      least: 0,
      most: 1,
      options: [
        [0, 'baste the tape first, then a one-bar zip foot'],
        [1, 'straight into the groove, concealed-zip foot'],
      ],
      help: 'both are taught; basting first is easier to get right',
    },
  ],
  work: ({ zip, top, allowance: allowanceMm, coilWidth, tape, direct }, given) => {
    const plan = zipPlan({
      kind: 'concealed',
      zipMm: zip,
      topMm: top,
      allowanceMm,
      coilToTapeEdgeMm: tape,
      coilWidthMm: coilWidth,
      topstitchMm: 7,
      lengthMm: given.lengthMm,
    });
    if ('blocked' in plan) return plan;
    const end = plan.positions.grooveEnd.alongMm!;
    const stop = plan.positions.bottomStop.alongMm!;
    return {
      zip,
      top,
      stop,
      allowance: allowanceMm,
      tape,
      tapeOff: plan.tapeFromRawEdgeMm,
      end,
      above: stop - end,
      overlap: end - plan.positions.seamStart.alongMm!,
      groove: coilWidth / 2,
      stitches: plan.stitches.left.count,
      stitchMm: plan.stitches.left.lengthMm,
      rest: 200,
      direct,
      basting: basteMm(given),
    };
  },
  views: { first: faceDown, closing },
  ready: ['edges finished first', 'the foot for your way of sewing it', '[coil tool]'],
  steps: [
    {
      do: '[coil]',
      check: 'The groove beside the coil lies open.',
      with: 'iron',
      view: 'first',
    },
    {
      do: 'Lay one half face down on the right side, tape edge {tapeOff} from the raw edge. [hold zip]',
      check: 'The coil lies on the seam line, {allowance} in.',
      view: 'first',
      now: ['tape'],
    },
    {
      do: 'Baste down the middle of the tape, stitches of {basting}.',
      check: 'The tape does not creep.',
      caution: 'Switch the machine off to change the foot.',
      view: 'first',
      now: ['baste'],
      sews: 'end',
      row: 'baste',
      atMm: 'basting',
      machine: { foot: 'zip', footSide: 'right', needleAsideMm: 2.5 },
      when: '!direct',
    },
    {
      do: 'Foot to the right of the needle, needle far left. Roll the coil open and sew in the groove from the raw top edge, {end} down: {stitches:n} stitches. Stop {above} above the bottom stop.',
      check: 'The needle runs close to the coil, never into it.',
      caution: 'Turn the wheel by hand once to see that the needle clears the foot and the coil.',
      view: 'first',
      now: ['groove'],
      sews: 'end',
      atMm: 'stitchMm',
      machine: { foot: 'zip', footSide: 'right', needleAsideMm: 2.5 },
      when: '!direct',
    },
    {
      do: 'The other half, mirrored: baste it, move foot and needle to the other side, and sew {end} in its groove.',
      check: 'Both halves begin at the same height.',
      caution: 'Foot and needle both change sides: turn the wheel by hand once.',
      view: 'first',
      now: ['groove'],
      sews: 'end',
      atMm: 'stitchMm',
      machine: { foot: 'zip', footSide: 'left', needleAsideMm: 2.5 },
      when: '!direct',
    },
    {
      do: 'Coil in a groove of the foot, needle in its hole. Sew from the raw top edge, {end} down: {stitches:n} stitches. Stop {above} above the bottom stop.',
      check: 'The needle runs close to the coil, never into it.',
      caution: 'Turn the wheel by hand once to see that the needle clears the foot and the coil.',
      view: 'first',
      now: ['groove'],
      sews: 'end',
      atMm: 'stitchMm',
      machine: { foot: 'concealed-zip' },
      when: 'direct',
    },
    {
      do: 'The other half: the needle stays in its hole, the other groove takes the coil. Sew {end}.',
      check: 'Both halves begin at the same height.',
      view: 'first',
      now: ['groove'],
      sews: 'end',
      atMm: 'stitchMm',
      machine: { foot: 'concealed-zip' },
      when: 'direct',
    },
    { do: 'Close the zip and look at it from the right side.', check: 'No tape shows, no twist.', view: 'first' },
    {
      do: 'Close the rest of the seam: begin {overlap} above the end of the groove stitching, hugging it, the tail of the zip held out.',
      check: 'No gap between the two stitchings: a gap is the bubble.',
      view: 'closing',
      now: ['seam'],
      sews: 'rest',
      row: 'seam',
      machine: { foot: 'zip', footSide: 'left', needleAsideMm: 2.5 },
    },
    {
      do: 'Sew each tape tail to its own allowance only.',
      check: 'The seam below hangs free.',
      view: 'closing',
      now: ['groove'],
    },
  ],
  adds: [
    [['top', 'zip'], 'stop'],
    [['end', 'above'], 'stop'],
  ],
  faults: ['zip-bubble', 'wandering', 'skipped', 'uneven-layers'],
});
