export { FitsFabric } from './FitsFabric';
export { useSewRun } from './useSewRun';
export { useBeginRun } from './useBeginRun';
