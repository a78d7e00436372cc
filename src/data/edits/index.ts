export { inEdit } from './recorder';
export { edit, type Edited, redo, undo, type Undone, undoEntry } from './edit';
export { type Entry, followHistory, forgetHistory, type History, historyNow } from './history';
export { readRow, removeRow, rowsPointing, writeRow, writeRows } from './write';
export { wholeEdit } from './whole';
