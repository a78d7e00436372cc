/** Texts of adding a fabric to the drawer. */
export const ADD_TEXT = {
  name: 'Another cloth: what is it called?',
  add: 'Add it',
} as const;
