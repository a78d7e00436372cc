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
export { answer, match, sharpen } from './match';
export { type MatchAnswer, type MatchOutput, matchOutputSchema, type MatchSharpening } from './output';
export { type Plan, planSchema } from './plan';
export { type MatchInput, matchInputSchema, type MatchRequest, openQuestion, type Question } from './question';
export { type School, SCHOOLS, type Schools, schoolsSchema } from './schools';
export { search, type Scored } from './search';
