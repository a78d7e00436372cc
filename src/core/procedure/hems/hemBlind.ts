import { rowSize } from '../engine/rowSize';
import { mm } from '../../units';
import { cannot } from '../../seam';
import { HEM_LENGTH } from '../engine/asks';

import { rowScene } from '../engine/rowScene';
import { drawnThick, type Scene } from '../engine/scene';
import { type Given, type Numbers, MAIN_ROW } from '../engine/types';
import { procedure, SEWN_SO } from '../engine/procedure';

/** The hem folded back for sewing, in section: its edge sticks out beyond the fold. */
function foldedBack({ hem, out }: Numbers, { thicknessMm }: Given): Scene {
  const t = drawnThick(thicknessMm);
  return {
    label: 'In section, as it lies under the foot: the edge sticks out beside the fold',
    view: 'section',
    cloths: [
      {
        points: [
          [hem + 34, -1.2 * t],
          [out, -1.2 * t],
          [out, 0],
          [hem, 0],
          [hem, 1.2 * t],
          [0, 1.2 * t],
        ],
        side: 'wrong',
        thickMm: t,
      },
    ],
    lines: [
      {
        id: 'row',
        points: [
          [out - 1.5, -0.4 * t],
          [out - 1.5, 2.4 * t],
        ],
        role: 'stitch',
      },
      {
        id: 'bite',
        points: [
          [out - 1.5, -0.4 * t],
          [out + 1, -1.9 * t],
        ],
        role: 'stitch',
      },
    ],
    dims: [
      { from: [0, 2.4 * t + 6], to: [out, 2.4 * t + 6], mm: out, name: 'sticks out' },
      { from: [0, -3.4 * t - 6], to: [hem, -3.4 * t - 6], mm: hem, name: 'hem' },
    ],
  };
}

/** The size of the bite as it was matched, else the usual one, mm (common practice). */
const biteOf = (given: Given) => {
  const { lengthMm, widthMm } = rowSize(given, MAIN_ROW, { stitch: 'blind', lengthMm: 2, widthMm: 2.5 });
  return { stitch: lengthMm, swing: widthMm };
};

/** A hem whose stitches bite only a thread of the right side. */
export const HEM_BLIND = procedure('hem-blind', {
  ...SEWN_SO,
  name: 'Blind hem',
  group: 'hem',
  kind: 'blind-hem',
  main: { stitches: ['blind', 'stretch-blind'] },
  asks: [
    HEM_LENGTH,
    { key: 'hem', label: 'Hem allowance', unit: 'mm', usual: 40, least: 15, most: 100 },
    { key: 'out', label: 'Edge that sticks out', unit: 'mm', usual: 6, least: 3, most: 12 },
    {
      key: 'knit',
      label: 'The fabric',
      unit: 'count',
      usual: (given) => (given.stretch >= 15 ? 1 : 0),
      least: 0,
      most: 1,
      options: [
        [0, 'does not stretch: straight steps and a side stitch'],
        [1, 'stretches: small zigzags and a side stitch'],
      ],
    },
  ],
  work: ({ round, hem, out, knit }, given) =>
    hem < out + 8
      ? cannot(
          'seam.hem-narrow',
          `A hem of ${mm(hem)} cannot be folded back with ${mm(out)} sticking out: cut it ${mm(out + 8)} deep.`,
          out + 8,
          hem,
        )
      : { round, hem, out, knit, row: out - 1.5, ...biteOf(given), overlap: 15, sewn: round + 15 },
  views: {
    section: foldedBack,
    above: ({ out, stitch, swing, knit }) =>
      rowScene({
        label: 'From above: the fold beside the edge that sticks out',
        edge: 'raw',
        side: 'wrong',
        rows: [
          {
            id: 'row',
            mm: out - 1.5,
            swing: { stitch: knit === 1 ? 'stretch-blind' : 'blind', lengthMm: stitch, widthMm: swing },
          },
          { mm: out, role: 'fold', name: 'fold' },
        ],
      }),
  },
  ready: ['raw edge finished first', 'blind-hem foot, its guide at the fold', 'thread to match'],
  steps: [
    {
      do: '[Press] the hem up, {hem}. [hold]',
      check: 'It is even all round.',
      with: 'iron',
      view: 'section',
    },
    {
      do: 'Fold the hem back under the garment so that {out} of its edge sticks out.',
      check: 'Wrong side up, the fold is to the left of the edge.',
      view: 'section',
    },
    {
      do: 'On a scrap: adjust the width until the side stitch catches one or two threads of the fold, no more.',
      check: 'From the right side only a dot shows, or nothing.',
      caution: 'Turn the handwheel through one whole repeat: the needle must clear the foot’s guide.',
      view: 'above',
      now: ['row'],
    },
    {
      do: 'Sew {round} round and {overlap} over the start, with the fold along the guide.',
      check: 'Every side stitch has caught the fold.',
      view: 'above',
      now: ['row'],
      sews: 'sewn',
      atMm: 'stitch',
      machine: { stitch: 'blind', widthMm: 'swing', foot: 'blind-hem' },
      when: '!knit',
    },
    {
      do: 'Sew {round} round and {overlap} over the start, with the fold along the guide.',
      check: 'Every side stitch has caught the fold. Stretch it: nothing pops.',
      view: 'above',
      now: ['row'],
      sews: 'sewn',
      atMm: 'stitch',
      machine: { stitch: 'stretch-blind', widthMm: 'swing', foot: 'blind-hem' },
      when: 'knit',
    },
    {
      do: 'Unfold and [press] lightly from the wrong side, but not over the edge.',
      check: 'The edge does not show through.',
      with: 'iron',
      view: 'section',
      now: ['row', 'bite'],
    },
  ],
  faults: ['skipped', 'marks', 'pucker-line', 'wavy'],
});
