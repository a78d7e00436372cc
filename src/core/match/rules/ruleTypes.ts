import type { Family, Structure, Trait } from '../../cloth';
import type { Foot, Plate, NeedlePoint, ThreadFibre } from '../../kit';
import { type Origin, type Provenance, tableOf } from '../../result';
import type { OperationKind, Schools } from '../../setup';
import type { StitchId } from '../../stitch';
import type { SewingPlan } from '../plan/plan';

/** When a rule speaks: every condition named must hold. Lists mean any of them. */
export interface When {
  structure?: readonly Structure[];
  family?: readonly Family[];
  kind?: readonly OperationKind[];
  traits?: readonly Trait[];
  /** Fine and sliding, whatever it is called. */
  fine?: true;
  /** Nothing says what fibre it is. */
  fibreUnknown?: true;
  /** Its most delicate fibre is polyester, which glazes long before it melts. */
  glazes?: true;
  /** How much of it is air, 0 … 1. */
  loftFrom?: number;
  /** A hem in it is turned once. */
  foldsOnce?: true;
  /** A coat-weight wool. */
  coatWeight?: true;
  massFrom?: number;
  massBelow?: number;
  thicknessFrom?: number;
  stretchFrom?: number;
  elastaneFrom?: number;
  recoveryBelow?: number;
  recoveryFrom?: number;
  giveFrom?: number;
  giveUpTo?: number;
  allCotton?: boolean;
  /** The machine has this stitch. */
  machineHas?: StitchId;
  /** The machine has reverse. */
  reverse?: boolean;
  /** The machine ties off by itself. */
  autoLock?: boolean;
  /** The machine's pressure cannot be set. */
  fixedPressure?: boolean;
  /** The workroom has an overlocker. */
  overlocker?: boolean;
  layersFrom?: number;
  direction?: readonly ('across' | 'along' | 'bias')[];
  /** The person follows these schools. */
  school?: Partial<Schools>;
}

/** A wanted value with the limits that practice keeps to. */
export interface Aim {
  min: number;
  ideal: number;
  max: number;
}

/** Cost of each choice, 0 the usual one; null takes it out altogether. */
export type Costs<T extends string> = Partial<Record<T, number | null>>;

/** Costs of the choices named, and of every other one that may still be chosen; left out, those stay as they were. */
interface Weighing<T extends string> {
  costs: Costs<T>;
  others?: number | null;
}

/** What a rule does to one parameter. */
export type Effect =
  | ({ parameter: 'needle.point' } & Weighing<NeedlePoint>)
  | ({ parameter: 'thread.fibre' } & Weighing<ThreadFibre>)
  | { parameter: 'thread.tex'; aim: Aim }
  | ({ parameter: 'foot' } & Weighing<Foot>)
  | ({ parameter: 'plate' } & Weighing<Plate>)
  | ({ parameter: 'stitch' } & Weighing<StitchId>)
  | { parameter: 'lengthMm'; aim: Aim; stitches?: readonly StitchId[] }
  | { parameter: 'widthMm'; aim: Aim; stitches?: readonly StitchId[] }
  /** `lofty` is the ideal of what is all air; in between it goes by the loft. */
  | { parameter: 'pressure'; ideal: number; lofty?: number }
  | { parameter: 'needlePosition'; foot: Foot; mm: number; footSide: 'left' | 'right' }
  | { [K in keyof SewingPlan]: { parameter: `plan.${K}`; value: SewingPlan[K] } }[keyof SewingPlan];

/** Where a rule comes from: whose word its statement is, and whose its numbers are. */
export interface RuleOrigin extends Origin {
  figures: Provenance | 'none';
}

/** One rule of the trade: when, what, how strongly, why, and from where. */
export interface RuleFacts extends RuleOrigin {
  when: When;
  effect: Effect;
  strength: 'must' | 'should' | 'may';
  text: string;
}
export type Rule<Id extends string = string> = RuleFacts & { readonly id: Id };

/** One row of a table of rules; nothing of it has a default. */
export const rule = (
  strength: RuleFacts['strength'],
  when: When,
  effect: Effect,
  origin: RuleOrigin,
  text: string,
): RuleFacts => ({ when, effect, strength, text, ...origin });

/** A table of rules: a later one overrides an earlier one where both speak. */
export const rulesOf = tableOf<RuleFacts>();
