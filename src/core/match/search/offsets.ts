import { type LearnedNumber, lineFacts, type Offset, shrunkMean, type TestedCard } from '../../card';
import { dialLengthMm } from '../../kit';
import { openQuestion } from '../question';
import { bestSettings } from './bestSettings';

/** What a machine's own cards say of it, against what the rules alone would have set. */
export interface MachineOffsets {
  /** Needle tension, steps. */
  tensionSteps: LearnedNumber | null;
  /** Presser pressure, a share of its range. */
  pressure: LearnedNumber | null;
  /** True mm fed for each mm on the length dial, less 1. */
  lengthFactor: LearnedNumber | null;
}

/**
 * What the cards of one machine have in common, against the rules.
 *
 * For every card the question is asked again without any card, of the very needle, thread, foot and plate that passed; what passed
 * less what would have been set with them is what this machine wanted. The shrunk mean over the cards is its offset. Length comes from the counted stitches against the dial.
 *
 * @param cards - passed on this machine, none of them simulated
 * @param since - moments before which cards are forgotten, by offset
 * @returns offsets; null where no card says anything
 */
export function machineOffsets(
  cards: readonly TestedCard[],
  since: Partial<Record<Offset, string>> = {},
): MachineOffsets {
  const told = cards.flatMap(({ cloth, operation, machine, setup, measures, passedAt }) => {
    const { needle, thread, foot, plate } = setup;
    const kit = { needles: [needle], threads: [thread], feet: [foot], plates: [plate], overlocker: false };
    const rules = bestSettings(openQuestion({ cloth, operation, kit, ...(machine && { machine }) }))[0]?.setup;
    const counted = measures ? lineFacts(measures).lengthMm : undefined;
    const dial = dialLengthMm(machine ?? {}, setup.lengthMm);
    return rules
      ? [
          {
            passedAt,
            tensionSteps: setup.tensionSteps - rules.tensionSteps,
            pressure: setup.pressure - rules.pressure,
            lengthFactor: counted === undefined ? undefined : counted / dial - 1,
          },
        ]
      : [];
  });
  const counts = (key: Offset, at: string | undefined) => since[key] === undefined || (at ?? '') > since[key];
  const of = (key: Offset) => shrunkMean(told.flatMap((t) => (counts(key, t.passedAt) ? (t[key] ?? []) : [])));
  return { tensionSteps: of('tensionSteps'), pressure: of('pressure'), lengthFactor: of('lengthFactor') };
}
