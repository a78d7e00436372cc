import { SEAM_LENGTH, allowance } from '../engine/asks';
import { together } from '../engine/pieces';
import { procedure, SEWN_SO } from '../engine/procedure';
import { rowSize } from '../engine/rowSize';
import { MAIN_ROW } from '../engine/types';

/** A seam on the bias gives with its fabric: a hair of swing, or a hair of stretch while it is sewn (common practice). */
const SWING_MM = 0.5;
const STRETCH_PERCENT = 3;
/** It hangs so long before it is hemmed, hours. */
const HANGS_H = 24;

/** A seam whose edges are cut on the bias: it grows after it is sewn. */
export const BIAS_SEAM = procedure('bias-seam', {
  ...SEWN_SO,
  name: 'Seam on the bias, hung before hemming',
  group: 'seam',
  kind: 'join',
  asks: [
    SEAM_LENGTH,
    allowance(15),
    {
      key: 'swing',
      label: 'How it stretches',
      unit: 'count',
      usual: 1,
      least: 0,
      most: 1,
      options: [
        [1, 'a zigzag of {0.5 mm}'],
        [0, 'straight, stretched a little as you sew'],
      ],
      help: 'both work',
    },
  ],
  work: ({ seam, allowance: a, swing }, given) => ({
    seam,
    allowance: a,
    swing,
    width: SWING_MM,
    percent: STRETCH_PERCENT,
    stretched: seam * (1 + STRETCH_PERCENT / 100),
    hours: HANGS_H,
    stitch: rowSize(given, MAIN_ROW, { stitch: 'straight', lengthMm: 2.2, widthMm: 0 }).lengthMm,
  }),
  views: { above: ({ allowance: a }) => together(a, 'wrong', 'seam', 'From above: two bias edges together') },
  ready: ['[pins]', '[iron]', 'tissue, if the edges creep', 'a hanger and clips'],
  steps: [
    {
      do: 'Lay one piece flat on the other and let them rest. Right sides together, from the wide end to the narrow one. [hold]',
      check: 'Neither edge is longer than its pattern.',
      view: 'above',
    },
    {
      do: 'Sew {seam} at {allowance} with a zigzag {width} wide, stitches of {stitch}, without holding back.',
      check: 'When you pull it, the seam stretches with the fabric and no stitch breaks.',
      view: 'above',
      now: ['seam'],
      sews: 'seam',
      atMm: 'stitch',
      machine: { stitch: 'zigzag', widthMm: 'width' },
      when: 'swing',
    },
    {
      do: 'Sew {seam} at {allowance}, stitches of {stitch}, stretching it evenly to {stretched} in front and behind.',
      check: 'When you let go, it shrinks back and hangs without puckers.',
      view: 'above',
      now: ['seam'],
      sews: 'seam',
      atMm: 'stitch',
      when: '!swing',
    },
    {
      do: '[Press] it open, up and down, never along: bias stretches under the hand.',
      check: 'The seam is as long as before.',
      with: 'iron',
      view: 'above',
    },
    {
      do: 'Hang the garment up for a day, {hours:n} hours, with the weight of its hem. Then measure the hem from the floor and cut it level.',
      check: 'It hangs level all round.',
      view: 'above',
    },
  ],
  faults: ['wavy', 'pucker-line', 'popped', 'uneven-layers'],
});
