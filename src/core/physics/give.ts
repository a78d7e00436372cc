import * as z from 'zod';
import { above0, oneOf, within } from '../result';
import { type Segment, stitchFacts, STITCHES, type StitchId } from '../stitch';

/** A sewn line to be stretched. Thickness is the total, stitched down; extension the thread's own, as a share. */
export const giveInputSchema = z.strictObject({
  stitch: oneOf(STITCHES),
  lengthMm: above0('a length in mm', 20),
  widthMm: within(0, 20, 'a width in mm').default(0),
  thicknessMm: within(0, 60, 'a thickness in mm'),
  threadExtension: within(0, 1, 'a share').default(0.1),
});

/** Needed to work out give; `twinGapMm` when two needles share one bobbin. */
export interface GiveInput {
  stitch: StitchId;
  lengthMm: number;
  widthMm: number;
  thicknessMm: number;
  threadExtension: number;
  twinGapMm?: number;
}

/** How far a seam stretches before thread takes the load, in percent: cautious and hopeful. */
export interface Give {
  low: number;
  high: number;
}

/** Extra thread a backward feed leaves in each pass, as a share of the stitch length (model). */
const SLACK_OF_BACKWARD_FEED = 0.2;
/** Share of its diagonal surplus that a twin needle's bobbin thread gives each row (model). */
const TWIN_SHARE = 0.5;

/**
 * How far a sewn line can be stretched before its thread takes the load.
 *
 * Model: each segment of the stitch's polyline holds (√(L²+W²) + T)(1+ε) of thread; stretched by x it spans
 * √((L·x)² + (s·W)²) + c·T. Low: the swing narrows as the cloth keeps its area (s = 1/x) and no thread is freed
 * from the thickness (c = 1). High: the zigzag is pulled straight (s = 0) and half the thickness thread is freed
 * (c = 0.5). The weakest segment governs. The cloth's own limit is not applied, and a swatch pulled until it pops
 * always beats this.
 *
 * @param input - stitch, mm, share
 * @returns low and high in percent, 0 or more, low ≤ high
 * @throws when the length is not above 0
 * @example
 * seamGive({ stitch: 'straight', lengthMm: 2.5, widthMm: 0, thicknessMm: 1.2, threadExtension: 0.1 }) // => { low: 14.8, high: 38.8 }
 * seamGive({ stitch: 'zigzag', lengthMm: 1.5, widthMm: 5, thicknessMm: 0, threadExtension: 0 }) // => { low: 233.333, high: 248.01 }
 */
export function seamGive(input: GiveInput): Give {
  if (!(input.lengthMm > 0)) throw new Error(`seamGive: expected a length above 0, got ${input.lengthMm}`);
  const facts = stitchFacts(input.stitch);
  const slack = facts.feedsBackwards ? SLACK_OF_BACKWARD_FEED * input.lengthMm : 0;
  let low = Infinity;
  let high = Infinity;
  for (const segment of facts.segments) {
    // A purely sideways segment only relaxes when the seam is stretched.
    if (segment.dx === 0) continue;
    const give = segmentGive(segment, input, slack + twinSurplus(input));
    low = Math.min(low, give.low);
    high = Math.min(high, give.high);
  }
  return { low: Math.max(0, low - 1) * 100, high: Math.max(0, high - 1, low - 1) * 100 };
}

function segmentGive(segment: Segment, input: GiveInput, extraMm: number): Give {
  const along = Math.abs(segment.dx) * input.lengthMm;
  const across = Math.abs(segment.dy) * input.widthMm;
  const thread = (Math.hypot(along, across) + extraMm + input.thicknessMm) * (1 + input.threadExtension);
  const reachLow = thread - input.thicknessMm;
  const reachHigh = thread - input.thicknessMm / 2;
  // (along·x)² + (across/x)² = reach², solved for the larger x² : the smaller one lies on the way in, below 1.
  const r2 = reachLow ** 2;
  const inside = Math.max(0, r2 ** 2 - 4 * along ** 2 * across ** 2);
  return { low: Math.sqrt((r2 + Math.sqrt(inside)) / (2 * along ** 2)), high: reachHigh / along };
}

function twinSurplus({ twinGapMm, lengthMm }: GiveInput): number {
  if (twinGapMm === undefined) return 0;
  return TWIN_SHARE * (Math.hypot(lengthMm, twinGapMm) - lengthMm);
}
