export { useStale } from './useStale';
