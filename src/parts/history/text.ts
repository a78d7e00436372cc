/** What is said about what was done. */
export const HISTORY_TEXT = {
  button: 'History',
  title: 'What you did',
  empty: 'Nothing yet. What you change from now on can be undone here.',
  undo: 'Undo',
  redo: 'Redo',
  keys: 'Ctrl Z undoes, Shift Ctrl Z redoes, wherever you are.',
  keysMac: '⌘ Z undoes, Shift ⌘ Z redoes, wherever you are.',
  undoTo: (text: string) => `Undo everything back to and with: ${text}`,
  redoTo: (text: string) => `Redo everything up to and with: ${text}`,
  undone: 'undone',
  stuck: 'cannot be undone',
};
