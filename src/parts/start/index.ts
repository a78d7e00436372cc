export { StartPlate } from './StartPlate';
export { START_WORDS } from './text';
export { useStart } from './useStart';
