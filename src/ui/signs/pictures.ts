import type { Sign } from '@/core/stitch';
import { at, ring, stitches, wave } from './strokes';

/** One side of the cloth: thread and cloth in ink, what is wrong in red, cloth as a soft shape, what is right in green. */
export interface Side {
  ink?: string;
  wrong?: string;
  cloth?: string;
  fine?: string;
  ok?: string;
}

/** A sign as it looks from the front and from the back. */
export interface SignLook {
  front: Side;
  back: Side;
}

const LINE = stitches();
const ripples = at([12, 28, 44, 60, 76], (x) => `M${x} 12 q5 9 0 18`);
const rays = at([16, 34, 52, 70], (x) => `M${x} 21 L${x - 12} 3 M${x + 4} 21 L${x + 16} 39`);
const waved = `${wave(8, 12, 28)} L86 34 ${wave(34, 12, 28)} `;
const bulge = 'M44 21 q8 -17 19 -14 q11 3 11 14 q0 11 -11 14 q-11 3 -19 -14';
const loopsDown = at([14, 34, 54, 74], (x) => `M${x - 6} 15 q-4 19 6 19 q10 0 6 -19`);
const loopsUp = at([14, 34, 54, 74], (x) => `M${x - 6} 27 q-4 -19 6 -19 q10 0 6 19`);
const tangle =
  'M20 20 q-8 16 12 17 q22 1 16 -14 q-6 -14 -18 0 q-8 12 14 14 q24 0 20 -16 q-4 -12 -18 -6 q-14 6 -2 18 q12 8 24 -2';
const teeth = at([20, 26, 62, 68], (x) => at([7, 13, 29, 35], (y) => `M${x} ${y} l3 -3`));
const tears =
  'l4 -5 l4 5 l4 -5 l4 5 l4 -5 l4 5 l4 -5 l4 5 l4 -5 l4 5 l4 -5 l4 5 l4 -5 l4 5 l4 -5 l4 5 l4 -5 l4 5 l4 -5 l4 5';
const BUNCH = at([36, 40, 44, 48, 52], (x) => `M${x} 12 V30`);
const uneven = 'M4 21 h3 M10 21 h15 M28 21 h2 M33 21 h4 M40 21 h19 M62 21 h2 M67 21 h2 M72 21 h12';

