export { HistoryButton } from './HistoryButton';
export { useUndoKeys } from './useUndoKeys';
