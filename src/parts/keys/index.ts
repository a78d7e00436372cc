export { BAR_ID, focusBar, focusSomewhere, focusTask, onShowKeys, showKeys } from './places';
export { typesInto } from './typesInto';
export { useKeys } from './useKeys';
