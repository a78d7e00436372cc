/** What the question mark opens. */
export const HELP_TEXT = {
  button: 'Keys and words',
  keys: 'Keys',
  words: 'Words: what everything is called',
  byKey: 'Single letters, figures and signs work as keys',
} as const;

/** The keys that work, and where. */
export const KEYS: readonly { keys: string; does: string }[] = [
  { keys: 'Ctrl K, ⌘ K, /', does: 'Find anything, or do it' },
  { keys: '1 … 9', does: 'Go to a page, in the order of the tape' },
  { keys: 'm', does: 'Go to the machine bar, and back' },
  { keys: '?', does: 'Open this list' },
  { keys: 'Ctrl Z, ⌘ Z', does: 'Undo' },
  { keys: 'Shift Ctrl Z, Shift ⌘ Z', does: 'Redo' },
  { keys: 'Tab, Shift Tab', does: 'Go to the next or last control' },
  { keys: 'Enter, Space', does: 'Press it' },
  { keys: 'Escape', does: 'Close what is open' },
  { keys: 'Space, →', does: 'In Sew: next step' },
  { keys: '←', does: 'In Sew: back one step' },
  { keys: 'Space, then ↑ ↓', does: 'In a project: pick up a seam and move it' },
];
