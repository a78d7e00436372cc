export { useMachineOffsets, useTeachingCards } from './useLearned';
export { useMatchInput } from './useMatchInput';
