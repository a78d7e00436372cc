import { footOpening, type Machine, PLATE } from '../kit';
import type { Setup } from '../setup';
import type { Closed } from './checkInterlocks';
import { SLOT_CLEARANCE_MM } from './interlocks';
import { needleReach } from './needleReach';

/** What to draw of an interlock that closed. All places in mm from the machine's centre, negative to the left. */
export type Clash =
  | { kind: 'strike'; part: 'plate' | 'foot' | 'slot'; open: [number, number]; needle: [number, number] }
  | { kind: 'limit'; limit: number; actual: number; unit: string }
  | { kind: 'words' };

/**
 * The picture behind a refusal: where the needle would go, and where it may.
 *
 * @param closed - the interlock that closed
 * @param setup - the setting that was refused
 * @param machine - the machine
 * @returns the opening and the needle's reach where metal would be struck, else the limit that was passed
 * @example
 * clashOf({ code: 'interlock.width-range', strike: false, text: '', limit: 5, actual: 7, unit: 'mm' }, {}, {}) // => { kind: 'limit', limit: 5, actual: 7, unit: 'mm' }
 */
export function clashOf(closed: Closed, setup: Setup, machine: Machine): Clash {
  if (!closed.strike) {
    const { limit, actual, unit = '' } = closed;
    return limit === undefined || actual === undefined ? { kind: 'words' } : { kind: 'limit', limit, actual, unit };
  }
  const reach = needleReach(setup);
  const needle: [number, number] = [-reach.left, reach.right];
  const { part, open } = metalRound(closed, setup, machine);
  // A stitch that feeds back strikes by its sideways play, which no swing shows.
  const hits = needle[0] < open[0] || needle[1] > open[1];
  return hits ? { kind: 'strike', part, open, needle } : { kind: 'words' };
}

function metalRound(
  closed: Closed,
  setup: Setup,
  machine: Machine,
): Pick<Extract<Clash, { kind: 'strike' }>, 'part' | 'open'> {
  const hole = closed.code.startsWith('interlock.foot') ? footOpening(setup.foot, setup.footSide) : null;
  if (hole) return { part: 'foot', open: [-hole.left, hole.right] };
  if (setup.plate === 'straight') {
    const half = PLATE.straight.holeMm!;
    return { part: 'plate', open: [machine.straightHoleMm - half, machine.straightHoleMm + half] };
  }
  const half = machine.maxWidthMm / 2 + SLOT_CLEARANCE_MM;
  return { part: 'slot', open: [-half, half] };
}
