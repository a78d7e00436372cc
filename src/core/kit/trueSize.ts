import { clamp, mean } from '../numbers';
import { bobbinCapacity, PACKING } from './bobbin';
import { dialAt, lengthCurve, trueAt, widthCurve } from './curve';
import type { Machine } from './machine';
import { threadDiameterMm } from './needleThreadFit';
import type { Thread } from './threads';

type Lengths = Pick<Machine, 'offsets' | 'calibration'>;
type Widths = Pick<Machine, 'calibration'>;

/**
 * What a machine truly feeds at a place of its length dial.
 *
 * Counted stitches beat a learned factor, which beats the print on the dial.
 *
 * @param machine - the machine
 * @param dialMm - the place on its dial, mm
 * @returns mm
 * @example
 * trueLengthMm({ offsets: { lengthFactor: 0.9 } }, 2) // => 1.8
 */
export function trueLengthMm(machine: Lengths, dialMm: number): number {
  const curve = lengthCurve(machine.calibration);
  return curve.length > 0 ? trueAt(curve, dialMm) : dialMm * (machine.offsets?.lengthFactor ?? 1);
}

/**
 * Where to set the length dial for a wanted true length.
 *
 * @param machine - the machine
 * @param trueMm - wanted feed for each stitch, mm
 * @returns the place on the dial, mm, not yet on its steps
 * @example
 * dialLengthMm({ offsets: { lengthFactor: 0.9 } }, 1.8) // => 2
 */
export function dialLengthMm(machine: Lengths, trueMm: number): number {
  const curve = lengthCurve(machine.calibration);
  return curve.length > 0 ? dialAt(curve, trueMm) : trueMm / (machine.offsets?.lengthFactor ?? 1);
}

/**
 * How wide a machine truly swings at a place of its width dial.
 *
 * @param machine - the machine
 * @param dialMm - the place on its dial, mm
 * @returns mm
 */
export const trueWidthMm = (machine: Widths, dialMm: number): number => trueAt(widthCurve(machine.calibration), dialMm);

/**
 * Where to set the width dial for a wanted true swing.
 *
 * @param machine - the machine
 * @param trueMm - wanted whole swing, mm
 * @returns the place on the dial, mm, not yet on its steps
 */
export const dialWidthMm = (machine: Widths, trueMm: number): number => dialAt(widthCurve(machine.calibration), trueMm);

/**
 * How much more or less than the model this machine lets the top layer creep.
 *
 * @param machine - the machine
 * @returns mean factor of its measured lines, kept within 0 … 5; 1 where none was measured
 * @example
 * creepFactor({ calibration: { length: [], width: [], bobbin: [], feed: [] } }) // => 1
 */
export function creepFactor(machine: Widths): number {
  const factors = (machine.calibration?.feed ?? []).flatMap((f) => f.factor ?? []);
  if (factors.length === 0) return 1;
  const middle = mean(factors);
  return clamp(Math.abs(middle), 0, 5);
}

/** The most common drop-in bobbin: outer and hub diameter and inner width in mm (memory). */
const COMMON_BOBBIN = { outerMm: 20.3, hubMm: 7, widthMm: 9, packing: PACKING };

/**
 * How much of a thread one full bobbin of this machine holds.
 *
 * Wound-off bobbins, carried over to another thread by its cross-section; until one was measured, the geometry of the
 * most common bobbin.
 *
 * @param machine - the machine
 * @param thread - what is wound on
 * @returns metres, and how many bobbins were measured (0: from geometry)
 * @example
 * bobbinMetres({}, { fibre: 'polyester', tex: 27 }) // => { metres: 51.16, measured: 0 }
 */
export function bobbinMetres(machine: Widths, thread: Thread): { metres: number; measured: number } {
  const wound = machine.calibration?.bobbin ?? [];
  if (wound.length === 0) return { metres: bobbinCapacity({ ...COMMON_BOBBIN, ...thread }).metres, measured: 0 };
  const area = (one: Thread) => threadDiameterMm(one) ** 2;
  const metres = wound.map((w) => (w.metres * area(w.thread)) / area(thread));
  return { metres: mean(metres), measured: metres.length };
}
