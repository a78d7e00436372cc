export { WorkroomStation } from './WorkroomStation';
export { TakeStation } from './take/TakeStation';
