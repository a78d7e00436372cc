export { HeardAs } from './HeardAs';
export { NAMING_TEXT } from './text';
export { useHeardName } from './useHeardName';
