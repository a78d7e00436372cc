// What makes files of pages: apart from the dialog, so that it is fetched only when a file is made.
export type { Face } from './face';
export { breathe, type Faces, facesIn, type Pdf } from './pagesPdf';
export { MM } from './points';
export type { TypeFiles } from './typeFiles';
