import { isAbove, isBelow, stepsWithin } from '../numbers';
import { type Machine, pressureSteps, trueLengthMm, trueWidthMm } from '../kit';
import { stitchFacts } from '../stitch';
import type { Setup } from './setup';

/** The dials a hand turns. */
export const DIALS = ['length', 'width', 'tension', 'pressure'] as const;
export type Dial = (typeof DIALS)[number];

/** Which part of a setting each dial is. */
const PART: Record<Dial, 'lengthMm' | 'widthMm' | 'tensionSteps' | 'pressure'> = {
  length: 'lengthMm',
  width: 'widthMm',
  tension: 'tensionSteps',
  pressure: 'pressure',
};

const clean = (value: number) => Number(value.toFixed(4));
const steps = (from: number, to: number, step: number) =>
  Array.from({ length: Math.max(0, stepsWithin((to - from) / step) + 1) }, (_, i) => clean(from + i * step));

/**
 * Every value one dial of a machine can be set to, lowest first, in the units of a setting.
 *
 * Length and width in mm on the machine's own steps, tension in whole and half steps from normal as far as the dial
 * goes, pressure from 0 to 1 at the dial's marks.
 *
 * @param machine - the machine
 * @param setup - the setting, for what its stitch can be
 * @param dial - which dial
 * @returns values; one alone when the dial is fixed, none for the width of a stitch that does not swing
 * @example
 * dialValues({ maxWidthMm: 1, widthStepMm: 0.5 }, { stitch: 'zigzag' }, 'width') // => [0.5, 1]
 * dialValues({ maxWidthMm: 1, widthStepMm: 0.5 }, { stitch: 'straight' }, 'width') // => []
 */
export function dialValues(machine: Machine, setup: Pick<Setup, 'stitch'>, dial: Dial): number[] {
  if (dial === 'length') {
    const longest = trueLengthMm(machine, machine.maxLengthMm);
    return steps(machine.lengthStepMm, longest, machine.lengthStepMm).filter((mm) => mm >= SHORTEST_MM);
  }
  if (dial === 'width') {
    const widest = trueWidthMm(machine, machine.maxWidthMm);
    return stitchFacts(setup.stitch).swings ? steps(machine.widthStepMm, widest, machine.widthStepMm) : [];
  }
  if (dial === 'pressure') return [...new Set(pressureSteps(machine).map((step) => step.pressure))];
  const { min, max, normal, step } = machine.tensionDial;
  const offset = machine.offsets?.tensionSteps ?? 0;
  const turn = Math.max(0.5, Math.round(step * 2) / 2);
  const below = stepsWithin((normal + offset - min) / turn);
  const above = stepsWithin((max - normal - offset) / turn);
  return Array.from({ length: below + above + 1 }, (_, i) => (i - below) * turn);
}

/** No home machine feeds less and still forms a stitch, mm. */
const SHORTEST_MM = 0.2;

/**
 * What one dial of a setting is at.
 *
 * @param setup - the setting
 * @param dial - which dial
 * @returns mm, steps from normal, or 0 … 1
 * @example
 * dialOf({ lengthMm: 2.5 }, 'length') // => 2.5
 */
export function dialOf(setup: Setup, dial: Dial): number {
  return setup[PART[dial]];
}

/**
 * A setting with one dial at another value.
 *
 * @param setup - the setting
 * @param dial - which dial
 * @param value - in the dial's own unit
 * @returns a new setting
 * @example
 * withDial({ lengthMm: 2.5, widthMm: 2 }, 'width', 3) // => { lengthMm: 2.5, widthMm: 3 }
 */
export function withDial(setup: Setup, dial: Dial, value: number): Setup {
  return { ...setup, [PART[dial]]: value };
}

/**
 * Which of a dial's values is nearest to one.
 *
 * @param values - at least one
 * @param value - in the same unit
 * @returns its place; the lower one when two are as near
 * @example
 * nearestIndex([1, 2, 3], 2.2) // => 1
 */
export function nearestIndex(values: readonly number[], value: number): number {
  const off = (i: number) => Math.abs(values[i] - value);
  return values.reduce((best, _, i) => (off(i) < off(best) ? i : best), 0);
}

/**
 * A setting with one dial turned up or down.
 *
 * @param machine - the machine
 * @param setup - the setting
 * @param dial - which dial
 * @param by - how far in the dial's own unit, for length and width; tension and pressure go mark by mark
 * @returns the new setting; null past the end of the dial
 */
export function turnDial(machine: Machine, setup: Setup, dial: Dial, by: number): Setup | null {
  const values = dialValues(machine, setup, dial);
  const now = dialOf(setup, dial);
  const beyond = (value: number) => (by > 0 ? isAbove(value, now) : isBelow(value, now));
  const onward = values.filter(beyond);
  if (onward.length === 0) return null;
  if (dial === 'tension' || dial === 'pressure') return withDial(setup, dial, by > 0 ? onward[0] : onward.at(-1)!);
  return withDial(setup, dial, onward[nearestIndex(onward, now + by)]);
}
