/** Points to the mm: PDF files count in 72nds of an inch. */
export const MM = 72 / 25.4;
