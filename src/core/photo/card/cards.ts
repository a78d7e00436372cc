import type { Quad } from '../picture/homography';

/** An ID-1 card, mm (ISO/IEC 7810): width, height and the radius of its corners. */
export const CARD = { widthMm: 85.6, heightMm: 53.98, radiusMm: 3.18 } as const;

/** Its corners in mm, round from the first end of a long side. */
export const CARD_CORNERS: Quad = [
  { x: 0, y: 0 },
  { x: CARD.widthMm, y: 0 },
  { x: CARD.widthMm, y: CARD.heightMm },
  { x: 0, y: CARD.heightMm },
];
