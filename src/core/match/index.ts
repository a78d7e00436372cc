export { type Reason, type ReasonId } from './explain/reason';
export { type Rejected } from './explain/rejected';
export { type RuleId, RULES } from './rules/rules';
export { type Alternative } from './explain/alternatives';
export {
  assess,
  type CheckInput,
  checkInputSchema,
  checkOutputSchema,
  type CheckResult,
  checkSetup,
} from './explain/assess';
export { type Contrast, contrast } from './explain/contrast';
export { byTablesAlone, type KnowledgeChange, knowledgeChange } from './explain/knowledgeChange';
export { costOf, type Doubt, doubtsOf } from './explain/doubts';
export { type DialSweep, type GiveMap, giveMap, type LookedOver, lookOver, sweepDial } from './explain/lookOver';
export { answer, match, sharpen } from './match';
export { type MatchAnswer, type MatchOutput, matchOutputSchema, type MatchSharpening } from './output';
export { asLearned } from './search/asLearned';
export { type MachineOffsets, machineOffsets } from './search/offsets';
export { FUSES_FROM_C, PRESS_PILE, type SewingPlan, planSchema } from './plan/plan';
export { type PlanText, planText, secureText, speedText } from './plan/planText';
export { type MatchInput, matchInputSchema, type MatchRequest, openQuestion, type Question } from './question';
export { type SchoolAnswer, type SchoolMatters, schoolsThatMatter } from './rules/schoolsThatMatter';
export { bestSettings } from './search/bestSettings';
export { bestStitches } from './search/bestStitches';
export { search, type Scored } from './search/search';
