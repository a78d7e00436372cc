import { HAND_NEEDLE, HAND_TAIL_MM } from '../byHand/handSewing';
import { HEM_LENGTH } from '../engine/asks';
import { BLADE } from '../engine/pieces';
import { rowScene } from '../engine/rowScene';
import { procedure, SEWN_SO } from '../engine/procedure';

/** A slip stitch inside the roll goes forward so far, mm (common practice). */
const SLIP_MM = 5;
/** Thread it takes of what it goes forward (model). */
const SLIP_SHARE = 1.6;
/** Sewn at a time before it is drawn up, mm. */
const DRAWN_UP_MM = 40;

/** An edge rolled between finger and thumb: for sheers and silk. */
export const HEM_HAND_ROLLED = procedure('hem-hand-rolled', {
  ...SEWN_SO,
  name: 'Hand-rolled hem',
  group: 'hem',
  kind: 'rolled-hem',
  main: { name: 'The roll' },
  rows: { stay: { kind: 'stay', name: 'The row inside the edge', layers: 1 } },
  asks: [HEM_LENGTH, { key: 'roll', label: 'Finished roll', unit: 'mm', usual: 3, least: 2, most: 6 }],
  work: ({ round, roll }) => ({
    round,
    roll,
    row: roll,
    trim: 2,
    cut: roll + 2,
    slip: SLIP_MM,
    stitches: Math.ceil(round / SLIP_MM),
    drawn: DRAWN_UP_MM,
    thread: round * SLIP_SHARE + 2 * HAND_TAIL_MM,
  }),
  views: {
    above: ({ row, trim, cut }) =>
      rowScene({
        label: 'From above, wrong side up: the row inside the edge, and what is left outside it',
        edge: 'raw',
        side: 'wrong',
        rows: [
          { id: 'trim', mm: cut - trim, role: 'cut', name: 'cut to here' },
          { id: 'stay', mm: cut - trim + row, name: 'row' },
        ],
        text: 'wrong side up',
      }),
  },
  ready: ['a fine needle, size 10 or finer', 'silk thread on silk, one strand', 'small sharp scissors'],
  steps: [
    {
      do: 'Sew one row all along, {row} inside the hem line of the pattern.',
      check: 'It runs at an even distance and does not pucker.',
      view: 'above',
      now: ['stay'],
      sews: 'round',
      row: 'stay',
    },
    {
      do: 'Trim the edge to {trim} outside the row, a hand’s width at a time, just before you roll it.',
      check: 'No stitch of the row is cut.',
      caution: BLADE,
      with: 'blade',
      view: 'above',
      now: ['trim'],
    },
    {
      do: 'Roll the edge towards you between damp finger and thumb until the row has rolled inside: a roll of {roll}.',
      check: 'The row is inside, and the roll is even.',
      view: 'above',
    },
    {
      do: 'Pick up one thread below the roll, then slip the needle {slip} along inside it: {stitches:n} stitches, {thread} of thread. Every {drawn}, pull the thread up gently.',
      check: 'The edge rolls over and hides the thread; it does not pucker.',
      caution: HAND_NEEDLE,
      view: 'above',
      handThread: 'thread',
    },
    {
      do: 'Leave it round: never flatten it.',
      check: 'The roll is round and hangs softly.',
      view: 'above',
    },
  ],
  faults: ['pucker-line', 'uneven-length', 'wandering'],
});
