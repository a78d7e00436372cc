import { factorFor, type Pixels, reduced } from '../picture/pixels';
import type { Quad } from '../picture/homography';
import { edgesOf } from './edges';
import { offFromCard } from './plausible';
import { cardGuesses } from './quads';
import { fittedCorners } from './sides';
import { straightLines } from './straights';

/** Pixels of the picture the card is looked for in, and of the one its sides are fitted in. */
const FIND_PIXELS = 350_000;
const FIT_PIXELS = 1_500_000;
/** Straight lines looked at. */
const LINES = 44;
/** How much it counts against a guess that a camera could not see a card so. */
const FIT_WEIGHT = 6;
/** From this score on it is a card. */
const CERTAIN = 1.15;

/**
 * Finds an ID-1 card by its outline.
 *
 * Edges → straight lines → quadrilaterals of the right shape → four sides fitted and intersected, since the corners
 * themselves are rounded. What is printed on the card does not matter.
 *
 * @param pixels - the picture
 * @returns its corners before rounding, as `CARD_CORNERS`, to a fraction of a pixel; null where no card lies in the picture
 */
export function findCard(pixels: Pixels): Quad | null {
  const factor = factorFor(pixels, FIND_PIXELS);
  const edges = edgesOf(reduced(pixels, factor));
  const likely = cardGuesses(straightLines(edges, LINES), edges).filter(({ score }) => score >= CERTAIN);
  // Fitted sides tell a card from a stripe printed on it, which rough ones do not.
  const fitted = likely.map((guess) => {
    const corners = fittedCorners(rescaled(guess.corners, factor), pixels, factor, 4);
    const off = offFromCard(corners, pixels.width, pixels.height);
    return { ...guess, corners, score: guess.score - FIT_WEIGHT * off };
  });
  const best = fitted.sort((a, b) => b.score - a.score).find(({ score }) => score >= CERTAIN);
  if (!best) return null;
  const fine = factorFor(pixels, FIT_PIXELS);
  const close = fittedCorners(best.corners, pixels, fine, (2.5 * factor) / fine);
  return fittedCorners(close, pixels, fine, 3);
}

/** From pixels of a reduced picture to those of the whole one: the middle of a square, not its corner. */
const rescaled = (quad: Quad, factor: number): Quad =>
  quad.map(({ x, y }) => ({ x: (x + 0.5) * factor - 0.5, y: (y + 0.5) * factor - 0.5 })) as unknown as Quad;
