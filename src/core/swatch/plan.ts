import { clothProfile, type Measurable, STRUCTURE } from '../cloth';
import { type Doubt, doubtsOf, type MatchInput } from '../match';
import { seamContext } from '../physics';
import { giveOfCloth, READING_TEXT, READINGS, type Setup } from '../setup';
import { formatNumber } from '../units';
import type { TestLine } from './swatch';

/** A line to come: its setting, its way, what it is for, and the one reading it varies, if any. */
export type PlannedLine = Pick<TestLine, 'setup' | 'direction'> & { plan: NonNullable<TestLine['plan']> };

/** The scrap as it should be sewn. */
export interface ScrapPlan {
  layers: number;
  /** At least one; the first is the setting itself. */
  lines: PlannedLine[];
  /** What could be measured instead of sewn, and how many of the lines that would spare. */
  spares: { measure: Measurable; lines: number }[];
}

/** Doubts that could at most make a slight sign are left to the first line to show. */
const TOLD = 0.25;
/** More lines than this nobody sews before the first is read. */
const VARIED = 3;

/** What each unmeasured property would have to be for another reading to be better. */
const MAY_BE: Readonly<Record<Measurable, [name: string, unit: string]>> = {
  stretchAcross: ['stretches across', '%'],
  stretchAlong: ['stretches along', '%'],
  recovery: ['recovers', '%'],
  massGsm: ['weighs', 'g/m²'],
  thicknessMm: ['is', 'mm thick'],
};

/**
 * The fewest lines that settle what is in doubt about a setting.
 *
 * The setting itself the way the seam runs, and once the other way where the cloth answers differently; then one line for each
 * reading that would be another if the cloth lay elsewhere in its honest range, with that reading alone changed. All doubts of
 * one reading are settled by its strongest: the first line and that one lie on both sides of them.
 *
 * @param input - the question that was matched
 * @param setup - the setting chosen for it
 * @returns lines in the order to sew them: those that change the machine least first
 */
export function planScrap(input: MatchInput, setup: Setup): ScrapPlan {
  const seam = seamContext(input.cloth, input.operation);
  const profile = clothProfile(input.cloth);
  const doubts = strongestOfEach(doubtsOf(input, setup));
  const first = wayOf(input);
  const other = first === 'along' ? 'across' : 'along';
  const give = seam.required.percent > 0 ? ' and whether it stretches enough' : '';
  const lines: PlannedLine[] = [
    { setup, direction: first, plan: { why: `The settings from Match: how it looks, how it feeds${give}.` } },
    ...(alike(profile) ? [] : [{ setup, direction: other, plan: { why: OTHER_WAY[other] } } as const]),
    ...doubts.map((doubt): PlannedLine => ({ setup: doubt.setup, direction: first, plan: whyOf(doubt) })),
  ];
  const spares = [...new Set(doubts.map((d) => d.measure))].map((measure) => ({
    measure,
    lines: doubts.filter((d) => d.measure === measure).length,
  }));
  return { layers: seam.layers, lines, spares };
}

const OTHER_WAY = {
  along: 'The same settings along the fabric: it stretches and puckers differently that way.',
  across: 'The same settings across the fabric: it stretches and puckers differently that way.',
};

/** The way the seam runs; unless said, the way that asks more of it. */
function wayOf({ cloth, operation }: MatchInput): TestLine['direction'] {
  if (operation.direction) return operation.direction;
  const profile = clothProfile(cloth);
  return giveOfCloth(profile, undefined) === profile.stretchAlong ? 'along' : 'across';
}

/** Hides and sheets without a grain answer alike both ways. */
const alike = ({ structure, stretchAcross, stretchAlong }: ReturnType<typeof clothProfile>) =>
  STRUCTURE[structure].holesStay !== undefined && stretchAcross.value === stretchAlong.value;

function strongestOfEach(doubts: readonly Doubt[]): Doubt[] {
  const told = doubts.filter(({ gain }) => gain >= TOLD);
  const strongest = READINGS.flatMap((reading) => told.find((doubt) => doubt.reading === reading) ?? []);
  const kept = new Set([...strongest].sort((a, b) => b.gain - a.gain).slice(0, VARIED));
  // Dials before thread and foot: the machine is changed least from line to line.
  return strongest.filter((doubt) => kept.has(doubt)).reverse();
}

function whyOf({ reading, measure, value }: Doubt): PlannedLine['plan'] {
  const [is, unit] = MAY_BE[measure];
  const shown = formatNumber(value, measure === 'thicknessMm' ? 1 : 0);
  return {
    varies: reading,
    why: `Only ${READING_TEXT[reading].toLowerCase()} differs: better if the fabric ${is} ${shown} ${unit}.`,
  };
}
