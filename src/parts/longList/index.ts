export { LongList } from './LongList';
export { useFound } from './useFound';
