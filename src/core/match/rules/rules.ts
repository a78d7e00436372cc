import { rowsOf } from '../../result';
import { PART_RULES } from './partRules';
import { LAST_RULES, PLAN_RULES } from './planRules';
import { SCHOOL_RULES } from './schoolRules';
import { SEAM_RULES } from './seamRules';
import { SIZE_RULES } from './sizeRules';
import { STITCH_RULES } from './stitchRules';
import type { Rule } from './ruleTypes';

/** Every rule, general ones first: a later rule overrides an earlier one where both speak, and the last are never overridden. */
export const RULE = {
  ...STITCH_RULES,
  ...SIZE_RULES,
  ...PART_RULES,
  ...SEAM_RULES,
  ...PLAN_RULES,
  ...SCHOOL_RULES,
  ...LAST_RULES,
};
export type RuleId = keyof typeof RULE;
export const RULES: readonly Rule<RuleId>[] = rowsOf(RULE);
