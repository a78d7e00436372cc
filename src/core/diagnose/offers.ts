import { FULL_KIT } from '../kit';
import type { Setup } from '../setup';
import { applyEdit } from './apply';
import { linkedCauses } from './ask';
import type { Cause } from './causes';
import { type Facts, holds, machineOf } from './facts';
import type { DiagnoseInput } from './input';
import { LINE_MIN } from './minutes';
import type { Weighable } from './outlook';
import { type RemedyFacts, REMEDY_LIST } from './remedies';

/** A change that can be made to this line, with the setting it would become. */
export interface Offer extends Weighable {
  change: RemedyFacts;
  setup: Setup;
}

/** Changes that are weighed by rules of their own. */
const APART: readonly string[] = ['technician', 'nothing'];

/**
 * Everything that can be done about a line, on this machine and with this kit.
 *
 * What was tried is not offered again, but for what goes by degrees and helped the last time: that for as long as it helps.
 *
 * @param input - the line
 * @param facts - of the line
 */
export function offersOf(input: DiagnoseInput, facts: Facts): Offer[] {
  const machine = machineOf(input);
  const kit = input.kit ?? FULL_KIT;
  const linked = linkedCauses(input, facts);
  const worst = Math.max(0, ...input.findings.map(({ severity }) => severity));
  return REMEDY_LIST.flatMap((change): Offer[] => {
    if (APART.includes(change.id)) return [];
    const last = input.history.findLast((tried) => tried.change === change.id);
    if (last && !(change.again && last.result === 'better')) return [];
    if (change.when && !holds(facts, change.when)) return [];
    if (!(Object.keys(change.cures) as Cause[]).some((cause) => linked.has(cause))) return [];
    const to = { ...input, machine, kit, worst };
    const { setup } = change.edit ? applyEdit(change.edit, to) : input;
    return setup ? [{ change, setup, cures: change.cures, minutes: change.minutes + LINE_MIN }] : [];
  });
}
