export type { ScenePoint, Scene, SceneCloth, SceneDim, SceneLine } from './engine/scene';
export {
  type Ask,
  type Given,
  MAIN_ROW,
  type Numbers,
  type Procedure,
  PROCEDURE_GROUPS,
  type Row,
  type RowSize,
  type Step,
} from './engine/types';
export { givenOf, operationOfRow, type Person } from './engine/givenOf';
export { type RowSetups, stepSetup } from './engine/stepSetup';
export { rowOfStep, rowsOfProcedure, rowsSewn } from './engine/rows';
export { type LineState, lineStates } from './engine/sceneState';
export { type RowWork, type Work, workOf } from './engine/workOf';
export { isIroned, PLAIN_PLAN, type StepPlan } from './plan/phrases';
export { readyFor, stepText, type StepText } from './plan/stepText';
export { type PlannedStep, plannedSteps } from './plan/sewnSteps';
export {
  stepsAnswer,
  type StepsInput,
  stepsInputSchema,
  type StepsOutput,
  stepsOutputSchema,
} from './plan/stepsAnswer';
export {
  type Matched,
  matchedBy,
  matchRows,
  planOfRow,
  type RowAnswer,
  type RowAnswers,
  rowSewnOn,
  rowsQuestion,
  type RowsQuestion,
} from './plan/matchRows';
export {
  type ProofOf,
  proofOfOperation,
  PROOFS,
  type RowIds,
  type RowSetting,
  type RowSettings,
  idsOfRow,
  rowsToProve,
  settingsOfRows,
  setupsOf,
} from './plan/proofOfRows';
export { toolAt, type ToolAt } from './engine/toolAt';
export { type LineStitch, stitchAlong } from './engine/stitchAlong';
export { needlesFit, sewnByMachine } from './engine/sewnBy';
export { stepsOf, usualSteps } from './engine/stepsOf';
export { newRun, OUTCOMES, type Run, runSchema, type RunStart } from './engine/run';
export { SHEET, type Template, templateOf } from './engine/template';
export { fillIn, type ProcedurePrinter, procedurePrinter } from './engine/printer';
export * from './engine/workOut';
export { PROCEDURES, type ProcedureId, procedureName, procedureOf, provenName } from './all';
export { SUITABILITY, type Suits, suits, suitsKind, usualOperation, type Verdict, VERDICTS } from './suitability/suits';
