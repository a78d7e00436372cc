import { MEASURABLE, type Measurable } from '../../cloth';
import { checkInterlocks } from '../../interlock';
import { READINGS, type Reading, type Setup, withReading } from '../../setup';
import { clothAt } from './clothAt';
import { feedCost } from '../search/footAndPressure';
import { needleCost, perforationCost } from '../search/needleSize';
import { stitchCost, stitchSuitsNeedle } from '../search/stitchSize';
import { tensionCost } from '../search/tension';
import { type MatchInput, openQuestion, type Question } from '../question';
import { bestSetting } from '../search/bestSettings';

/** A reading of the setting that would be another if the cloth lay elsewhere in its honest range. */
export interface Doubt {
  reading: Reading;
  /** The setting with that one reading as it would then be. */
  setup: Setup;
  /** What nobody has measured yet, and the end of its range that asks for it. */
  measure: Measurable;
  value: number;
  /** How much cost the other reading would then save (the search's own measure; a risk plain to see is about 1). */
  gain: number;
}

/** What saves less than this is not worth a line on scrap. */
const WORTH = 0.08;

/**
 * What a setting costs in a question, by the same sum that the search makes smallest.
 *
 * @param question - opened question
 * @param setup - any setting
 * @returns its cost; Infinity where a rule takes a part of it out
 */
export function costOf(question: Question, setup: Setup): number {
  const { needle, thread, foot, plate, stitch } = setup;
  if (!stitchSuitsNeedle(question, stitch, needle)) return Infinity;
  const parts = [
    needleCost(question, needle, thread),
    feedCost(question, foot, plate, stitch, setup.pressure),
    question.aims.stitch[stitch].cost === null ? null : stitchCost(question, stitch, setup, thread, needle.gapMm),
  ];
  if (parts.includes(null)) return Infinity;
  return (
    parts.reduce<number>((sum, cost) => sum + cost!, 0) +
    tensionCost(question, thread, setup.tensionSteps) +
    perforationCost(question, stitch, setup.lengthMm, needle.nm)
  );
}

/**
 * The readings of a setting that are in doubt because the cloth was not measured.
 *
 * Computed, not listed: the question is answered again with every property that was only inferred at the low and at the high
 * end of its range. A reading that differs there is tried alone in the setting, and is in doubt when that alone would save
 * enough. Of two that ask for the same the stronger is kept.
 *
 * @param input - the question
 * @param setup - the setting chosen for it
 * @returns doubts, the one with the most to gain first; none when everything that matters was measured
 */
export function doubtsOf(input: MatchInput, setup: Setup): Doubt[] {
  const { profile, underFootMm: thicknessMm } = openQuestion(input).seam;
  const open = MEASURABLE.filter((property) => profile[property].source === 'inferred');
  const found = open.flatMap((measure) =>
    [profile[measure].low, profile[measure].high].flatMap((value) =>
      doubtsAt(openQuestion({ ...input, cloth: clothAt(input.cloth, measure, value) }), setup, { measure, value }),
    ),
  );
  const machine = openQuestion(input).machine;
  const strongest = new Map<string, Doubt>();
  for (const doubt of found) {
    if (checkInterlocks({ setup: doubt.setup, machine, thicknessMm }).length > 0) continue;
    const key = JSON.stringify(doubt.setup);
    if (doubt.gain > (strongest.get(key)?.gain ?? 0)) strongest.set(key, doubt);
  }
  return [...strongest.values()].sort((a, b) => b.gain - a.gain);
}

function doubtsAt(there: Question, setup: Setup, why: Pick<Doubt, 'measure' | 'value'>): Doubt[] {
  const best = bestSetting(there)?.setup;
  if (!best) return [];
  const now = costOf(there, setup);
  return READINGS.flatMap((reading): Doubt[] => {
    const one = withReading(setup, best, reading);
    if (JSON.stringify(one) === JSON.stringify(setup)) return [];
    const gain = now - costOf(there, one);
    return gain >= WORTH ? [{ reading, setup: one, gain: Number(gain.toFixed(3)), ...why }] : [];
  });
}
