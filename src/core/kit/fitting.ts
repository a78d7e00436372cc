import { idsOf, type Origin, tableOf } from '../result';
import type { Foot } from './feet';

/** How a foot is fitted, for feet that are not simply clipped on. */
interface FittingRow {
  /** In the order they are done; lengths in braces. */
  steps: readonly [string, string, string];
  /** What shows that it is fitted as it should be. */
  check: string;
  /** What else to mind. */
  caution?: string;
}

const USUAL: Origin = {
  provenance: 'common-practice',
  source: 'How these feet are fitted on home machines; each manual has the last word.',
};
const POWER_OFF = 'Switch the machine off. Raise the needle and the presser foot';
const WHOLE_REPEAT =
  'With your foot off the pedal, turn the handwheel through one whole repeat of the stitch, both sides of a zigzag.';
const SHANK =
  'A foot fits one kind of shank: one bought for another machine may not fit this one. Its manual also says which stitches it takes.';

/** Feet that have a way of being fitted, by their ids. */
export const FITTING = tableOf<FittingRow>()({
  walking: {
    ...USUAL,
    steps: [
      `${POWER_OFF}, and unscrew the ankle: a walking foot goes straight onto the presser bar.`,
      'Lay its arm over the needle clamp. Tighten the foot’s screw by hand, then a quarter turn with the screwdriver, and the needle clamp again.',
      WHOLE_REPEAT,
    ],
    check: 'From the side, the upper teeth walk in step with the feed teeth below.',
    caution: SHANK,
  },
  knit: {
    ...USUAL,
    steps: [
      `${POWER_OFF}, and unscrew the ankle if this foot has a shank of its own.`,
      'Lay its spring arm over the needle clamp. Tighten the foot’s screw by hand, then a quarter turn with the screwdriver, and the needle clamp again.',
      WHOLE_REPEAT,
    ],
    check: 'The arm rises with the needle clamp and springs back down with it.',
    caution: SHANK,
  },
  zip: {
    ...USUAL,
    steps: [
      `${POWER_OFF}. Fit the bar on the side away from the teeth.`,
      'Move the needle towards the teeth, into the notch of the bar.',
      'Turn the handwheel through one stitch: the needle touches neither the bar nor the plate.',
    ],
    check: 'The bar is flat on the tape, beside the teeth and never on them.',
  },
  'blind-hem': {
    ...USUAL,
    steps: [
      `${POWER_OFF} to change it. Fold the hem back so that {5 mm} of its edge shows beside the fold.`,
      'Set the guide so that the fold runs along it.',
      'Turn the handwheel until the needle swings to the fold: it takes a thread or two there, no more.',
    ],
    check: 'Turned over, the stitches hardly show.',
  },
  'rolled-hem': {
    ...USUAL,
    steps: [
      `${POWER_OFF} to change it. Straight stitch, needle in the middle.`,
      'Fold the edge over twice by hand for the first {20 mm} and sew three stitches. Hold both tails, lift the foot and ease the fold into the curl.',
      'Lower the foot and sew the first stitches with the handwheel. Hold the raw edge up in front of the foot as it feeds.',
    ],
    check: 'The curl is full: the raw edge is inside the roll, and nothing sticks out below.',
  },
  binding: {
    ...USUAL,
    steps: [
      `${POWER_OFF} to change it. Cut the end of the binding to a long point.`,
      'Draw the point through the funnel with a pin or an awl, until the binding comes out folded under the needle.',
      'Push the raw edge of the fabric into the slot as far as it goes, and sew the first stitches with the handwheel.',
    ],
    check: 'The row catches both edges of the binding, above and below.',
  },
  buttonhole: {
    ...USUAL,
    steps: [
      `${POWER_OFF} to change it. Put the button into the holder, if the foot has one, and close it.`,
      'Slide the foot to where it starts. Pull the buttonhole lever down between its stops, if the machine has one.',
      'Thread down through the foot and out to the side. Sew one on scrap, with all layers and the interfacing.',
    ],
    check: 'The button goes through, and both bars are equally dense.',
  },
} satisfies Partial<Record<Foot, FittingRow & Origin>>);
export type FittedFoot = keyof typeof FITTING;
export const FITTED_FEET = idsOf(FITTING);

/**
 * Whether a foot has a way of being fitted that is worth showing.
 *
 * @param foot - any foot
 * @example
 * isFitted('walking') // => true
 * isFitted('standard') // => false
 */
export const isFitted = (foot: Foot): foot is FittedFoot => foot in FITTING;
