import { isNear, stepsToReach, stepsWithin } from '../../numbers';
import type { Machine } from '../../kit';

/** Widths are tried at half millimetres: below that a scrap shows no difference. */
const WIDTH_GRID_MM = 0.5;

/** The step at which widths are tried on a machine, mm. */
export function widthStep({ widthStepMm }: Pick<Machine, 'widthStepMm'>): number {
  const halves = WIDTH_GRID_MM / widthStepMm;
  return isNear(halves, Math.round(halves)) && halves >= 1 ? WIDTH_GRID_MM : widthStepMm;
}

/** The steps of a dial from one place to another, both in; none at 0. */
export function stepsBetween(from: number, to: number, step: number): number[] {
  const first = stepsToReach(from / step);
  const last = stepsWithin(to / step);
  if (last < first) return [];
  return Array.from({ length: last - first + 1 }, (_, i) => Number(((first + i) * step).toFixed(4))).filter(
    (v) => v > 0,
  );
}
