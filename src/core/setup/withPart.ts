import { bobbinFor, type Kit } from '../kit';
import type { Setup } from './setup';
import { stitchFacts, type StitchId } from '../stitch';

/** The parts of a setting that are chosen, not turned. */
export const CHOSEN_PARTS = ['needle', 'thread', 'foot', 'plate', 'stitch'] as const;
export type ChosenPart = (typeof CHOSEN_PARTS)[number];

/** A swing to begin with when a stitch that has one replaces a line, mm. */
const FIRST_WIDTH_MM = 2;

/**
 * A setting with one part exchanged, and what cannot stay with it put right.
 *
 * The bobbin follows the thread, as far as `bobbinFor` says; a line has no width and a swing has some; a foot that stood to one side of the needle
 * takes its needle position away with it.
 *
 * @param setup - the setting
 * @param part - which part
 * @param value - the new part
 * @param kit - what is owned: what may go into the bobbin
 * @returns a new setting, not yet looked over
 * @example
 * withPart({ stitch: 'zigzag', widthMm: 3 }, 'stitch', 'straight') // => { stitch: 'straight', widthMm: 0 }
 * withPart({ stitch: 'straight', widthMm: 0 }, 'stitch', 'zigzag').widthMm // => 2
 */
export function withPart<P extends ChosenPart>(
  setup: Setup,
  part: P,
  value: Setup[P],
  kit: Pick<Kit, 'threads'> = { threads: [] },
): Setup {
  if (part === 'thread') {
    const thread = value as Setup['thread'];
    return { ...setup, thread, bobbin: bobbinFor(thread, kit) };
  }
  if (part === 'foot') {
    const { footSide, ...rest } = setup;
    return footSide === undefined
      ? { ...setup, foot: value as Setup['foot'] }
      : { ...rest, foot: value as Setup['foot'], needlePositionMm: 0 };
  }
  if (part !== 'stitch') return { ...setup, [part]: value };
  const swings = stitchFacts(value as StitchId).swings;
  const widthMm = swings ? setup.widthMm || FIRST_WIDTH_MM : 0;
  return { ...setup, stitch: value as StitchId, widthMm };
}
