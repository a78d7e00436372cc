import { type Homography, homographyFrom, type Quad } from '../picture/homography';
import { CARD_CORNERS } from './cards';

/** Focal lengths to try, as shares of the longer side of the picture: from wide to a little long. */
const FOCAL = [0.6, 0.75, 0.95, 1.2, 1.5, 2, 3];
/** A lens straight above sees no perspective; so small a one is noise of the corners. */
const FLAT = 0.012;

/**
 * How far four corners are from what a camera can see of a card, 0 for exactly.
 *
 * A homography of a plane is K·[r₁ r₂ t]: for the right focal length its first two columns, freed of K, are as long as
 * each other and at right angles (Hartley and Zisserman, section 8.8). The focal length is not known, so the best of
 * some usual ones counts; the lens is taken to look through the middle of the picture.
 *
 * @param corners - pixels, as `CARD_CORNERS`
 * @param width - of the picture, pixels
 * @param height - of the picture, pixels
 * @returns |ln of the ratio| + |cosine|; Infinity for no quadrilateral
 */
export function offFromCard(corners: Quad, width: number, height: number): number {
  return lookOf(corners, width, height).off;
}

/**
 * How far the camera leans, by the card.
 *
 * @returns degrees from straight above; 90 for no quadrilateral
 */
export function tiltDeg(corners: Quad, width: number, height: number): number {
  return lookOf(corners, width, height).tiltDeg;
}

/** The likeliest way a camera sees the card so. */
function lookOf(corners: Quad, width: number, height: number): { off: number; tiltDeg: number } {
  const centred = corners.map(({ x, y }) => ({ x: x - width / 2, y: y - height / 2 })) as unknown as Quad;
  const h = homographyFrom(CARD_CORNERS, centred);
  if (!h) return { off: Infinity, tiltDeg: 90 };
  const side = Math.max(width, height);
  const looks = FOCAL.map((share) => lookFor(h, share * side));
  return looks.reduce((a, b) => (b.off < a.off ? b : a));
}

function lookFor(h: Homography, focal: number): { off: number; tiltDeg: number } {
  const a = [h[0] / focal, h[3] / focal, h[6]];
  const b = [h[1] / focal, h[4] / focal, h[7]];
  // With hardly any perspective what leans is guessed from the sides alone.
  if (Math.hypot(a[2], b[2]) < FLAT * Math.hypot(a[0], a[1])) [a[2], b[2]] = [0, 0];
  const [la, lb] = [Math.hypot(...a), Math.hypot(...b)];
  const dot = a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
  // The card's own normal: how much of it points at the lens.
  const normal = [a[1] * b[2] - a[2] * b[1], a[2] * b[0] - a[0] * b[2], a[0] * b[1] - a[1] * b[0]];
  const lean = Math.acos(Math.min(1, Math.abs(normal[2]) / Math.max(1e-12, Math.hypot(...normal))));
  return { off: Math.abs(Math.log(la / lb)) + Math.abs(dot / (la * lb)), tiltDeg: (lean * 180) / Math.PI };
}
