/** Other words of the start. */
export const START_WORDS = {
  reload: 'Reload this tab',
  again: 'Try again',
  opening: 'Opening the workroom',
  notOpened: 'The workroom could not be opened. Try again; everything you saved is still there.',
};
