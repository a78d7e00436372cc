export { useKnowledge } from './useKnowledge';
export { useStale } from './useStale';
