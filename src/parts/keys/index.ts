export { BAR_ID, focusBar, focusSomewhere, focusTask, onShowKeys, showKeys } from './places';
export { useKeys } from './useKeys';
