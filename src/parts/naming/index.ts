export { FirstColour, useFirstColour } from './FirstColour';
export { NameField, nameProblem } from './NameField';
export { NAMING_TEXT } from './text';
export { useHeardName } from './useHeardName';
