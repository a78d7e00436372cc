import { z } from 'zod';

/** A question on which good practitioners differ, the answers taught, and the one Bobbet starts from. */
export interface School {
  question: string;
  asks: string;
  names: readonly [string, ...string[]];
  default: string;
  why: string;
}

/** The questions that change a setting so far. */
export const SCHOOLS = [
  {
    question: 'knit-stitch',
    asks: 'Construction stitch on knits',
    names: ['by-give', 'zigzag', 'triple-straight', 'slanted'],
    default: 'by-give',
    why: 'The stitch that gives enough with the least fuss, whichever it is.',
  },
  {
    question: 'knit-pressure',
    asks: 'Presser pressure on knits',
    names: ['light', 'lowest', 'normal'],
    default: 'light',
    why: 'Light, and lowest where the cloth comes back badly.',
  },
  {
    question: 'thin-silk-pressure',
    asks: 'Presser pressure on thin silk',
    names: ['normal', 'raise'],
    default: 'normal',
    why: 'Normal; raise it if the feeding slips.',
  },
  {
    question: 'cotton-knit-thread',
    asks: 'Thread on all-cotton knits without elastane',
    names: ['by-give', 'cotton', 'polyester'],
    default: 'by-give',
    why: 'Cotton does not cut the cloth; polyester where the seam must give more than about 30 %.',
  },
  {
    question: 'walking-foot',
    asks: 'Walking foot',
    names: ['when-needed', 'always'],
    default: 'when-needed',
    why: 'On when the layers would creep more than 2 mm in 300 mm.',
  },
] as const satisfies readonly School[];

export type SchoolQuestion = (typeof SCHOOLS)[number]['question'];

/** One school: the question and the answer chosen. */
export interface SchoolChoice {
  question: SchoolQuestion;
  name: string;
}

/** Chosen schools; a question left out takes its default. */
export const schoolsSchema = z.strictObject({
  'knit-stitch': z.enum(SCHOOLS[0].names).default(SCHOOLS[0].default),
  'knit-pressure': z.enum(SCHOOLS[1].names).default(SCHOOLS[1].default),
  'thin-silk-pressure': z.enum(SCHOOLS[2].names).default(SCHOOLS[2].default),
  'cotton-knit-thread': z.enum(SCHOOLS[3].names).default(SCHOOLS[3].default),
  'walking-foot': z.enum(SCHOOLS[4].names).default(SCHOOLS[4].default),
});
export type Schools = z.infer<typeof schoolsSchema>;
