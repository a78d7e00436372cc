import * as z from 'zod';
import { type StitchId, STITCHES } from '../stitch';
import { above0, oneOf, within, wholeWithin, words } from '../result';
import { calibrationSchema } from './calibration';
import { FEET, PLATES } from './feet';
import { SHANKS } from './shanks';

const dialPosition = z.union([z.number(), words('a dial position', 20)], {
  error: 'expected a number or a word printed on the dial',
});

const pressureDialSchema = z
  .strictObject({
    positions: z.array(dialPosition).min(2, 'expected two positions or more'),
    normal: dialPosition,
  })
  .refine((dial) => dial.positions.includes(dial.normal), {
    path: ['normal'],
    error: 'expected one of the positions',
  });

const tensionDialSchema = z
  .strictObject({
    min: within(-20, 20, 'a number on the dial'),
    max: within(-20, 100, 'a number on the dial'),
    normal: within(-20, 100, 'a number on the dial'),
    step: above0('a step', 10).default(0.5),
  })
  .refine((d) => d.min < d.max, { path: ['max'], error: 'expected more than min' })
  .refine((d) => d.normal >= d.min && d.normal <= d.max, {
    path: ['normal'],
    error: 'expected a number between min and max',
  });

/** A machine: what it can sew and what is printed on its dials. Lengths in mm, speed in stitches a minute. */
export const machineSchema = z.strictObject({
  name: words('a name').optional(),
  stitches: z.array(oneOf(STITCHES)),
  maxLengthMm: above0('a length in mm', 12),
  lengthStepMm: above0('a step in mm', 2).default(0.1),
  maxWidthMm: within(0, 12, 'a width in mm'),
  widthStepMm: above0('a step in mm', 2).default(0.1),
  plates: z.array(oneOf(PLATES)),
  straightHoleMm: within(-5, 5, 'a place in mm').default(0),
  shank: oneOf(SHANKS),
  pressureDial: pressureDialSchema.nullable(),
  tensionDial: tensionDialSchema,
  footLiftMm: above0('a lift in mm', 20),
  extraLiftMm: within(0, 10, 'a lift in mm').default(0),
  speedSpm: above0('a speed', 5000),
  needlePositions: wholeWithin(1, 60, 'a number of needle positions'),
  reverse: z.boolean({ error: 'expected true or false' }).default(true),
  /** It ties off by itself at both ends. */
  autoLock: z.boolean({ error: 'expected true or false' }).default(false),
  /** It can stop with the needle down. */
  needleStop: z.boolean({ error: 'expected true or false' }).default(false),
  /** What is printed on the machine beside each stitch, such as 07. */
  stitchLabels: z.partialRecord(oneOf(STITCHES), words('what is printed beside the stitch', 12)).optional(),
  /** The feet that fit it; left out, every foot of the kit fits. */
  feet: z.array(oneOf(FEET)).optional(),
  offsets: z
    .strictObject({
      tensionSteps: within(-5, 5, 'tension steps').optional(),
      pressure: within(-1, 1, 'a share').optional(),
      lengthFactor: within(0.5, 1.5, 'true mm for each mm on the dial').optional(),
    })
    .optional(),
});

/** A machine as its owner knows it: with what was measured on it. */
export const ownMachineSchema = machineSchema.safeExtend({ calibration: calibrationSchema.optional() });
export type Machine = z.infer<typeof ownMachineSchema>;

/** What a plain modern domestic machine sews. Named one by one: a stitch added later does not join by itself. */
const PLAIN_STITCHES: readonly StitchId[] = [
  'straight',
  'zigzag',
  'triple-straight',
  'lightning',
  'three-step-zigzag',
  'step-cross',
  'overlock-like',
  'bridging',
  'blind',
  'stretch-blind',
  'satin',
  'buttonhole',
];

/** What is assumed when nothing is said of the machine: a plain modern domestic one. */
export const PLAIN_MACHINE: Machine = {
  name: 'a plain domestic machine',
  stitches: [...PLAIN_STITCHES],
  maxLengthMm: 5,
  lengthStepMm: 0.1,
  maxWidthMm: 7,
  widthStepMm: 0.1,
  plates: [...PLATES],
  straightHoleMm: 0,
  shank: 'low',
  pressureDial: { positions: [0, 1, 2, 3], normal: 2 },
  tensionDial: { min: 0, max: 9, normal: 4, step: 0.5 },
  footLiftMm: 5,
  extraLiftMm: 2,
  speedSpm: 750,
  needlePositions: 13,
  reverse: true,
  autoLock: false,
  needleStop: false,
};
