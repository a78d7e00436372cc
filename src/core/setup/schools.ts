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
    asks: 'Seams in knits',
    names: ['by-give', 'zigzag', 'wide-zigzag', 'triple-straight', 'slanted'],
    default: 'by-give',
    why: 'Bobbet’s choice: the stitch that stretches enough with the least fuss.',
  },
  {
    ...TAUGHT,
    question: 'awkward-length',
    asks: 'Stitch length on awkward fabric',
    names: ['by-family', 'longer', 'shorter'],
    default: 'by-family',
    why: 'Longer makes fewer holes in knits, shorter a finer line in silk: it depends on the fabric.',
  },
  {
    ...TAUGHT,
    question: 'knit-pressure',
    asks: 'Presser pressure on knits',
    names: ['light', 'lowest', 'about-one', 'normal'],
    default: 'light',
    why: 'Light, and lightest where the fabric recovers poorly.',
  },
  {
    ...TAUGHT,
    question: 'thin-silk-pressure',
    asks: 'Presser pressure on thin silk',
    names: ['normal', 'raise'],
    default: 'normal',
    why: 'Normal; more if the fabric slips.',
  },
  {
    ...TAUGHT,
    question: 'walking-foot',
    asks: 'Walking foot',
    names: ['when-needed', 'always', 'glide'],
    default: 'when-needed',
    why: 'On when the layers would shift more than {2 mm} in {300 mm}.',
  },
  {
    ...TAUGHT,
    question: 'securing',
    asks: 'Securing the ends',
    names: ['by-cloth', 'back-stitch', 'lock', 'knot'],
    default: 'by-cloth',
    why: 'Knotted by hand on silk, foam and leather; backstitched on other fabrics.',
  },
  {
    ...TAUGHT,
    question: 'cotton-knit-thread',
    asks: 'Thread on all-cotton knits without elastane',
    names: ['by-give', 'cotton', 'polyester'],
    default: 'by-give',
    why: 'Cotton does not cut the fabric; polyester where the seam must stretch more than about 30%.',
  },
  {
    ...TAUGHT,
    question: 'knit-point',
    asks: 'Ballpoint or stretch needle',
    names: ['by-elastane', 'by-drape', 'until-it-skips'],
    default: 'by-elastane',
    why: 'Ballpoint; stretch from about 10% elastane, on very stretchy fabric, or after a skip.',
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
    why: 'They do not fray. Bobbet suggests a finish where the fabric recovers well.',
  },
  {
    ...TAUGHT,
    question: 'knit-hem',
    asks: 'Hem on knits',
    names: ['by-give', 'twin-tape', 'narrow-zigzag', 'triple'],
    default: 'by-give',
    why: 'Bobbet’s choice: the row that stretches enough.',
  },
  {
    ...TAUGHT,
    question: 'concealed-zip',
    asks: 'Concealed zip',
    names: ['baste-first', 'straight-to-it'],
    default: 'baste-first',
    why: 'Tacked first, so that both sides end level.',
  },
  {
    ...TAUGHT,
    question: 'centred-zip',
    asks: 'Centred zip',
    names: ['in-one', 'from-below'],
    default: 'in-one',
    why: 'Down, across and up in one go: no changing over.',
  },
  {
    ...TAUGHT,
    question: 'quilting-lines',
    asks: 'Quilting lines',
    names: ['same-way', 'other-end'],
    default: 'same-way',
    why: 'If all rows run the same way, they cannot twist against each other.',
  },
  {
    ...TAUGHT,
    question: 'needle-life',
    asks: 'How long a needle lasts',
    names: ['five-hours', 'eight-hours', 'every-project', 'when-trouble'],
    default: 'five-hours',
    why: 'Counted as 5 hours of sewing, fewer on hand-woven fabric and paper.',
  },
  {
    ...TAUGHT,
    question: 'bobbin-tension',
    asks: 'Bobbin tension',
    names: ['last-resort', 'adjust-for-twin', 'never'],
    default: 'last-resort',
    why: 'Only when nothing else has helped, with the manual to hand.',
  },
  {
    ...TAUGHT,
    question: 'holding',
    asks: 'Holding the layers',
    names: ['by-cloth', 'pins', 'clips', 'weights', 'glue'],
    default: 'by-cloth',
    why: 'Pins where holes close; clips where holes stay or the layers are thick.',
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

/** An answer to one of the questions. */
export type SchoolName = Names[SchoolQuestion];

/** Each answer in words that follow "You use:". */
const SCHOOL_NAMES: Readonly<Record<SchoolName, string>> = {
  'by-give': 'whatever stretches enough',
  zigzag: 'a short, narrow zigzag',
  'wide-zigzag': 'a short, wide zigzag',
  'triple-straight': 'triple straight',
  slanted: 'the slanted stretch stitch',
  'by-family': 'whatever suits the fabric',
  longer: 'longer stitches',
  shorter: 'shorter stitches',
  light: 'light',
  lowest: 'the lowest',
  'about-one': 'about one step above the lowest',
  normal: 'normal',
  raise: 'a little more',
  'when-needed': 'when the layers would creep',
  always: 'always',
  glide: 'a glide-soled foot instead',
  'by-cloth': 'whatever suits the fabric',
  'back-stitch': 'backstitch',
  lock: 'the machine’s lock stitch',
  knot: 'knots, by hand',
  cotton: 'cotton',
  polyester: 'polyester',
  'by-elastane': 'stretch from 10% elastane',
  'by-drape': 'stretch if the fabric drapes',
  'until-it-skips': 'ballpoint until it skips',
  never: 'never',
  allow: 'on a good machine',
  leave: 'leave them',
  'zigzag-row': 'a zigzag row',
  trim: 'trim them',
  'twin-tape': 'a twin needle and tape',
  'narrow-zigzag': 'a narrow zigzag',
  triple: 'triple straight',
  'baste-first': 'tacked first',
  'straight-to-it': 'straight into the groove',
  'in-one': 'in one go',
  'from-below': 'both sides from the bottom',
  'same-way': 'all the same way',
  'other-end': 'from alternate ends',
  'five-hours': '5 hours',
  'eight-hours': '8 hours',
  'every-project': 'one project',
  'when-trouble': 'until there is trouble',
  'last-resort': 'changed as a last resort',
  'adjust-for-twin': 'changed for twin needles',
  pins: 'pins',
  clips: 'clips',
  weights: 'weights and tacking',
  glue: 'fabric glue',
};

/**
 * A school's name for a screen.
 *
 * @param name - as stored
 * @returns in words
 * @example
 * schoolName('wide-zigzag') // => 'a short, wide zigzag'
 */
export const schoolName = (name: SchoolName): string => SCHOOL_NAMES[name];

/** Every question at its default. */
export const USUAL_SCHOOLS: Schools = schoolsSchema.parse({});
