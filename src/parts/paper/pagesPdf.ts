import fontkit from '@pdf-lib/fontkit';
import {
  clip,
  endPath,
  LineCapStyle,
  LineJoinStyle,
  PDFDocument,
  type PDFPage,
  popGraphicsState,
  pushGraphicsState,
  rgb,
  setLineJoin,
  setLineWidth,
  setStrokingColor,
  setTextRenderingMode,
  StandardFonts,
  TextRenderingMode,
} from 'pdf-lib';
import type { Progress } from '@/data/progress';
import { colourParts } from './colour';
import { Face } from './face';
import type { PaperPage, PathMark, TextMark } from './marks';
import { outline } from './outline';
import { MM } from './points';
import type { TypeFiles } from './typeFiles';

/** A PDF file, and the letters that its type does not have. */
export interface Pdf {
  bytes: Uint8Array<ArrayBuffer>;
  lost: string;
}

/** The two weights of the app's own type, in a file. */
export interface Faces {
  plain: Face;
  bold: Face;
}

/** Puts the app's type into a file; of each font only the letters that are used. */
export async function facesIn(file: PDFDocument, type: TypeFiles): Promise<Faces> {
  file.registerFontkit(fontkit);
  // The type that every reader of such files has built in comes last: it has a few signs more.
  const face = async (fonts: TypeFiles['plain'], builtIn: StandardFonts) =>
    new Face([
      ...(await Promise.all(fonts.map((font) => file.embedFont(font, { subset: true })))),
      await file.embedFont(builtIn),
    ]);
  return {
    plain: await face(type.plain, StandardFonts.Helvetica),
    bold: await face(type.bold, StandardFonts.HelveticaBold),
  };
}

/** Lets the page draw and hear what is pressed. */
export const breathe = () => new Promise((done) => setTimeout(done));

/**
 * Pages as a PDF file, true to scale.
 *
 * @param title - what readers of the file show as its name
 * @returns the file; null when it was stopped
 */
export async function pagesPdf(
  pages: readonly PaperPage[],
  title: string,
  type: TypeFiles,
  { onShare, signal }: Progress = {},
): Promise<Pdf | null> {
  const file = await PDFDocument.create();
  file.setTitle(title);
  const faces = await facesIn(file, type);
  const lost = new Set<string>();
  for (const [i, { widthMm, heightMm, marks }] of pages.entries()) {
    const page = file.addPage([widthMm * MM, heightMm * MM]);
    for (const mark of marks) {
      const clipped = mark.within ? [...outline(mark.within, page.getHeight()), clip(), endPath()] : [];
      page.pushOperators(pushGraphicsState(), ...clipped, setLineJoin(LineJoinStyle.Round));
      if (mark.is === 'path') drawPath(page, mark);
      else drawText(page, mark, faces, lost);
      page.pushOperators(popGraphicsState());
    }
    onShare?.((i + 1) / pages.length);
    await breathe();
    if (signal?.aborted) return null;
  }
  return { bytes: new Uint8Array(await file.save()), lost: [...lost].join(' ') };
}

const colourOf = (said: string) => rgb(...colourParts(said));

function drawPath(page: PDFPage, mark: PathMark): void {
  page.drawSvgPath(mark.d, {
    x: 0,
    y: page.getHeight(),
    scale: MM,
    color: mark.fill ? colourOf(mark.fill) : undefined,
    opacity: mark.opacity,
    borderColor: mark.stroke ? colourOf(mark.stroke) : undefined,
    borderWidth: mark.stroke ? mark.widthMm : 0,
    borderDashArray: mark.dashMm.length > 0 ? [...mark.dashMm] : undefined,
    borderOpacity: mark.opacity,
    borderLineCap: mark.round ? LineCapStyle.Round : LineCapStyle.Butt,
  });
}

function drawText(page: PDFPage, mark: TextMark, faces: Faces, lost: Set<string>): void {
  const face = mark.bold ? faces.bold : faces.plain;
  const text = face.known(mark.text, lost);
  const at = {
    x: mark.xMm * MM,
    y: page.getHeight() - mark.yMm * MM,
    size: mark.sizeMm * MM,
    angle: -mark.angle,
  };
  if (mark.halo) {
    page.pushOperators(
      pushGraphicsState(),
      setTextRenderingMode(TextRenderingMode.Outline),
      setLineWidth(mark.halo.widthMm * MM),
      setStrokingColor(colourOf(mark.halo.colour)),
    );
    face.draw(page, text, at);
    page.pushOperators(popGraphicsState());
  }
  face.draw(page, text, { ...at, color: colourOf(mark.colour) });
}
