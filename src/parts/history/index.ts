export { HistoryButton, preloadHistory } from './HistoryButton';
export { useUndoKeys } from './useUndoKeys';
