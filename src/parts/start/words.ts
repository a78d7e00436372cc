/** Other words of the start. */
export const START_WORDS = {
  reload: 'Reload this tab',
  again: 'Try again',
  opening: 'Opening your workroom',
  openingMeans:
    'Everything in it is kept in this browser, on this device: your fabrics and machines, your tests and the settings that passed. The first time takes a few seconds longer.',
  notOpened: 'The workroom could not be opened. Try again; everything you saved is still there.',
};
