export { WorkroomStation } from './WorkroomStation';
