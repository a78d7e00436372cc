import { FOOT, needleName, PLATE, threadName } from '../../kit';
import { giveOfSetup, tellRisks } from '../../physics';
import { type ChosenPart, type Setup } from '../../setup';
import { type Sign, SIGN_TEXT, STITCH } from '../../stitch';
import { formatNumber } from '../../units';
import { type MatchInput, openQuestion, type Question } from '../question';
import type { Rule, Ruled } from '../rules/aimTypes';
import { hazardsOf } from './assess';
import { lossesOf } from './losses';

/** Why one setting was preferred to another, what the other costs, and the line that would settle it. */
export interface Contrast {
  /** What differs, in words: "Zigzag instead of triple straight". */
  changed: string[];
  /** The one reason that counted most; null where nothing speaks against it. */
  reason: string | null;
  /** What it costs in stretch, thread, time and unpicking; empty where nothing. */
  costs: string;
  /** The line on scrap that would settle it. */
  settle: string;
}

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
  const changed = changesBetween(best, other);
  const worst = worseRisk(question, best, other);
  return {
    changed,
    reason: tooLittle(question, other) ?? ruledAgainst(question, best, other, worst?.more ?? 0) ?? worst?.text ?? null,
    costs: lossesOf(question, best, other, 'costs'),
    settle: settleBy(question, other, worst?.sign ?? null),
  };
}

function changesBetween(best: Setup, other: Setup): string[] {
  const names: Record<ChosenPart, (setup: Setup) => string> = {
    needle: ({ needle }) => needleName(needle),
    thread: ({ thread }) => threadName(thread),
    foot: ({ foot }) => `${FOOT[foot].name} foot`,
    plate: ({ plate }) => `${PLATE[plate].name} plate`,
    stitch: ({ stitch }) => STITCH[stitch].name,
  };
  const parts = (Object.keys(names) as ChosenPart[]).filter((part) => names[part](best) !== names[part](other));
  const dials = [
    ['length', best.lengthMm, other.lengthMm, ' mm'],
    ['width', best.widthMm, other.widthMm, ' mm'],
    ['tension', best.tensionSteps, other.tensionSteps, ' steps from normal'],
    ['pressure', 100 * best.pressure, 100 * other.pressure, ' %'],
  ] as const;
  // Another part brings its own sizes: they are not what was asked about.
  if (parts.length > 0) return parts.map((part) => `${names[part](other)} instead of ${lowerFirst(names[part](best))}`);
  return [
    ...dials
      .filter(([, now, then]) => Math.abs(now - then) > 1e-6)
      .map(
        ([name, now, then, unit]) => `${upperFirst(name)} ${formatNumber(then)}${unit} instead of ${formatNumber(now)}`,
      ),
  ];
}

function tooLittle({ seam }: Question, other: Setup): string | null {
  const { percent } = seam.required;
  const [low] = giveOfSetup(seam, other);
  return low < percent ? `It gives about ${Math.floor(low)} %; the seam must give ${percent} %.` : null;
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
  const before = new Map(tellRisks(hazardsOf(seam, best), 0).map((risk) => [risk.sign, risk.level]));
  const [worst] = tellRisks(hazardsOf(seam, other), 0)
    .map(({ sign, level, why }) => ({ sign, more: level - (before.get(sign) ?? 0), why }))
    .filter(({ more }) => more > COUNTS)
    .sort((a, b) => b.more - a.more);
  return worst ? { ...worst, text: `${SIGN_TEXT[worst.sign]}: ${lowerFirst(worst.why)}` } : null;
}

/** How long a line on scrap is, mm. */
const LINE_MM = 100;

function settleBy({ seam }: Question, other: Setup, sign: Sign | null): string {
  const rows = `Sew ${LINE_MM} mm with each, side by side on one scrap of ${seam.layers} layers`;
  const { percent } = seam.required;
  if (percent > 0 && giveOfSetup(seam, other)[0] < percent * 1.1)
    return `${rows}, and pull both to ${Math.ceil(percent * 1.1)} %: the one that pops has lost.`;
  return sign === null
    ? `${rows}, and take the one that looks better.`
    : `${rows}, and look for “${SIGN_TEXT[sign].toLowerCase()}”.`;
}

const lowerFirst = (text: string) => text.charAt(0).toLowerCase() + text.slice(1);
const upperFirst = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);
