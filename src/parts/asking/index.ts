export { LazyLineChart } from './LazyLineChart';
export { planText } from './planText';
export { currentOf, type FromWorker, outdated, useFromWorker } from './useFromWorker';
