export { inEdit } from './recorder';
export { edit, redo, undo, type Undone, undoEntry } from './edit';
export { type Entry, followHistory, type History, historyNow } from './history';
export { readRow, removeRow, rowsPointing, writeRow, writeRows } from './write';
export { readStamps, replaceStamps } from './stamps';
export { wholeEdit } from './whole';
