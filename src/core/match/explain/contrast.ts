import { giveOfSetup } from '../../physics';
import { type Reading, READING_TEXT, type Setup, setupChanges } from '../../setup';
import { type Sign, SIGN_TEXT } from '../../stitch';
import { lowerFirst } from '../../units';
import { type MatchInput, openQuestion, type Question } from '../question';
import type { Rule, Ruled } from '../rules/aimTypes';
import { lossesOf } from './losses';
import { riskChanges } from './riskChange';

/** Why one setting was preferred to another, what the other costs, and the line that would settle it. */
export interface Contrast {
  /** What differs, in words: "Stitch: Triple straight instead of zigzag". */
  changed: string[];
  /** The one reason that counted most; null where nothing speaks against it. */
  reason: string | null;
  /** What it costs in stretch, thread, time and unpicking; empty where nothing. */
  costs: string;
  /** The line on scrap that would settle it. */
  settle: string;
}

/** Readings that are a part and no dial. */
const PART_READINGS: readonly Reading[] = ['needle', 'plate', 'foot', 'thread', 'stitch'];

/** Parts that a rule may weigh, with where their costs stand. */
const PARTS = {
  point: ({ needle }: Setup) => needle.point,
  fibre: ({ thread }: Setup) => thread.fibre,
  foot: ({ foot }: Setup) => foot,
  plate: ({ plate }: Setup) => plate,
  stitch: ({ stitch }: Setup) => stitch,
} as const;

/**
 * The recommended setting against another one that somebody chose.
 *
 * @param input - the question
 * @param best - what was answered
 * @param other - what is asked about
 * @returns what differs, the reason that counts most, the cost and the test; nothing differs where both are the same
 */
export function contrast(input: MatchInput, best: Setup, other: Setup): Contrast {
  const question = openQuestion(input);
  const changed = changesBetween(question, best, other);
  const worst = worseRisk(question, best, other);
  return {
    changed,
    reason: tooLittle(question, other) ?? ruledAgainst(question, best, other, worst?.more ?? 0) ?? worst?.text ?? null,
    costs: lossesOf(question, best, other, 'costs'),
    settle: settleBy(question, other, worst?.sign ?? null),
  };
}

/** What differs as the machine reads it. Another part brings its own sizes: then only the parts are named. */
function changesBetween({ machine }: Question, best: Setup, other: Setup): string[] {
  const changes = setupChanges(machine, best, other);
  const parts = changes.filter(({ reading }) => PART_READINGS.includes(reading));
  return (parts.length > 0 ? parts : changes).map(({ reading, from, to }) =>
    PART_READINGS.includes(reading)
      ? `${READING_TEXT[reading]}: ${to} instead of ${lowerFirst(from ?? '')}`
      : `${READING_TEXT[reading]}: ${to} instead of ${from}`,
  );
}

function tooLittle({ seam }: Question, other: Setup): string | null {
  const { percent } = seam.required;
  const [low] = giveOfSetup(seam, other);
  return low < percent ? `It stretches about ${Math.floor(low)}%; the seam must stretch ${percent}%.` : null;
}

/** A rule counts for more than a risk when it costs as much as one plain to see. */
const RULE_COUNTS = 0.3;

/** The rule that costs the other setting most, unless a risk rises by more. */
function ruledAgainst({ aims }: Question, best: Setup, other: Setup, risk: number): string | null {
  let most: { more: number; rule: Rule | null } = { more: Math.max(RULE_COUNTS, risk), rule: null };
  for (const [name, of] of Object.entries(PARTS)) {
    const table = aims[name as keyof typeof PARTS] as Ruled<string>;
    const [now, then] = [table[of(best)], table[of(other)]];
    const more = (then.cost ?? Infinity) - (now.cost ?? 0);
    if (more <= most.more) continue;
    most = { more, rule: then.speaksFor ? null : (now.speaksFor ?? then.rule) };
  }
  return most.rule?.text ?? null;
}

/** A risk that rises by less than this is not the reason. */
const COUNTS = 0.03;

function worseRisk({ seam }: Question, best: Setup, other: Setup): { sign: Sign; more: number; text: string } | null {
  const [worst] = riskChanges(seam, best, other);
  if (!worst || worst.more <= COUNTS) return null;
  return { sign: worst.sign, more: worst.more, text: `${SIGN_TEXT[worst.sign]}: ${lowerFirst(worst.why)}` };
}

/** How long a line on scrap is, mm. */
const LINE_MM = 100;

function settleBy({ seam }: Question, other: Setup, sign: Sign | null): string {
  const rows = `Sew {${LINE_MM} mm} with each, side by side on one scrap of ${seam.layers} layers`;
  const { percent } = seam.required;
  if (percent > 0 && giveOfSetup(seam, other)[0] < percent * 1.1)
    return `${rows}, and stretch both to ${Math.ceil(percent * 1.1)}%: if one pops, use the other.`;
  return sign === null
    ? `${rows}, and use the one that looks better.`
    : `${rows}, and look for “${SIGN_TEXT[sign].toLowerCase()}”.`;
}
