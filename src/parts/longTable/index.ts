export { LongTable } from './LongTable';
export type { LongColumn } from './useRows';
