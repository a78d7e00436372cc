import type { Setup } from '../../setup';
import { type MatchInput, openQuestion } from '../question';
import { bestSettings } from './bestSettings';
import { fallsShort } from './stitchSize';

/**
 * The best setting with each of the stitches that serve a seam best.
 *
 * @param input - checked input
 * @param most - how many stitches
 * @returns settings, best first; fewer where fewer stitches serve
 */
export function bestStitches(input: MatchInput, most: number): Setup[] {
  const enough = bestSettings(openQuestion(input)).filter(({ cost }) => !fallsShort(cost));
  const first = enough.filter(({ setup }, i) => enough.findIndex((one) => one.setup.stitch === setup.stitch) === i);
  return first.slice(0, most).map(({ setup }) => setup);
}
