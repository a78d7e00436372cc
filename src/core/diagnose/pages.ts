import { SIGNS, type Sign } from '../stitch';
import { CAUSE, type Cause, CAUSES } from './causes';
import { LIKELIHOOD } from './likelihood';
import { LINE_MIN } from './minutes';
import { changeText, cureOf, REMEDY_LIST, type RemedyId } from './remedies';

/** The page of a sign: why it happens and what to try, the most usual first. */
export interface SignPage {
  sign: Sign;
  why: Cause[];
  /** Sentences; lengths in braces. */
  tries: string[];
}

/** The page of a cause: how it shows, and what puts it right. */
export interface CausePage {
  cause: Cause;
  showsAs: Sign[];
  tries: string[];
}

/** As many as are read at once. */
const MOST = 6;
/** A change that puts a cause right more rarely is no advice for it. */
const CURES_FROM = 0.4;
/** How much less a change counts that is only offered sometimes (model). */
const ONLY_SOMETIMES = 0.6;
/** A change for less of all that may be behind it is left out; a technician sooner (model). */
const LEAST_SHARE = { usual: 0.05, technician: 0.2 };

/** Before anything else, whatever is behind the sign. */
const FIRST: Partial<Record<Sign, RemedyId>> = { 'needle-broke': 'clear-fragments' };

/**
 * Changes for some causes, the one that pays most for its minutes first; each next one for what the ones before leave, so that four
 * kinds of needle do not stand for one worn one.
 */
function triesFor(weights: readonly (readonly [Cause, number])[], first?: RemedyId): string[] {
  const left = new Map(weights);
  const total = weights.reduce((sum, [, weight]) => sum + weight, 0);
  const open = new Set(REMEDY_LIST.filter(({ id }) => id !== 'clear-fragments'));
  const gainOf = (id: RemedyId) => [...left].reduce((sum, [cause, weight]) => sum + weight * cureOf(id, cause), 0);
  const tries: RemedyId[] = [];
  const make = (id: RemedyId) => {
    tries.push(id);
    for (const [cause, weight] of left) left.set(cause, weight * (1 - cureOf(id, cause)));
  };
  if (first) make(first);
  while (tries.length < MOST) {
    const [best] = [...open]
      .filter(({ id }) => weights.some(([cause]) => cureOf(id, cause) >= CURES_FROM))
      .map((remedy) => {
        const { id, minutes, when } = remedy;
        const gain = gainOf(id);
        // What suits only some fabrics or settings comes after what suits any.
        return { remedy, gain, pays: (gain * (when === undefined ? 1 : ONLY_SOMETIMES)) / (minutes + LINE_MIN) };
      })
      .filter(
        ({ remedy: { id }, gain }) =>
          gain >= total * (id === 'technician' ? LEAST_SHARE.technician : LEAST_SHARE.usual),
      )
      .sort((one, other) => other.pays - one.pays);
    if (!best) break;
    open.delete(best.remedy);
    make(best.remedy.id);
  }
  return tries.map((id) => changeText(id)!);
}

/**
 * Why a sign is seen and what to try, whatever the fabric.
 *
 * @param sign - the sign
 */
export function signPage(sign: Sign): SignPage {
  const weights = (Object.entries(LIKELIHOOD[sign]) as [Cause, number][])
    .map(([cause, strength]) => [cause, strength * CAUSE[cause].prior] as const)
    .sort(([, a], [, b]) => b - a);
  return { sign, why: weights.slice(0, MOST).map(([cause]) => cause), tries: triesFor(weights, FIRST[sign]) };
}

/**
 * How a cause shows and what puts it right.
 *
 * @param cause - one of the list
 */
export function causePage(cause: Cause): CausePage {
  const showsAs = SIGNS.filter((sign) => LIKELIHOOD[sign][cause] !== undefined).sort(
    (a, b) => LIKELIHOOD[b][cause]! - LIKELIHOOD[a][cause]!,
  );
  return { cause, showsAs: showsAs.slice(0, MOST), tries: triesFor([[cause, 1]]) };
}

/** Every cause that has something to show. */
export const CAUSES_SHOWN: readonly Cause[] = CAUSES.filter((cause) =>
  SIGNS.some((sign) => LIKELIHOOD[sign][cause] !== undefined),
);
