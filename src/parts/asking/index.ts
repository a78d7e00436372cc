export { EyeStop } from './EyeStop';
export { LazyBarChart, LazyLineChart, LazyPointChart } from './lazyCharts';
export { timed } from './timed';
export { currentOf, type FromWorker, outdated, useFromWorker } from './useFromWorker';
