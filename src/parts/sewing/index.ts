export { FitsFabric } from './FitsFabric';
export { useBeginRun } from './useBeginRun';
