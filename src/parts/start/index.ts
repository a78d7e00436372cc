export { START_WORDS } from './words';
export { useStart } from './useStart';
