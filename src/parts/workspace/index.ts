export { newId, nowText } from './newId';
export { type AskedNow, useQuestion } from './useQuestion';
export { useStartOwn } from './useStartOwn';
export { useSay, useUndo } from './useUndo';
export { useUnits } from './useUnits';
export { sayWhen } from './when';
