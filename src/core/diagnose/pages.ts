import { SIGNS, type Sign } from '../stitch';
import { CAUSE, type Cause, CAUSES } from './causes';
import { LIKELIHOOD } from './likelihood';
import { LINE_MIN } from './minutes';
import { changeText, cureOf, REMEDY_LIST } from './remedies';

/** What a reader is told of a sign: why it happens and what to try, the most usual first. */
export interface SignPage {
  sign: Sign;
  why: Cause[];
  /** Sentences; lengths in braces. */
  tries: string[];
}

/** What a reader is told of a cause: how it shows, and what puts it right. */
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

/** Changes for some causes by how much of them each puts right for its minutes, the best first. */
function triesFor(weights: readonly (readonly [Cause, number])[]): string[] {
  const worth = REMEDY_LIST.flatMap(({ id, minutes, when }) => {
    const most = Math.max(0, ...weights.map(([cause]) => cureOf(id, cause)));
    const gain = weights.reduce((sum, [cause, weight]) => sum + weight * cureOf(id, cause), 0);
    // What suits only some fabrics or settings comes after what suits any.
    const suits = when === undefined ? 1 : ONLY_SOMETIMES;
    return most >= CURES_FROM ? [{ id, pays: (suits * gain) / (minutes + LINE_MIN) }] : [];
  });
  return worth
    .sort((a, b) => b.pays - a.pays)
    .slice(0, MOST)
    .map(({ id }) => changeText(id)!);
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
  return { sign, why: weights.slice(0, MOST).map(([cause]) => cause), tries: triesFor(weights) };
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
export const CAUSES_SHOWN: readonly Cause[] = CAUSES.filter((cause) => causePage(cause).showsAs.length > 0);
