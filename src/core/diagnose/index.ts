export { answersOf } from './ask';
export { CAUSE, type Cause, CAUSES } from './causes';
export { type RemedyId, REMEDIES, changeText } from './remedies';
export { diagnose, diagnoseUnanswered } from './diagnose';
export {
  type DiagnoseInput,
  diagnoseInputSchema,
  type DiagnoseOutput,
  diagnoseOutputSchema,
  type NextStep,
} from './input';
export { LIKELIHOOD } from './likelihood';
export { causePage, CAUSES_SHOWN, signPage } from './pages';
export { NOT_SURE, QUESTION_IDS, type QuestionId } from './questions';
export { lineToGoOnFrom, outcomesOf } from './outcomes';
export { type Rescue, RESCUE_WAYS, type RescueWay, rescueOf } from './rescue';
