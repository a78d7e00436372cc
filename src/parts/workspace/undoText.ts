/** What is said about undoing. */
export const UNDO_TEXT = {
  undo: 'Undo',
  undone: (text: string) => `Undone: ${text}.`,
  redone: (text: string) => `Redone: ${text}.`,
  several: (count: number) => `${count} changes`,
  nothingToUndo: 'There is nothing to undo in this session.',
  nothingToRedo: 'There is nothing to redo.',
  already: 'That is already undone.',
  cannot: (text: string, why: string) => `“${text}” could not be undone. ${why} Nothing was changed.`,
  failed: (why: string) => `Undo did not work, and nothing was changed: ${why}.`,
};
