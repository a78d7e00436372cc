import type { Setup } from '../setup';
import { STITCH } from '../stitch';

/**
 * How far the blade reaches either side of the machine's centre.
 *
 * Needle position, the swing of the stitch's own polyline, half a twin's gap and half a blade.
 *
 * @param setup - the setting
 * @returns mm to the left and to the right, each measured from the centre
 * @example
 * needleReach({ stitch: 'zigzag', widthMm: 4, needlePositionMm: 0, needle: { point: 'universal', nm: 80 } }) // => { left: 2.4, right: 2.4 }
 */
export function needleReach(setup: Pick<Setup, 'stitch' | 'widthMm' | 'needlePositionMm' | 'needle'>): {
  left: number;
  right: number;
} {
  const swing = STITCH[setup.stitch].path.map(([, y]) => y * setup.widthMm);
  const half = setup.needle.nm / 200 + (setup.needle.gapMm ?? 0) / 2;
  return {
    left: half - Math.min(...swing) - setup.needlePositionMm,
    right: half + Math.max(...swing) + setup.needlePositionMm,
  };
}
