export type { CheckUpAnswer, CheckUpProblem } from './answers';
export { afterCheckUp, onAfterCheckUp } from './keep';
export {
  CHECK_UP_MARKS,
  CHECK_UP_PARTS,
  type CheckUpLine,
  type CheckUpMarks,
  type CheckUpPart,
  checkUpPlan,
} from './plan';
export { CHECK_UP_CLOTH, checkedUp, type CheckUpFound, type CheckUpRead, readCheckUp } from './read';
export { SHOWS, type Shows, wellSet } from './wellSet';
