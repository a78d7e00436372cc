import type { TooltipOptions } from 'chart.js';
import type { Ink } from './chartInk';

/** What stands beside the value under the pointer or the arrow keys: ink on a sheet, no shadow. */
export const tooltipIn = (ink: Ink): Partial<TooltipOptions> => ({
  enabled: true,
  animation: false,
  backgroundColor: ink.sheet,
  borderColor: ink.ink,
  borderWidth: 2,
  cornerRadius: 0,
  padding: 10,
  displayColors: false,
  titleColor: ink['ink-2'],
  bodyColor: ink.ink,
  titleFont: { family: ink.text, size: 13, weight: 450 as never },
  bodyFont: { family: ink.text, size: 15, weight: 650 as never },
});
