export { HistoryButton, preloadHistory } from './HistoryButton';
export { UndoNow } from './UndoNow';
export { useUndoKeys } from './useUndoKeys';
