export { CLOTH_COLUMNS, type FreshFrom, readCloths, writeCloths } from './clothCsv';
export { KIT_COLUMNS, type KitRow, kitRows, readKit, writeKit } from './kitCsv';
export { NEEDLE_COLUMNS, readNeedles, writeNeedles } from './needleCsv';
export { type ReadRecords } from './result';
export { type CellError, cellNumber, type Column, guarded } from './table';
export { readSeams, SEAM_COLUMNS, type SeamNames, writeSeams } from './seamCsv';
