import * as z from 'zod';
import type { Origin } from '../result';

/** A question on which good practitioners differ, the answers taught, and the one Bobbet starts from. */
export interface School extends Origin {
  question: string;
  asks: string;
  names: readonly [string, ...string[]];
  default: string;
  why: string;
}

const TAUGHT = {
  provenance: 'common-practice',
  source: 'Teachers differ here; which one Bobbet starts from is our choice.',
} as const;

/** Every question, in the order a seam raises them. */
export const SCHOOLS = [
  {
    ...TAUGHT,
    question: 'knit-stitch',
    asks: 'Construction stitch on knits',
    names: ['by-give', 'zigzag', 'wide-zigzag', 'triple-straight', 'slanted'],
    default: 'by-give',
    why: 'The stitch that gives enough with the least fuss, whichever it is.',
  },
  {
    ...TAUGHT,
    question: 'awkward-length',
    asks: 'Stitch length on awkward cloth',
    names: ['by-family', 'longer', 'shorter'],
    default: 'by-family',
    why: 'Longer makes fewer holes in knits, shorter a finer line in silk: the cloth decides, never one rule.',
  },
  {
    ...TAUGHT,
    question: 'knit-pressure',
    asks: 'Presser pressure on knits',
    names: ['light', 'lowest', 'about-one', 'normal'],
    default: 'light',
    why: 'Light, and lowest where the fabric recovers poorly.',
  },
  {
    ...TAUGHT,
    question: 'thin-silk-pressure',
    asks: 'Presser pressure on thin silk',
    names: ['normal', 'raise'],
    default: 'normal',
    why: 'Normal; raise it if the feeding slips.',
  },
  {
    ...TAUGHT,
    question: 'walking-foot',
    asks: 'Walking foot',
    names: ['when-needed', 'always', 'glide'],
    default: 'when-needed',
    why: 'On when the layers would creep more than {2 mm} in {300 mm}.',
  },
  {
    ...TAUGHT,
    question: 'securing',
    asks: 'Securing the ends',
    names: ['by-cloth', 'back-stitch', 'lock', 'knot'],
    default: 'by-cloth',
    why: 'Knotted by hand on silk, foam and leather; back-stitched elsewhere.',
  },
  {
    ...TAUGHT,
    question: 'cotton-knit-thread',
    asks: 'Thread on all-cotton knits without elastane',
    names: ['by-give', 'cotton', 'polyester'],
    default: 'by-give',
    why: 'Cotton does not cut the cloth; polyester where the seam must give more than about 30 %.',
  },
  {
    ...TAUGHT,
    question: 'knit-point',
    asks: 'Ballpoint or stretch needle',
    names: ['by-elastane', 'by-drape', 'until-it-skips'],
    default: 'by-elastane',
    why: 'Ballpoint; stretch from about 10 % elastane, on very stretchy cloth, or after a skip.',
  },
  {
    ...TAUGHT,
    question: 'universal-on-knits',
    asks: 'Universal needle on knits',
    names: ['never', 'allow'],
    default: 'never',
    why: 'A ballpoint costs little and cuts no loops.',
  },
  {
    ...TAUGHT,
    question: 'knit-edges',
    asks: 'Raw edges of knits',
    names: ['leave', 'zigzag-row', 'trim'],
    default: 'leave',
    why: 'They do not fray; a finish is offered where the cloth comes back well.',
  },
  {
    ...TAUGHT,
    question: 'knit-hem',
    asks: 'Hem on knits',
    names: ['by-give', 'twin-tape', 'narrow-zigzag', 'triple'],
    default: 'by-give',
    why: 'The line that gives enough, whichever it is.',
  },
  {
    ...TAUGHT,
    question: 'concealed-zip',
    asks: 'Concealed zip',
    names: ['baste-first', 'straight-to-it'],
    default: 'baste-first',
    why: 'Basted first, the two sides end level.',
  },
  {
    ...TAUGHT,
    question: 'centred-zip',
    asks: 'Centred zip',
    names: ['in-one', 'from-below'],
    default: 'in-one',
    why: 'Down, across and up in one go: nothing is changed over.',
  },
  {
    ...TAUGHT,
    question: 'quilting-lines',
    asks: 'Quilting lines',
    names: ['same-way', 'other-end'],
    default: 'same-way',
    why: 'All the same way, the rows cannot twist against each other.',
  },
  {
    ...TAUGHT,
    question: 'needle-life',
    asks: 'How long a needle lasts',
    names: ['five-hours', 'eight-hours', 'every-project', 'when-trouble'],
    default: 'five-hours',
    why: '5 hours counted, faster on hand-woven cloth and paper.',
  },
  {
    ...TAUGHT,
    question: 'bobbin-tension',
    asks: 'Bobbin tension',
    names: ['last-resort', 'adjust-for-twin', 'never'],
    default: 'last-resort',
    why: 'Only when everything else has failed, and with the manual beside it.',
  },
  {
    ...TAUGHT,
    question: 'holding',
    asks: 'Holding the layers',
    names: ['by-cloth', 'pins', 'clips', 'weights', 'glue'],
    default: 'by-cloth',
    why: 'Pins where holes close, clips where they stay or the layers are thick.',
  },
] as const satisfies readonly School[];

export type SchoolQuestion = (typeof SCHOOLS)[number]['question'];

type Names = { [Q in SchoolQuestion]: Extract<(typeof SCHOOLS)[number], { question: Q }>['names'][number] };

type Shape = { [Q in SchoolQuestion]: z.ZodDefault<z.ZodType<Names[Q], Names[Q]>> };

const shape = Object.fromEntries(
  SCHOOLS.map(({ question, names, default: usual }) => [
    question,
    z.enum(names as unknown as [string], { error: `expected one of ${names.join(', ')}` }).default(usual),
  ]),
) as unknown as Shape;

/** Chosen schools; a question left out takes its default. */
export const schoolsSchema = z.strictObject(shape);
export type Schools = Names;

/**
 * A school's name for a screen.
 *
 * @param name - as stored
 * @returns in words
 * @example
 * schoolName('wide-zigzag') // => 'wide zigzag'
 */
export const schoolName = (name: string) => name.replaceAll('-', ' ');

/** Every question at its default. */
export const USUAL_SCHOOLS: Schools = schoolsSchema.parse({});
