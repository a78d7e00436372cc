import type { Foot, NeedlePoint, Plate, ThreadFibre } from '../../kit';
import type { StitchId } from '../../stitch';
import type { SewingPlan } from '../plan/plan';
import type { Aim, Rule as RuleOf } from './ruleTypes';
import type { RuleId } from './rules';

/** A rule of the trade by its own id. */
export type Rule = RuleOf<RuleId>;

/**
 * What each choice costs by the rules, and which rule said so; cost null: not for this seam. `speaksFor` is the rule that
 * recommends it, null where the last that mentions it argues against it or where none does.
 */
export type Ruled<T extends string> = Record<T, { cost: number | null; rule: Rule | null; speaksFor: Rule | null }>;

/** A length or width the rules want; `moved` says what took it from there. */
export interface Sized {
  aim: Aim;
  rule: Rule;
  moved?: 'curve' | 'dial';
}

/** What the rules want of this seam. */
export interface Aims {
  point: Ruled<NeedlePoint>;
  fibre: Ruled<ThreadFibre>;
  foot: Ruled<Foot>;
  plate: Ruled<Plate>;
  stitch: Ruled<StitchId>;
  tex: { aim: Aim; rule: Rule };
  pressure: { ideal: number; rule: Rule };
  length: Record<StitchId, Sized>;
  width: Record<StitchId, Sized>;
  /** Where a foot wants the needle; feet not named leave it in the centre. */
  position: Partial<Record<Foot, { mm: number; footSide: 'left' | 'right'; rule: Rule }>>;
  plan: SewingPlan;
  planRules: Partial<Record<keyof SewingPlan, Rule>>;
}
