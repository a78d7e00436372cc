import type { Step, StepOnMachine } from '../engine/types';

/** A pull is so long that a foot does not pass it: rows are sewn as far as it lets them, mm (common practice). */
export const PULL_MM = 30;

/**
 * The pull half-way along a row.
 *
 * @param view - the drawing
 * @param row - which line it is
 * @param machine - what it is sewn with
 */
export const slidePull = (
  view: string,
  row: string,
  machine: Omit<StepOnMachine, 'widthMm'>,
): Pick<Step, 'do' | 'check' | 'view' | 'now'> & { machine: Omit<StepOnMachine, 'widthMm'> } => ({
  do: 'Half-way along, stop with the needle down and lift the foot. Slide the pull past the foot, lower the foot and carry on.',
  check: 'The row carries on in one line.',
  view,
  now: [row],
  machine,
});

/** What lies in the way of a needle below a zip. */
export const METAL_AHEAD =
  'Metal ahead: turn the handwheel for the last two stitches. If the needle hits the stop it breaks and can fly into your eyes.';
