export { fileName, SaveThing } from './SaveThing';
