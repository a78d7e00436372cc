import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { decodePDFRawStream, PDFArray, PDFDocument, PDFRawStream, type PDFPage } from 'pdf-lib';
import type { TypeFiles } from './typeFiles';

const { resolve } = createRequire(import.meta.url);
const font = (name: string) =>
  new Uint8Array(
    readFileSync(resolve(`@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-${name}.woff`)),
  ).buffer;

/** The type that ships with the app, read from where it is installed. */
export const TYPE: TypeFiles = {
  plain: [font('latin-400-normal'), font('latin-ext-400-normal')],
  bold: [font('latin-700-normal'), font('latin-ext-700-normal')],
};

/** The pages of a file. */
export const pagesOf = async (bytes: Uint8Array): Promise<PDFPage[]> => (await PDFDocument.load(bytes)).getPages();

/** What a page draws, as the file says it. */
export function drawnOn(page: PDFPage): string {
  const contents = page.node.Contents();
  const streams =
    contents instanceof PDFArray ? contents.asArray().map((one) => page.doc.context.lookup(one)) : [contents];
  return streams
    .flatMap((one) =>
      one instanceof PDFRawStream ? [new TextDecoder('latin1').decode(decodePDFRawStream(one).decode())] : [],
    )
    .join('\n');
}
