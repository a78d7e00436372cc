export { RULES } from './aims';
export { type Alternative, type Rejected } from './alternatives';
export {
  assess,
  type CheckInput,
  checkInputSchema,
  checkOutputSchema,
  type CheckResult,
  checkSetup,
  giveOfSetup,
} from './assess';
export { type DialSweep, type GiveMap, giveMap, type LookedOver, lookOver, sweepDial } from './lookOver';
export { answer, match, sharpen } from './match';
export { type MatchAnswer, type MatchOutput, matchOutputSchema, type MatchSharpening } from './output';
export { type Plan, planSchema } from './plan';
export { type MatchInput, matchInputSchema, type MatchRequest, openQuestion, type Question } from './question';
export {
  type School,
  SCHOOLS,
  schoolName,
  type SchoolQuestion,
  type Schools,
  schoolsSchema,
  USUAL_SCHOOLS,
} from './schools';
export { type SchoolAnswer, type SchoolMatters, schoolsThatMatter } from './schoolsThatMatter';
export { search, type Scored } from './search';
