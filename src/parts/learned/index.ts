export { asLearned, useMachineOffsets, useTeachingCards } from './useLearned';
