/** What is said about what was done. */
export const HISTORY_TEXT = {
  button: 'History',
  title: 'What you did',
  empty: 'Nothing yet. What you change from now on can be undone here.',
  undo: 'Undo',
  undoThis: (text: string) => `Undo: ${text}`,
  nothing: 'Nothing to undo yet',
  redo: 'Redo',
  keys: 'Ctrl Z to undo, Shift Ctrl Z to redo, on any page.',
  keysMac: '⌘ Z to undo, Shift ⌘ Z to redo, on any page.',
  undoTo: (text: string) => `Undo everything back to and including: ${text}`,
  redoTo: (text: string) => `Redo everything up to and including: ${text}`,
  undone: 'undone',
  stuck: 'cannot be undone',
};
