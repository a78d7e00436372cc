export { useBeginRun } from './useBeginRun';
