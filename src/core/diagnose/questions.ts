import { idsOf, type Origin, tableOf } from '../result';
import type { Cause } from './causes';
import type { Condition } from './facts';

/** One answer and its likelihood under each cause; `otherwise` under every one not named. */
export interface AnswerFacts {
  id: string;
  text: string;
  likelihood: Partial<Record<Cause, number>>;
  otherwise: number;
}

/** One question: under each cause the answers' probabilities add up to 1. */
interface QuestionRow {
  text: string;
  /** Only asked when these hold. */
  when?: readonly Condition[];
  /** Not asked when this fact is known: it answers the question. */
  unlessKnown?: 'needleHours' | 'threadCheap';
  /** To look and to answer; usually `ASK_MIN`. */
  minutes?: number;
  answers: readonly AnswerFacts[];
}

/** Time it takes to be asked and to answer where nothing has to be opened or tried, minutes (model). */
export const ASK_MIN = 0.3;
/** The answer of who does not know: it says nothing. */
export const NOT_SURE = 'not-sure';

const yesNo = (
  likelihood: Partial<Record<Cause, number>>,
  otherwise: number,
  yes = 'Yes',
  no = 'No',
): AnswerFacts[] => [
  { id: 'yes', text: yes, likelihood, otherwise },
  {
    id: 'no',
    text: no,
    likelihood: Object.fromEntries(Object.entries(likelihood).map(([cause, probability]) => [cause, 1 - probability])),
    otherwise: 1 - otherwise,
  },
];

const ANSWERED: Origin = {
  provenance: 'model',
  source: 'What people ask: common practice; how each answer counts for each cause is set by us.',
};

