export { HistoryButton, preloadHistory } from './HistoryButton';
export { typesInto, useUndoKeys } from './useUndoKeys';
