import { isNear } from '../../numbers';
import { checkInterlocks } from '../../interlock';
import { tellRisks } from '../../physics';
import type { Reason } from './reason';
import { type Dial, dialValues, type Setup, withDial } from '../../setup';
import { type Sign, stitchFacts } from '../../stitch';
import { type CheckResult, hazardsOf } from './assess';
import { assessAnswer } from './assessAnswer';
import { cautionsFor } from './cautions';
import { cautiousGive } from '../search/stitchSize';
import { giveAnswer } from './giveAnswer';
import type { MatchOutput } from '../output';
import { type MatchInput, openQuestion } from '../question';
import { reasonsFor } from './reasons';

/** A setting chosen by hand, looked over as the best one is. */
export interface LookedOver extends CheckResult {
  give: MatchOutput['give'];
  reasons: Reason[];
  cautions: string[];
}

/**
 * Everything there is to say of a setting that a person chose by hand.
 *
 * @param input - the question it answers
 * @param setup - the setting
 * @returns interlocks, risks, give and a reason for every part
 */
export function lookOver(input: MatchInput, setup: Setup): LookedOver {
  const question = openQuestion(input);
  return {
    ...assessAnswer(question, setup),
    give: giveAnswer(question, setup),
    reasons: reasonsFor(question, setup, 'by-hand'),
    cautions: cautionsFor(question, setup),
  };
}

/** What happens along one dial. */
export interface DialSweep {
  values: number[];
  /** Risks that rise above slight somewhere, the worst first, one level for each value. */
  series: { sign: Sign; levels: number[] }[];
  /** Whether the value may be dialled at all. */
  open: boolean[];
}

/** A risk below this all along the dial is not worth a line in the chart. */
const SLIGHT = 0.1;
/** More lines than this cannot be distinguished. */
const LINES = 4;

/**
 * How risks change as one dial is turned and everything else stays.
 *
 * @param input - the question
 * @param setup - the setting
 * @param dial - the dial
 * @returns levels at every value of the dial
 */
export function sweepDial(input: MatchInput, setup: Setup, dial: Dial): DialSweep {
  const { seam, machine } = openQuestion(input);
  const values = dialValues(machine, setup, dial);
  const tried = values.map((value) => withDial(setup, dial, value));
  const told = tried.map((one) => new Map(tellRisks(hazardsOf(seam, one), 0).map((r) => [r.sign, r.level])));
  const signs = [...new Set(told.flatMap((levels) => [...levels.keys()]))];
  const series = signs
    .map((sign) => ({ sign, levels: told.map((levels) => levels.get(sign) ?? 0) }))
    .filter(({ levels }) => Math.max(...levels) >= SLIGHT && Math.max(...levels) - Math.min(...levels) > 0.02)
    .sort((a, b) => Math.max(...b.levels) - Math.max(...a.levels))
    .slice(0, LINES);
  return {
    values,
    series,
    open: tried.map((one) => checkInterlocks({ setup: one, machine, thicknessMm: seam.underFootMm }).length === 0),
  };
}

/** Cautious give over width (or length, for a line) for a few lengths. */
export interface GiveMap {
  along: 'width' | 'length';
  values: number[];
  lines: { lengthMm: number | null; give: number[] }[];
}

const LENGTHS_MM = [1, 1.5, 2, 2.5, 3, 4];

/**
 * How much a stitch would give at other widths and lengths.
 *
 * @param input - the question
 * @param setup - the setting whose stitch, thread and needle are meant
 * @returns cautious give in percent: a line for each length over the widths, or one over the lengths for a line stitch
 */
export function giveMap(input: MatchInput, setup: Setup): GiveMap {
  const question = openQuestion(input);
  const { machine } = question;
  const at = (lengthMm: number, widthMm: number) =>
    cautiousGive(question, setup.stitch, { lengthMm, widthMm }, setup.thread, setup.needle.gapMm).low;
  if (!stitchFacts(setup.stitch).swings) {
    const values = dialValues(machine, setup, 'length').filter((mm) => mm >= 1);
    return { along: 'length', values, lines: [{ lengthMm: null, give: values.map((mm) => at(mm, 0)) }] };
  }
  const values = dialValues(machine, setup, 'width').filter((mm) => isNear(mm * 2, Math.round(mm * 2)));
  const lengths = LENGTHS_MM.filter((mm) => mm <= machine.maxLengthMm);
  return {
    along: 'width',
    values,
    lines: lengths.map((lengthMm) => ({ lengthMm, give: values.map((mm) => at(lengthMm, mm)) })),
  };
}
