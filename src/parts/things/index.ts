export { fileName, SaveThing } from './SaveThing';
export { CardLines, PassOn } from './PassOn';
export { PASS_ON_TEXT } from './text';
