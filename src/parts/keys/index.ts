export { BAR_ID, focusBar, focusSomewhere, focusTask, onShowKeys, showKeys } from './places';
export { type Bindings, takesLetters, useKeys } from './useKeys';
