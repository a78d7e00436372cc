import { stepsToReach } from '../numbers';
import * as z from 'zod';
import { above0, type Blocked, within } from '../result';

/** What a pattern needs and what the cloth in the shop is like. Lengths and widths in mm, shares in percent. */
export const shoppingSchema = z.strictObject({
  /** Length the pattern asks for, at the width it names. */
  neededMm: above0('a length in mm', 100000),
  atWidthMm: above0('a width in mm', 6000),
  /** Width of the cloth, selvedge to selvedge. */
  widthMm: above0('a width in mm', 6000),
  /** Left on each side: selvedges are tighter and pricked. */
  selvedgeMm: within(0, 100, 'a width in mm').default(10),
  shrinkAlong: within(-20, 40, 'a percent').default(0),
  shrinkAcross: within(-20, 40, 'a percent').default(0),
  /** All pieces point the same way: nap, pile, a print with an up. */
  oneWay: z.boolean().default(false),
  /** What one way costs, percent of length. */
  oneWayPercent: within(0, 60, 'a percent').default(15),
  /** Length of a stripe, plaid or print that is matched; 0 for none. */
  repeatMm: within(0, 2000, 'a length in mm').default(0),
  /** Pieces that start at a matched place. */
  matchedPieces: within(0, 40, 'a number of pieces').default(0),
  /** Allowance taken off each edge of every piece, where edges are joined side by side or left raw. */
  takenOffMm: within(0, 100, 'a width in mm').default(0),
  /** Pieces that lie end to end along the cloth. */
  endToEnd: within(0, 60, 'a number of pieces').default(1),
  /** The widest piece as it lies on the cloth (a piece on the fold: twice its half); 0 when not known. */
  widestPieceMm: within(0, 6000, 'a width in mm').default(0),
});
export type ShoppingInput = z.input<typeof shoppingSchema>;

/** One step of the sum, for the screen. */
export interface ShoppingStep {
  what: string;
  mm: number;
}

/** How much to buy. */
export interface Shopping {
  buyMm: number;
  /** Rounded up as shops cut, mm. */
  askForMm: number;
  usableWidthMm: number;
  steps: ShoppingStep[];
}

/** Shops cut in steps of this, mm. */
const SHOP_STEP_MM = 100;

/**
 * How much cloth to buy for a pattern.
 *
 * The pattern's area at its own width is laid out again on the width that is left after selvedges and shrinking: printed charts of
 * widths go by the area too, rounded to an eighth of a yard. Allowances that are taken off make every piece shorter at both its ends;
 * that it gets narrower is not counted. Then come one-way cutting, matching (one repeat for each matched piece) and the shrinkage along the length.
 *
 * @param given - what the pattern asks for and what the cloth is like
 * @returns the length with every step of the sum, or blocked when the widest piece does not fit across, or nothing would be left of the pattern
 * @example
 * clothToBuy({ neededMm: 2000, atWidthMm: 1500, widthMm: 1500, selvedgeMm: 0, shrinkAlong: 5 }).buyMm // => 2105.263
 * clothToBuy({ neededMm: 2000, atWidthMm: 1500, widthMm: 1100, selvedgeMm: 0 }).buyMm // => 2727.273
 */
export function clothToBuy(given: ShoppingInput): Shopping | { blocked: Blocked[] } {
  const input = shoppingSchema.parse(given);
  // The pattern's width counts whole, as patterns count it; only what is lost beyond it is carried over.
  const afterWashMm = input.widthMm * (1 - input.shrinkAcross / 100);
  const usableWidthMm = afterWashMm - 2 * input.selvedgeMm;
  const patternMm = input.atWidthMm - 2 * input.selvedgeMm;
  if (usableWidthMm <= 0 || patternMm <= 0) return { blocked: [tooNarrow(2 * input.selvedgeMm, input.widthMm)] };
  if (input.widestPieceMm > usableWidthMm) return { blocked: [tooNarrow(usableWidthMm, input.widestPieceMm)] };
  const steps: ShoppingStep[] = [{ what: 'the pattern asks for', mm: input.neededMm }];
  let mm = input.neededMm;
  const add = (what: string, next: number) => {
    if (Math.abs(next - mm) > 0.5) steps.push({ what, mm: next - mm });
    mm = next;
  };
  if (input.takenOffMm > 0) {
    const offMm = 2 * input.takenOffMm * input.endToEnd;
    if (offMm >= input.neededMm) return { blocked: [nothingLeft(input.neededMm, offMm)] };
    add('unusable selvedges', mm - offMm);
  }
  add('another width', (mm * patternMm) / usableWidthMm);
  if (input.oneWay) add('all pieces one way', mm * (1 + input.oneWayPercent / 100));
  if (input.repeatMm > 0) add('matching', mm + input.repeatMm * input.matchedPieces);
  add('shrinkage', mm / (1 - input.shrinkAlong / 100));
  return {
    buyMm: mm,
    askForMm: stepsToReach(mm / SHOP_STEP_MM) * SHOP_STEP_MM,
    usableWidthMm,
    steps,
  };
}

const nothingLeft = (limit: number, actual: number): Blocked => ({
  code: 'shopping.nothing-left',
  text: 'The unusable selvedges are wider than the fabric: check both numbers.',
  limit,
  actual,
  unit: 'mm',
});

const tooNarrow = (limit: number, actual: number): Blocked => ({
  code: 'shopping.cloth-too-narrow',
  text: 'The widest piece does not fit across this fabric: choose a wider one, or turn or divide the piece.',
  limit,
  actual,
  unit: 'mm',
});
