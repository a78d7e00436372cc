import { giveOfSetup } from '../../physics';
import type { Setup } from '../../setup';
import { measuredGive } from '../search/learn';
import type { MatchOutput } from '../output';
import type { Question } from '../question';

/**
 * What a seam must give and what a setting gives.
 *
 * @param question - opened question
 * @param setup - the setting
 * @returns percents; `measured` where a tested card says so
 */
export function giveAnswer({ seam, learned }: Question, setup: Setup): MatchOutput['give'] {
  const measured = measuredGive(learned, setup.stitch, setup, setup.thread);
  return {
    required: seam.required.percent,
    assumed: seam.required.assumed,
    estimate: giveOfSetup(seam, setup),
    ...(measured && { measured: measured.percent }),
  };
}
