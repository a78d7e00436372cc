export {
  arrived,
  BAR_ID,
  focusBar,
  focusSomewhere,
  focusWhatComes,
  hasComeTo,
  isLed,
  onShowKeys,
  showKeys,
} from './places';
export { typesInto } from './typesInto';
export { useKeys } from './useKeys';
