import type { Family, Structure, Trait } from '../../cloth';
import type { ProcedureId } from '../all';

/** Whether an operation is right for a fabric: fine; with care, and with which; or not this but another. */
export const VERDICTS = ['fine', 'with-care', 'not-this'] as const;
export type Verdict = (typeof VERDICTS)[number];

/** Which fabrics a row speaks of: every condition named must hold, lists mean any of them. */
export interface Fabrics {
  structure?: readonly Structure[];
  family?: readonly Family[];
  traits?: readonly Trait[];
  /** Turned once when it is hemmed: pile, coats, loft. */
  foldsOnce?: true;
  /** Fine and sliding, whatever it is called. */
  fine?: true;
  thickerThanMm?: number;
  upToMm?: number;
  stretchesBelow?: number;
  recoversBelow?: number;
}

/** Why an operation is not simply fine on some fabrics. */
export interface SuitabilityFacts {
  procedures: readonly ProcedureId[];
  /** Of a band that is sewn on, its own fabric is meant. */
  of?: 'band';
  fabrics: Fabrics;
  verdict: Exclude<Verdict, 'fine'>;
  /** Why, and for "with care" what to do. */
  why: string;
  /** What is sewn instead: the first of them that is not refused as well. */
  instead: readonly ProcedureId[];
}

/** The answer for one operation and one fabric. */
export interface Suits {
  verdict: Verdict;
  why?: string;
  instead?: ProcedureId;
}
