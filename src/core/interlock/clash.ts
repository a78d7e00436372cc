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
  if (closed.code.startsWith('interlock.foot')) {
    const hole = footOpening(setup.foot, setup.footSide);
    if (hole) return { kind: 'strike', part: 'foot', open: [-hole.left, hole.right], needle };
  }
  if (setup.plate === 'straight') {
    const half = PLATE.straight.holeMm!;
    const at = machine.straightHoleMm;
    return { kind: 'strike', part: 'plate', open: [at - half, at + half], needle };
  }
  const half = machine.maxWidthMm / 2 + SLOT_CLEARANCE_MM;
  return { kind: 'strike', part: 'slot', open: [-half, half], needle };
}
