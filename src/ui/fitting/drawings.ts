import type { FittedFoot } from '@/core/kit';

/** A word beside a part, at x and y; it reads away from the part. */
type Word = readonly [x: number, y: number, text: string, anchor?: 'start' | 'middle' | 'end'];

/** A foot as it is fitted, as paths in a field of 340 by 220. */
export interface FittingLook {
  /** What is seen, for those who cannot. */
  label: string;
  /** Fabric, tape or binding. */
  cloth?: string;
  /** Parts of metal: plates with an ink border. */
  metal: string;
  /** Edges, threads and screws. */
  ink?: string;
  /** What has to be where: the point of the whole drawing. */
  mind: string;
  /** Where the needle goes down. */
  needle?: readonly [x: number, y: number];
  words: readonly Word[];
}

/** Needle bar, clamp, presser bar and plate from the front, as every machine has them. */
const HEAD = 'M168 0 H184 V84 H168 Z M160 84 H192 V108 H160 Z M206 87 H218 V105 H206 Z M126 0 H140 V96 H126 Z';
const HEAD_INK = 'M192 96 H206 M176 108 V188 L174 196 M40 201 H300 M150 201 v9 M158 201 v9 M194 201 v9 M202 201 v9';
const SHANK = 'M116 96 H150 V150 H116 Z M98 112 H116 V130 H98 Z';
const ON_THE_BAR: readonly Word[] = [
  [92, 118, 'its screw: a quarter', 'end'],
  [92, 134, 'turn more', 'end'],
];

/** How each foot is fitted, as a drawing. */
export const FITTING_LOOK: Readonly<Record<FittedFoot, FittingLook>> = {
  walking: {
    label: 'From the front: the arm of the walking foot lies over the needle clamp',
    metal: `${HEAD} ${SHANK} M116 150 H240 V172 H116 Z M128 172 H166 V197 H128 Z M186 172 H224 V197 H186 Z`,
    ink: `${HEAD_INK} M132 197 l4 -6 l4 6 l4 -6 l4 6 l4 -6 l4 6 M194 197 l4 -6 l4 6 l4 -6 l4 6 l4 -6 l4 6`,
    mind: 'M232 150 V80 H196',
    words: [[242, 84, 'arm over'], [242, 100, 'the clamp'], ...ON_THE_BAR],
  },
  knit: {
    label: 'From the front: the spring arm lies over the needle clamp',
    metal: `${HEAD} ${SHANK} M116 150 H226 V168 H116 Z M130 168 H168 V197 H130 Z M184 168 H222 V197 H184 Z`,
    ink: HEAD_INK,
    mind: 'M218 150 l8 -6 l-16 -6 l16 -6 l-16 -6 l16 -6 V80 H196',
    words: [[242, 84, 'spring arm'], [242, 100, 'over the clamp'], ...ON_THE_BAR],
  },
  zip: {
    label: 'From above: the bar is on the tape, the needle in its notch, the teeth on the other side',
    cloth: 'M70 10 H250 V210 H70 Z',
    metal: 'M96 34 H172 V98 H158 V126 H172 V190 H96 Z',
    ink: 'M250 10 V210 M204 10 V210 M220 10 V210 M204 20 h8 M212 30 h8 M204 40 h8 M212 50 h8 M204 60 h8 M212 70 h8 M204 80 h8 M212 90 h8 M204 100 h8 M212 110 h8 M204 120 h8 M212 130 h8 M204 140 h8 M212 150 h8 M204 160 h8 M212 170 h8 M204 180 h8 M212 190 h8 M204 200 h8',
    mind: 'M168 84 V98 H158 V126 H168 V140',
    needle: [168, 112],
    words: [
      [90, 106, 'bar, never', 'end'],
      [90, 122, 'on the teeth', 'end'],
      [262, 106, 'teeth'],
      [262, 36, 'tape'],
      [134, 80, 'notch', 'middle'],
    ],
  },
  'blind-hem': {
    label: 'From above: the guide runs along the fold, the needle swings over to it',
    cloth: 'M30 14 H178 V206 H30 Z',
    metal: 'M110 40 H240 V150 H200 V96 H150 V150 H110 Z',
    ink: 'M206 14 V206 M186 158 v10 M186 176 v10 M186 194 v8',
    mind: 'M178 40 V206',
    needle: [172, 112],
    words: [
      [104, 190, 'fold', 'end'],
      [252, 96, 'guide along'],
      [252, 112, 'the fold'],
      [216, 190, 'edge of the hem'],
    ],
  },
  'rolled-hem': {
    label: 'From above: the raw edge runs up into the curl in front of the needle',
    cloth: 'M30 14 H172 C180 70 204 110 214 206 H30 Z',
    metal: 'M110 30 H236 V150 H110 Z',
    ink: 'M172 14 V64 M168 14 V2 M176 14 V2 M214 206 C208 176 200 160 192 150',
    mind: 'M192 150 C206 128 206 104 188 100 C170 98 168 120 182 122',
    needle: [170, 72],
    words: [
      [250, 118, 'the edge turns'],
      [250, 134, 'over in the curl'],
      [226, 196, 'raw edge, held up'],
      [160, 12, 'tails held', 'end'],
    ],
  },
  binding: {
    label: 'From above: the binding comes folded through the funnel, the raw edge in its slot',
    cloth: 'M20 40 H160 V206 H20 Z',
    metal: 'M112 30 H236 V120 H112 Z M150 120 H196 L250 196 H206 Z',
    ink: 'M214 196 L230 216 M240 196 L258 216 M160 120 V206',
    mind: 'M160 62 V206',
    needle: [166, 76],
    words: [
      [250, 130, 'binding through'],
      [250, 146, 'the funnel'],
      [148, 150, 'raw edge in', 'end'],
      [148, 166, 'the slot', 'end'],
    ],
  },
  buttonhole: {
    label: 'From above: the button in its holder, the lever down between the two stops',
    cloth: 'M40 10 H300 V210 H40 Z',
    metal: 'M130 16 H220 V204 H130 Z M156 96 H194 V190 H156 Z',
    ink: 'M175 20 a22 22 0 1 0 0.1 0 M167 38 h4 M179 38 h4 M167 46 h4 M179 46 h4 M130 108 h-10 v10 h10 M130 164 h-10 v10 h10',
    mind: 'M104 96 V141 H124',
    needle: [175, 112],
    words: [
      [232, 46, 'button'],
      [98, 130, 'lever between', 'end'],
      [98, 146, 'the stops', 'end'],
      [232, 116, 'thread down'],
      [232, 132, 'and out'],
    ],
  },
};
