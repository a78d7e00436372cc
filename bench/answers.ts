/** Someone at the simulated machine who looks where the diagnosis asks to look. What is seen there follows from the machine alone. */
import type { QuestionId } from '../src/core/diagnose';
import { seeded } from '../src/core/random';
import type { Trouble } from '../src/core/standin';

/** So many questions are answered with "not sure", whatever there is to see. */
const NOT_SURE_SHARE = 0.1;
/** Wear that is plain to see or to feel. */
const PLAIN = 0.4;

const yes = (is: boolean) => (is ? 'yes' : 'no');

/** What is seen or remembered, by question. */
const SEEN: Record<QuestionId, (trouble: Trouble) => string> = {
  'ask-threaded-foot-up': () => 'yes',
  'ask-pulled': ({ pulled }) => yes(pulled > 0),
  'ask-needle-age': ({ needleWear }) => (needleWear > PLAIN ? 'long' : 'some'),
  'ask-thread-quality': ({ threadFuzz }) => yes(threadFuzz < PLAIN),
  'ask-start': ({ begunAtEdge }) => yes(begunAtEdge > 0),
  'ask-metal': ({ metal }) => yes(metal > 0),
  'ask-eyes': () => 'no',
  'ask-foot-down': () => 'yes',
  'ask-feed-teeth': ({ feedLowered }) => yes(feedLowered === 0),
  'ask-length-dial': ({ lengthZero }) => yes(lengthZero === 0),
  'ask-bobbin-way': ({ bobbinTurned }) => yes(bobbinTurned === 0),
  'ask-bobbin-wound': ({ bobbinSoft }) => yes(bobbinSoft < PLAIN),
  'ask-thread-snaps': ({ threadOld }) => yes(threadOld > PLAIN),
  'ask-held-tails': ({ tailsLoose, leverDown }) => yes(tailsLoose === 0 && leverDown === 0),
  'ask-same-end': ({ sameEnd }) => yes(sameEnd > 0),
  'ask-lever': ({ leverMissed }) => yes(leverMissed === 0),
  'ask-lint': ({ lint }) => yes(lint > PLAIN),
  'ask-sole': ({ soleSticks }) => yes(soleSticks > PLAIN),
  'ask-stretch-alike': ({ unequalCloths }) => yes(unequalCloths > 0),
  'ask-bobbin-drag': ({ bobbinScrew, bobbinSoft, bobbinTurned }) => {
    if (bobbinScrew > 1) return 'hard';
    return bobbinScrew < -1 || bobbinSoft > PLAIN || bobbinTurned > 0 ? 'free' : 'even';
  },
  'ask-plate-hole': ({ slotWide }) => yes(slotWide > PLAIN),
  // A hole that is worn wide is as smooth as a new one.
  'ask-burr': () => 'no',
};

/**
 * The answer of someone who looks, and who is not sure of one question in ten.
 *
 * @param question - the question's id
 * @param trouble - what is wrong with the machine
 * @param seed - the same seed is unsure of the same questions
 */
export function answerOf(question: QuestionId, trouble: Trouble, seed: number): string {
  const place = Object.keys(SEEN).indexOf(question);
  return seeded(seed * 101 + place).next() < NOT_SURE_SHARE ? 'not-sure' : SEEN[question](trouble);
}
