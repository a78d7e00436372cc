import type { Machine } from '@/core/kit';
import { formatNumber } from '@/core/units';
import type { CheckUpLine } from '@/core/workroom';
import { CHECK_UP_TEXT } from './text';

const TEXT = CHECK_UP_TEXT.setting;

/** Where the dials stand for a line, in one phrase; what a machine has no dial for is left out. */
export function settingOf({ pressureDial }: Machine, line: CheckUpLine): string {
  const { stitch, lengthMm, widthMm, tension, pressure } = line;
  return [
    TEXT[stitch],
    TEXT.length(formatNumber(lengthMm)),
    ...(widthMm > 0 ? [TEXT.width(formatNumber(widthMm))] : []),
    TEXT.tension(formatNumber(tension)),
    ...(pressureDial ? [TEXT.pressure(pressure)] : []),
  ].join(', ');
}
