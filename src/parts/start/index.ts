export { useStart } from './useStart';
