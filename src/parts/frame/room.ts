export { Measured } from './Measured';
export { Room } from './Room';
export { Switches } from './Switches';
export { UndoNow } from '../history';
