export { LazyLineChart } from './LazyLineChart';
export { planText } from './planText';
export { useFromWorker } from './useFromWorker';
