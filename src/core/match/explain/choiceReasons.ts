import { FIBRE, FOOT, type Foot, isTwin, POINT, type ThreadFibre } from '../../kit';
import { giveOfSetup } from '../../physics';
import type { Setup } from '../../setup';
import { SIGN_TEXT, STITCH, type StitchId } from '../../stitch';
import { lowerFirst } from '../../units';
import type { Ruled } from '../rules/aimTypes';
import { usualGive } from '../search/stitchSize';
import type { Question } from '../question';
import { type Reason, workedOut } from './reason';
import { riskChanges } from './riskChange';

/** Whether the search made a choice or a hand did. */
export type ChosenBy = 'best' | 'by-hand';

/** One choice among several: what it is called, whether it is to be had, and the setting with another in its place. */
interface Choice<T extends string> {
  parameter: string;
  chosen: T;
  table: Ruled<T>;
  name: (choice: T) => string;
  plain: string;
  by: ChosenBy;
  /** What nobody could get for this machine: it is not even named. */
  beyond?: (choice: T) => boolean;
  /** Why another cannot be had here; null where it can. */
  lacking: (choice: T) => string | null;
  /** Why another that can be had was not taken; null where nothing speaks against it. */
  against: (choice: T) => string | null;
}

/** Costs this near to each other are the same. */
const SAME_COST = 0.01;

/** What speaks for a choice; where another would be usual, what was traded. */
function choiceReason<T extends string>(choice: Choice<T>): Reason {
  const { parameter, chosen, table, name, plain } = choice;
  const { cost, speaksFor } = table[chosen];
  if (speaksFor) return { parameter, rule: speaksFor.id, text: speaksFor.text, provenance: speaksFor.provenance };
  const cheaper = (Object.keys(table) as T[])
    .filter((other) => !choice.beyond?.(other))
    .filter((other) => (table[other].cost ?? Infinity) < (cost ?? Infinity) - SAME_COST)
    .sort((a, b) => table[a].cost! - table[b].cost!);
  const [usual] = cheaper;
  if (usual === undefined) return workedOut(parameter, 'choice.plain', `${name(chosen)}: ${plain}.`);
  if (choice.by === 'by-hand')
    return workedOut(parameter, 'choice.by-hand', `You set this; ${lowerFirst(name(usual))} would be usual here.`);
  const why = choice.lacking(usual) ?? choice.against(usual) ?? 'this works as well';
  return workedOut(
    parameter,
    'choice.traded',
    `${name(usual)} is usual here, but ${why}; so ${lowerFirst(name(chosen))}.`,
  );
}

/** A risk that rises by less than this is no reason. */
const COUNTS = 0.03;

/** What gets worse with another part in the setting, in words; null when nothing does. */
function worseWith({ seam }: Question, now: Setup, other: Setup): string | null {
  const [worst] = riskChanges(seam, now, other);
  return worst && worst.more > COUNTS ? `it would risk “${SIGN_TEXT[worst.sign].toLowerCase()}”` : null;
}

/** Why this point. */
export function pointReason(question: Question, setup: Setup, by: ChosenBy): Reason {
  const { needle } = setup;
  const owned = new Set(question.kit.needles.map(({ point }) => point));
  return choiceReason({
    parameter: 'needle.point',
    chosen: needle.point,
    table: question.aims.point,
    name: (point) => `${POINT[point].name} needle`,
    by,
    plain: POINT[needle.point].plain,
    lacking: (point) => {
      if (isTwin(point) && !question.seam.operation.twin) return 'two needles do not suit this seam';
      return owned.has(point) ? null : 'you have none';
    },
    against: (point) => {
      if (isTwin(point) !== isTwin(needle.point)) return 'with it the rows would stretch too little or ridge';
      return worseWith(question, setup, { ...setup, needle: { ...needle, point } });
    },
  });
}

/** Why this fibre. */
export function fibreReason(question: Question, setup: Setup, by: ChosenBy): Reason {
  const owned = new Set(question.kit.threads.map(({ fibre }) => fibre));
  return choiceReason({
    parameter: 'thread.fibre',
    chosen: setup.thread.fibre,
    table: question.aims.fibre,
    name: (fibre: ThreadFibre) => `${FIBRE[fibre].name} thread`,
    by,
    plain: 'it is the best of what you have',
    lacking: (fibre) => (owned.has(fibre) ? null : 'you have none'),
    against: (fibre) =>
      worseWith(question, setup, { ...setup, thread: { ...setup.thread, fibre } }) ??
      'you have no spool of the right thickness',
  });
}

/** Why this foot. */
export function footReason(question: Question, setup: Setup, by: ChosenBy): Reason {
  const { kit, machine, aims } = question;
  return choiceReason({
    parameter: 'foot',
    chosen: setup.foot,
    table: aims.foot,
    beyond: (foot) => FOOT[foot].builtIn === true && !kit.feet.includes(foot),
    name: (foot: Foot) => `${FOOT[foot].name} foot`,
    by,
    plain: FOOT[setup.foot].plain,
    lacking: (foot) => {
      if (machine.feet && !machine.feet.includes(foot)) return 'none fits this machine';
      return kit.feet.includes(foot) ? null : 'you have none';
    },
    against: (foot) => worseWith(question, setup, { ...setup, foot }) ?? 'this stitch does not fit through it',
  });
}

/** What the seam gives here, against what it has to; nothing where it need not give. */
export function giveReasons({ seam }: Question, setup: Setup): Reason[] {
  const needs = seam.required.percent;
  if (needs === 0) return [];
  const [low, high] = giveOfSetup(seam, setup).map(Math.floor);
  return [workedOut('stitch', 'stitch.give', `It stretches ${low} to ${high}% here; the seam needs ${needs}%.`)];
}

/** Why this stitch. */
export function stitchReason(question: Question, setup: Setup, by: ChosenBy): Reason {
  const { seam, machine, aims } = question;
  const needs = seam.required.percent;
  const twin = isTwin(setup.needle.point);
  if (setup.stitch === 'straight' && seam.profile.structure === 'knit' && seam.operation.twin) {
    const rows = twin
      ? 'Two rows on top and a zigzag below: this row can stretch.'
      : 'One row is enough here: it hardly needs to stretch.';
    return workedOut('stitch', 'stitch.rows', rows);
  }
  if (setup.stitch === 'zigzag' && by === 'best' && seam.profile.structure === 'knit' && seam.operation.twin) {
    const owned = question.kit.needles.some(({ point }) => isTwin(point));
    const why = owned ? 'but they stretch too little here' : 'but you have no twin needle';
    return workedOut('stitch', 'stitch.rows', `Two rows are usual here, ${why}; so use a narrow zigzag.`);
  }
  return choiceReason({
    parameter: 'stitch',
    chosen: setup.stitch,
    table: aims.stitch,
    name: (stitch: StitchId) => STITCH[stitch].name,
    by,
    plain: STITCH[setup.stitch].plain,
    lacking: (stitch) => (machine.stitches.includes(stitch) ? null : 'this machine does not have it'),
    against: (stitch) => {
      const gives = usualGive(question, stitch);
      if (gives < needs) return `it stretches only about ${Math.floor(gives)}%`;
      return worseWith(question, setup, { ...setup, stitch }) ?? 'foot, plate or needle do not leave room for it here';
    },
  });
}
