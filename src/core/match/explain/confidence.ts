import { FAMILY, isFineSlippery, type Measurable, STRUCTURE } from '../../cloth';
import type { Risk } from '../../physics';
import type { Question } from '../question';

/** How much each unmeasured property takes from confidence, on cloth that stretches and on cloth that does not. */
const UNMEASURED: Record<Measurable, { stretchy: number; firm: number; text: string }> = {
  stretchAcross: { stretchy: 0.16, firm: 0.01, text: 'stretch across is assumed' },
  stretchAlong: { stretchy: 0.04, firm: 0.01, text: 'stretch along is assumed' },
  recovery: { stretchy: 0.07, firm: 0, text: 'recovery is assumed' },
  massGsm: { stretchy: 0.05, firm: 0.06, text: 'its weight is assumed' },
  thicknessMm: { stretchy: 0.04, firm: 0.04, text: 'its thickness is assumed' },
};

/** Confidence before a swatch has been sewn: a model and common practice justify no more than this. */
const UNTESTED = 0.78;
/** What a card on the very same cloth, seam and machine adds. */
const PROVEN = 0.2;

/** What makes a seam hard to foresee, however well its fabric is known (model). */
const HARD: readonly { by: number; text: string; when: (seam: Question['seam']) => boolean }[] = [
  {
    by: 0.1,
    text: 'every hole stays, so nothing can be sewn twice',
    when: ({ profile }) => STRUCTURE[profile.structure].holesStay !== undefined,
  },
  { by: 0.1, text: 'two fabrics that behave differently', when: ({ each }) => each.length > 0 },
  { by: 0.08, text: 'so many layers that the foot tips', when: ({ thicknessMm }) => thicknessMm > 2 },
  { by: 0.06, text: 'a pile, which shifts', when: ({ profile }) => profile.traits.includes('napped') },
  { by: 0.06, text: 'fine fabric that slips', when: ({ profile }) => isFineSlippery(profile) },
];

const harder = ({ seam }: Question) => HARD.filter(({ when }) => when(seam)).map(({ by, text }) => ({ by, text }));

/**
 * The confidence in an answer, and what it rests on.
 *
 * A plain budget, not a probability: it starts below 1 because nothing has been sewn, and every assumption and
 * every remaining risk takes its share.
 *
 * @param question - opened question
 * @param risks - what remains with the chosen setting
 * @returns 0 … 1 and the drivers, strongest first
 */
export function confidenceIn(question: Question, risks: readonly Risk[]): { value: number; drivers: string[] } {
  const { profile } = question.seam;
  const stretchy = STRUCTURE[profile.structure].stretches === true;
  const takes = (Object.keys(UNMEASURED) as Measurable[])
    .filter((property) => profile[property].source === 'inferred')
    .map((property) => ({
      by: UNMEASURED[property][stretchy ? 'stretchy' : 'firm'],
      text: UNMEASURED[property].text,
    }));
  if (profile.family === 'other') takes.push({ by: 0.2, text: 'the kind of fabric is not known' });
  else if (FAMILY[profile.family].structure !== profile.structure)
    takes.push({ by: 0.1, text: 'it is built unlike others of its kind' });
  takes.push(...harder(question));
  const worst = risks[0];
  if (worst && worst.level > 0.1)
    takes.push({
      by: Math.min(0.3, worst.level / 3),
      text: `least certain: ${worst.why.toLowerCase().replace(/\.$/, '')}`,
    });
  const near = question.learned.near;
  const proof = near.reduce((most, { weight }) => Math.max(most, weight), 0);
  // What was proven on nearly the same cloth makes most assumptions matter less.
  const value = takes.reduce((left, { by }) => left - by * (1 - 0.7 * proof), UNTESTED + PROVEN * proof);
  const drivers = takes.filter(({ by }) => by > 0.005).sort((a, b) => b.by - a.by);
  return {
    value: Math.round(Math.max(0.05, value) * 100) / 100,
    drivers: [
      proof > 0 ? `based on ${near.length} tested ${near.length === 1 ? 'card' : 'cards'}` : 'not tested yet',
      ...drivers.map(({ text }) => text),
    ],
  };
}