/** Questions whose answer can split the causes, by their ids. */
export const QUESTION = tableOf<QuestionRow>()({
  'ask-threaded-foot-up': {
    ...ANSWERED,
    text: 'Was the foot up while you threaded the machine?',
    answers: yesNo({ 'rethread-needed': 0.25 }, 0.8),
  },
  'ask-pulled': {
    ...ANSWERED,
    text: 'Did you pull the fabric, push it, or hold it back?',
    answers: yesNo({ pulled: 0.9 }, 0.2),
  },
  'ask-needle-age': {
    ...ANSWERED,
    text: 'How long have you sewn with this needle?',
    unlessKnown: 'needleHours',
    answers: [
      { id: 'new', text: 'It is new', likelihood: { 'needle-worn': 0.03 }, otherwise: 0.3 },
      { id: 'some', text: 'A few hours', likelihood: { 'needle-worn': 0.27 }, otherwise: 0.5 },
      { id: 'long', text: 'More than a day’s sewing', likelihood: { 'needle-worn': 0.7 }, otherwise: 0.2 },
    ],
  },
  'ask-thread-quality': {
    ...ANSWERED,
    text: 'Hold the thread against the light. Is it smooth and even?',
    unlessKnown: 'threadCheap',
    answers: yesNo({ 'thread-poor': 0.12 }, 0.85, 'Smooth', 'Fuzzy or lumpy'),
  },
  'ask-start': {
    ...ANSWERED,
    text: 'Where did you start sewing?',
    answers: yesNo({ 'start-at-edge': 0.95 }, 0.35, 'At the very edge', 'Inside the fabric'),
  },
  'ask-metal': {
    ...ANSWERED,
    text: 'Did you sew over a pin, a zip or anything hard?',
    answers: yesNo({ 'hit-metal': 0.85 }, 0.1),
  },
  'ask-eyes': {
    ...ANSWERED,
    text: 'What did you look at while you sewed?',
    answers: yesNo({ 'eyes-on-needle': 0.9 }, 0.3, 'The needle', 'The guide or the edge'),
  },
  'ask-foot-down': {
    ...ANSWERED,
    text: 'Was the presser foot down when you started?',
    answers: yesNo({ 'foot-up': 0.08 }, 0.95),
  },
  'ask-feed-teeth': {
    ...ANSWERED,
    text: 'Look through the plate: do the feed teeth come up as you turn the handwheel?',
    answers: yesNo({ 'feed-lowered': 0.05 }, 0.96),
  },
  'ask-length-dial': {
    ...ANSWERED,
    text: 'Does the stitch length dial still show what you set?',
    answers: yesNo({ 'length-zero': 0.1 }, 0.96),
  },
  'ask-bobbin-way': {
    ...ANSWERED,
    text: 'Pull the bobbin thread: does the bobbin turn the way the manual shows?',
    answers: yesNo({ 'bobbin-wrong-way': 0.08 }, 0.93),
  },
  'ask-bobbin-wound': {
    ...ANSWERED,
    text: 'Press the bobbin with a fingernail: is it wound firmly and evenly?',
    answers: yesNo({ 'bobbin-wound-badly': 0.1 }, 0.9),
  },
  'ask-thread-snaps': {
    ...ANSWERED,
    text: 'Give the thread a short tug between your hands. Does it snap easily?',
    answers: yesNo({ 'thread-old': 0.85, 'thread-poor': 0.4 }, 0.08),
  },
  'ask-held-tails': {
    ...ANSWERED,
    text: 'Did you hold both tails for the first stitches, with the take-up lever at its highest?',
    answers: yesNo({ 'tails-loose': 0.08, 'lever-not-up': 0.15 }, 0.6),
  },
  'ask-same-end': {
    ...ANSWERED,
    text: 'Did you sew every strip from the same end?',
    when: [['strips', '>=', 1]],
    answers: yesNo({ 'same-end-sewn': 0.95 }, 0.3),
  },
  'ask-lever': {
    ...ANSWERED,
    text: 'Turn the handwheel towards you: does the needle thread go up and down with the take-up lever?',
    answers: yesNo({ 'rethread-needed': 0.45 }, 0.97),
  },
  'ask-lint': {
    ...ANSWERED,
    text: 'Shine a light between the feed teeth: is lint packed there?',
    minutes: 0.5,
    answers: yesNo({ 'lint-in-feed': 0.88 }, 0.1),
  },
  'ask-sole': {
    ...ANSWERED,
    text: 'Slide the foot over the fabric by hand: does the sole stick or drag?',
    minutes: 0.5,
    answers: yesNo({ 'sole-sticks': 0.9, 'foot-drag': 0.3 }, 0.07),
  },
  'ask-stretch-alike': {
    ...ANSWERED,
    text: 'Pull the two layers side by side along the seam: does one stretch more than the other?',
    minutes: 0.5,
    answers: yesNo({ 'unequal-cloths': 0.93 }, 0.08),
  },
  'ask-bobbin-drag': {
    ...ANSWERED,
    text: 'Foot up, pull the bobbin thread gently: does it run with a light, even drag?',
    answers: [
      {
        id: 'even',
        text: 'Light and even',
        likelihood: { 'bobbin-tension': 0.3, 'bobbin-wound-badly': 0.45, 'bobbin-wrong-way': 0.4 },
        otherwise: 0.9,
      },
      {
        id: 'free',
        text: 'It runs freely, or in jerks',
        likelihood: { 'bobbin-tension': 0.35, 'bobbin-wound-badly': 0.5, 'bobbin-wrong-way': 0.55 },
        otherwise: 0.05,
      },
      {
        id: 'hard',
        text: 'It hardly moves',
        likelihood: { 'bobbin-tension': 0.35, 'bobbin-wound-badly': 0.05, 'bobbin-wrong-way': 0.05 },
        otherwise: 0.05,
      },
    ],
  },
  'ask-plate-hole': {
    ...ANSWERED,
    text: 'Look at the hole of the needle plate: is it nicked, or worn wide?',
    answers: yesNo({ 'plate-worn': 0.9, burr: 0.25 }, 0.05),
  },
  'ask-burr': {
    ...ANSWERED,
    text: 'Pull a bit of cotton wool over the plate’s hole and the foot. Does it catch?',
    minutes: 0.6,
    answers: yesNo({ burr: 0.8, 'plate-worn': 0.6 }, 0.05),
  },
});
export type QuestionId = keyof typeof QUESTION;
export type QuestionFacts = (typeof QUESTION)[QuestionId];
export const QUESTION_IDS = idsOf(QUESTION);

/** Minutes a question takes, with the looking. */
export const askMinutes = ({ minutes = ASK_MIN }: Pick<QuestionFacts, 'minutes'>): number => minutes;
