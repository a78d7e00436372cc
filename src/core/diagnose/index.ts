export { CAUSE, type Cause, CAUSES } from './causes';
export { type ChangeId, CHANGES, changeText } from './changes';
export { diagnose } from './diagnose';
export {
  type DiagnoseInput,
  diagnoseInputSchema,
  type DiagnoseOutput,
  diagnoseOutputSchema,
  type NextStep,
} from './input';
export { LINKS } from './links';
export { outcomesOf } from './outcomes';
