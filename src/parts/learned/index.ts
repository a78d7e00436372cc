export { useMachineOffsets, useTeachingCards } from './useLearned';
export { useAskOf, useMatchInput } from './useMatchInput';
