export { CAUSE, type Cause, CAUSES } from './causes';
export { type ChangeId, CHANGES, changeText } from './changes';
export { diagnose, diagnoseUnanswered } from './diagnose';
export {
  type DiagnoseInput,
  diagnoseInputSchema,
  type DiagnoseOutput,
  diagnoseOutputSchema,
  type NextStep,
} from './input';
export { LINKS, suspectsOf } from './links';
export { NOT_SURE, QUESTION_IDS } from './questions';
export { outcomesOf } from './outcomes';
