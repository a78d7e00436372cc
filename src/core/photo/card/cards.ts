import { ID1_CARD_MM } from '../../units';
import type { Quad } from '../picture/homography';

const { width, height } = ID1_CARD_MM;

/** The corners of an ID-1 card before rounding, mm, round from the first end of a long side. */
export const CARD_CORNERS: Quad = [
  { x: 0, y: 0 },
  { x: width, y: 0 },
  { x: width, y: height },
  { x: 0, y: height },
];