/** How every sign looks. A drawing says what is wrong by shape; red only points at it. */
export const PICTURES: Readonly<Record<Sign | 'none', SignLook>> = {
  none: { front: { ink: LINE, ok: 'M34 30 l8 8 l16 -18' }, back: { ink: LINE } },
  skipped: {
    front: { ink: `${stitches(4, 26)} ${stitches(64, 84)}`, wrong: 'M28 21 q16 -13 32 0' },
    back: { ink: `${stitches(4, 26)} ${stitches(64, 84)}`, wrong: 'M28 21 h32' },
  },
  'pucker-line': { front: { ink: LINE, wrong: ripples }, back: { ink: LINE, wrong: ripples } },
  'pucker-away': { front: { ink: LINE, wrong: rays }, back: { ink: LINE, wrong: rays } },
  wavy: {
    front: { cloth: `${waved}`, ink: wave(21, 12, 28) },
    back: { cloth: `${waved}`, ink: wave(21, 12, 28) },
  },
  'uneven-layers': {
    front: {
      cloth: 'M2 6 H62 V36 H2 Z',
      fine: 'M62 10 H80 V36 H62',
      ink: stitches(4, 60),
      wrong: 'M62 4 V40 M80 4 V40 M62 21 H80',
    },
    back: { cloth: 'M2 6 H80 V36 H2 Z', ink: stitches(4, 60), wrong: 'M62 10 V32' },
  },
  bowed: {
    front: { cloth: 'M4 38 Q44 -16 84 38 L76 40 Q44 6 12 40 Z', wrong: 'M8 39 Q44 -6 80 39' },
    back: { cloth: 'M4 38 Q44 -16 84 38 L76 40 Q44 6 12 40 Z', wrong: 'M8 39 Q44 -6 80 39' },
  },
  popped: {
    front: {
      ink: `${stitches(4, 26)} ${stitches(64, 84)}`,
      wrong: 'M28 21 q8 0 7 -9 q-1 -6 -6 -3 M60 21 q-8 0 -7 9 q1 6 6 3',
    },
    back: { ink: `${stitches(4, 26)} ${stitches(64, 84)}`, wrong: 'M28 21 q7 2 8 10 M60 21 q-7 -2 -8 -10' },
  },
  grinning: {
    front: {
      cloth: 'M2 2 H86 V12 H2 Z M2 30 H86 V40 H2 Z',
      wrong: at([10, 24, 38, 52, 66, 80], (x) => `M${x} 11 V31`),
    },
    back: { ink: 'M2 18 H86 M2 24 H86', fine: at([10, 24, 38, 52, 66, 80], (x) => `M${x} 18 V24`) },
  },
  tunnel: {
    front: {
      ink: `${stitches(4, 84, 9)} ${stitches(4, 84, 33)}`,
      cloth: 'M2 14 H86 V28 H2 Z',
      wrong: 'M4 17 H84 M4 25 H84',
    },
    back: { ink: `M4 33 l10 -24 l10 24 l10 -24 l10 24 l10 -24 l10 24 l10 -24 l10 24`, wrong: 'M4 21 H84' },
  },
  chewed: {
    front: {
      cloth: 'M86 2 H30 L12 18 L26 21 L12 24 L30 40 H86 Z',
      ink: stitches(40, 84),
      wrong: 'M4 14 L26 19 M4 21 H30 M4 28 L26 23',
    },
    back: { ink: stitches(40, 84), wrong: 'M8 8 V34 M14 8 V34 M8 21 L36 12 M8 21 L36 30 M8 21 H38' },
  },
  nest: { front: { ink: LINE }, back: { ink: stitches(66, 84), wrong: tangle } },
  'loops-below': { front: { ink: LINE }, back: { ink: 'M2 15 H86', wrong: loopsDown } },
  'loops-above': { front: { ink: 'M2 27 H86', wrong: loopsUp }, back: { ink: 'M2 21 H86' } },
  holes: {
    front: {
      ink: stitches(4, 84, 21, 6, 12),
      wrong: at([15, 33, 51, 69], (x) => ring(x, 21, 5)),
      fine: at([26, 30, 34, 38], (y) => `M29 ${y} H37`),
    },
    back: { ink: stitches(4, 84, 21, 6, 12), wrong: at([15, 33, 51, 69], (x) => ring(x, 21, 5)) },
  },
  perforated: {
    front: { cloth: 'M2 2 H86 V8 H2 Z M2 34 H86 V40 H2 Z', wrong: `M4 17 ${tears} M4 31 ${tears}` },
    back: { cloth: 'M2 2 H86 V8 H2 Z M2 34 H86 V40 H2 Z', wrong: `M4 17 ${tears} M4 31 ${tears}` },
  },
  'hump-stall': {
    front: { ink: `${stitches(4, 30)} M56 2 V40`, cloth: 'M56 3 H86 V39 H56 Z', wrong: BUNCH },
    back: { ink: `${stitches(4, 30)} M56 2 V40`, cloth: 'M56 3 H86 V39 H56 Z', wrong: BUNCH },
  },
  'needle-broke': {
    front: {
      ink: 'M36 2 V16 M48 2 V16 M36 16 l4 4 l4 -5 l4 3',
      wrong: 'M40 26 l4 -4 l4 5 l4 -4 L49 38 L45 41 L42 38 Z',
    },
    back: { wrong: 'M44 21 L26 8 M44 21 L64 10 M44 21 L24 30 M44 21 L62 34 M44 21 L46 40 M44 21 L43 4' },
  },
  shreds: {
    front: {
      ink: 'M4 21 H30',
      wrong: 'M30 21 q14 -2 24 -14 M30 21 q16 -1 30 -7 M30 21 H66 M30 21 q16 1 30 8 M30 21 q14 2 22 15',
    },
    back: { ink: LINE },
  },
  'thread-broke': {
    front: { ink: stitches(4, 38), wrong: 'M40 21 q10 -2 12 -17', fine: at([52, 64, 76], (x) => ring(x, 21, 1.6)) },
    back: { ink: stitches(4, 38), wrong: 'M40 21 q6 12 20 12 q14 0 20 5' },
  },
  'uneven-length': { front: { wrong: uneven }, back: { wrong: uneven } },
  'no-feed': {
    front: {
      ink: stitches(4, 34),
      wrong: 'M46 11 V31 M36 21 H56 M39 14 L53 28 M39 28 L53 14',
      fine: 'M64 21 H84 M78 16 l6 5 l-6 5',
    },
    back: { ink: stitches(4, 34), wrong: ring(46, 21, 9) + ring(46, 21, 4) },
  },
  slippage: {
    front: {
      ink: stitches(4, 84, 34),
      fine: 'M2 3 H86 M2 6 H86 M2 9 H86',
      wrong: at([8, 16, 24, 32, 40, 48, 56, 64, 72, 80], (x) => `M${x} 12 V28`),
    },
    back: {
      ink: 'M2 34 H86',
      fine: 'M2 6 H86 M2 9 H86',
      wrong: at([8, 16, 24, 32, 40, 48, 56, 64, 72, 80], (x) => `M${x} 14 V28`),
    },
  },
  marks: {
    front: { ink: LINE, wrong: 'M4 8 H84 M4 34 H84', fine: 'M4 12 H84 M4 30 H84' },
    back: { ink: LINE, wrong: teeth },
  },
  shine: {
    front: { cloth: 'M20 36 V20 Q22 4 44 3 Q66 4 68 20 V36 Z', wrong: 'M30 28 L46 10 M42 30 L58 12 M54 32 L62 22' },
    back: { ink: LINE },
  },
  'zip-bubble': {
    front: {
      ink: `M4 21 H44 ${at([8, 14, 20, 26, 32, 38], (x) => `M${x} 16 V26`)} ${stitches(76, 86, 21, 8, 4)}`,
      wrong: bulge,
    },
    back: { ink: `M4 16 H44 M4 26 H44 ${stitches(76, 86, 21, 8, 4)}`, wrong: 'M46 21 q12 14 28 0' },
  },
  'one-needle-missing': {
    front: { ink: stitches(4, 84, 11), wrong: at([6, 18, 30, 42, 54, 66, 78], (x) => ring(x, 31, 1.8)) },
    back: { ink: 'M4 11 H84', wrong: at([6, 18, 30, 42, 54, 66, 78], (x) => ring(x, 31, 1.8)) },
  },
  wandering: {
    front: {
      fine: 'M2 21 H86',
      wrong: 'M4 21 q10 -3 14 -10 M22 9 q9 -3 14 6 M39 20 q6 10 14 13 M57 34 q9 0 14 -8 M74 22 q4 -4 10 -5',
    },
    back: { wrong: 'M4 21 q10 -3 14 -10 M22 9 q9 -3 14 6 M39 20 q6 10 14 13 M57 34 q9 0 14 -8 M74 22 q4 -4 10 -5' },
  },
  'hem-roped': {
    front: {
      cloth: 'M2 4 H86 V38 H2 Z',
      ink: stitches(4, 84, 14),
      wrong: at([10, 22, 34, 46, 58, 70], (x) => `M${x} 36 l10 -20`),
    },
    back: {
      cloth: 'M2 4 H86 V38 H2 Z',
      ink: stitches(4, 84, 14),
      wrong: at([10, 22, 34, 46, 58, 70], (x) => `M${x} 36 l10 -20`),
    },
  },
  'band-gapes': {
    front: { cloth: 'M2 26 H86 V40 H2 Z', ink: stitches(4, 84, 26), wrong: 'M4 24 q10 -14 20 0 t20 0 t20 0 t20 0' },
    back: { cloth: 'M2 26 H86 V40 H2 Z', ink: stitches(4, 84, 26), wrong: 'M4 24 q10 -14 20 0 t20 0 t20 0 t20 0' },
  },
  'band-puckers': {
    front: {
      cloth: 'M2 2 H86 V14 H2 Z',
      ink: stitches(4, 84, 14),
      wrong: at([12, 28, 44, 60, 76], (x) => `M${x} 17 q4 10 0 21`),
    },
    back: {
      cloth: 'M2 2 H86 V14 H2 Z',
      ink: stitches(4, 84, 14),
      wrong: at([12, 28, 44, 60, 76], (x) => `M${x} 17 q4 10 0 21`),
    },
  },
  'zip-rippled': {
    front: {
      ink: at([6, 12, 18, 24, 30, 36, 42, 48, 54, 60, 66, 72, 78], (x) => `M${x} 18 v6`),
      wrong: `${wave(9, 9, 28)} ${wave(33, 9, 28)}`,
    },
    back: {
      ink: at([6, 12, 18, 24, 30, 36, 42, 48, 54, 60, 66, 72, 78], (x) => `M${x} 18 v6`),
      wrong: `${wave(9, 9, 28)} ${wave(33, 9, 28)}`,
    },
  },
  'pleat-caught': {
    front: { ink: LINE, wrong: 'M36 2 L44 21 L36 40 M52 2 L44 21 L52 40' },
    back: { ink: LINE, wrong: 'M36 2 L44 21 L36 40 M52 2 L44 21 L52 40' },
  },
};
