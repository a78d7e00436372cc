import { clamp, isNear, stepsToReach, stepsWithin } from '../numbers';
import { STITCH, type StitchId } from '../stitch';
import { formatNumber } from '../units';
import type { Machine } from './machine';
import { dialLengthMm, dialWidthMm } from './trueSize';

/** One place on a pressure dial and how hard it presses: 0 lightest, 0.5 the machine's normal, 1 heaviest. */
export interface PressureStep {
  position: string;
  pressure: number;
}

/**
 * The pressures a machine can be set to.
 *
 * The dial's own marks, lightest first, are spread evenly below normal (0 … 0.5) and above it (0.5 … 1). A machine
 * whose normal is its highest mark has nothing above 0.5. A learned offset shifts what each mark really presses.
 *
 * @param machine - the machine
 * @returns one step for each mark; a single nameless one at normal when the pressure is fixed
 * @example
 * pressureSteps({ pressureDial: { positions: [0, 1, 2, 3], normal: 2 } }).map((s) => s.pressure) // => [0, 0.25, 0.5, 1]
 * pressureSteps({ pressureDial: null }) // => [{ position: 'fixed', pressure: 0.5 }]
 */
export function pressureSteps(machine: Pick<Machine, 'pressureDial' | 'offsets'>): PressureStep[] {
  const offset = machine.offsets?.pressure ?? 0;
  if (!machine.pressureDial) return [{ position: 'fixed', pressure: 0.5 }];
  const { positions, normal } = machine.pressureDial;
  const at = positions.indexOf(normal);
  const top = positions.length - 1;
  return positions.map((position, i) => {
    const plain = i <= at ? (at === 0 ? 0.5 : (0.5 * i) / at) : 0.5 + (0.5 * (i - at)) / (top - at);
    return { position: String(position), pressure: clamp(plain + offset, 0, 1) };
  });
}

/**
 * The mark nearest to a pressure.
 *
 * @param machine - the machine
 * @param pressure - 0 … 1
 * @returns the step; the lighter one when two are as near
 * @example
 * nearestPressureStep({ pressureDial: { positions: ['light', 'normal'], normal: 'normal' } }, 0.1).position // => 'light'
 */
export function nearestPressureStep(
  machine: Pick<Machine, 'pressureDial' | 'offsets'>,
  pressure: number,
): PressureStep {
  const off = (step: PressureStep) => Math.abs(step.pressure - pressure);
  return pressureSteps(machine).reduce((best, step) => (off(step) < off(best) ? step : best));
}

/**
 * What the tension dial shows for a number of steps from normal.
 *
 * A learned offset is added, and the result is kept on the dial and on its own steps.
 *
 * @param machine - the machine
 * @param steps - steps from its normal
 * @returns the number on the dial
 * @example
 * tensionReading({ tensionDial: { min: 0, max: 9, normal: 4, step: 0.5 } }, -1) // => 3
 * tensionReading({ tensionDial: { min: 0, max: 9, normal: 4, step: 1 } }, -0.5) // => 4
 */
export function tensionReading(machine: Pick<Machine, 'tensionDial' | 'offsets'>, steps: number): number {
  const { min, max, normal, step } = machine.tensionDial;
  const wanted = normal + steps + (machine.offsets?.tensionSteps ?? 0);
  const off = (wanted - normal) / step;
  // Half a step the dial does not have stays on the side of normal.
  const onStep = Math.sign(off) * stepsToReach(Math.abs(off) - 0.5) * step + normal;
  return clamp(Number(onStep.toFixed(4)), min, max);
}

/**
 * The tension steps a machine can be set to, within three of normal.
 *
 * @param machine - the machine
 * @returns steps from normal, lowest first, only whole and half ones the dial has
 * @example
 * tensionSteps({ tensionDial: { min: 0, max: 9, normal: 4, step: 1 } }) // => [-3, -2, -1, 0, 1, 2, 3]
 */
export function tensionSteps(machine: Pick<Machine, 'tensionDial' | 'offsets'>): number[] {
  const { min, max, normal, step } = machine.tensionDial;
  const halves = Array.from({ length: 13 }, (_, i) => -3 + i / 2);
  return halves.filter((s) => {
    const reading = normal + s + (machine.offsets?.tensionSteps ?? 0);
    const onStep = isNear(s / step, Math.round(s / step));
    return onStep && reading >= min && reading <= max;
  });
}

/**
 * The needle position nearest to a wanted one that the machine can take.
 *
 * Positions are spread evenly over the widest swing; a machine with one stands in the centre.
 *
 * @param machine - the machine
 * @param wantedMm - from the centre, mm, negative to the left
 * @returns mm, never farther out than wanted
 * @example
 * nearestNeedlePosition({ needlePositions: 15, maxWidthMm: 7 }, 2.2) // => 2
 * nearestNeedlePosition({ needlePositions: 1, maxWidthMm: 7 }, 2.2) // => 0
 */
export function nearestNeedlePosition(
  machine: Pick<Machine, 'needlePositions' | 'maxWidthMm'>,
  wantedMm: number,
): number {
  const { needlePositions, maxWidthMm } = machine;
  if (needlePositions < 2 || maxWidthMm === 0) return 0;
  const step = maxWidthMm / (needlePositions - 1);
  // An even number of positions has none in the middle.
  const first = needlePositions % 2 === 0 ? step / 2 : 0;
  const reach = Math.min(Math.abs(wantedMm), maxWidthMm / 2);
  const off = reach < first ? 0 : first + stepsWithin((reach - first) / step) * step;
  return Math.sign(wantedMm) * Number(off.toFixed(2)) || 0;
}

/**
 * A stitch by its name and, where it was told, by what is printed beside it on the machine: what a hand selects first.
 *
 * @param machine - the machine, where it is known
 * @param stitch - the stitch
 * @param place - whether it begins a sentence or stands within one; what is printed is never written small
 * @example
 * stitchReading({ stitchLabels: { zigzag: 'B4' } }, 'zigzag') // => 'Zigzag, stitch B4'
 * stitchReading({ stitchLabels: { zigzag: 'B4' } }, 'zigzag', 'within') // => 'zigzag, stitch B4'
 * stitchReading({}, 'zigzag') // => 'Zigzag'
 */
export function stitchReading(
  machine: Pick<Machine, 'stitchLabels'> | undefined,
  stitch: StitchId,
  place: 'first' | 'within' = 'first',
): string {
  const name = place === 'first' ? STITCH[stitch].name : STITCH[stitch].name.toLowerCase();
  const printed = machine?.stitchLabels?.[stitch];
  return printed === undefined ? name : `${name}, stitch ${printed}`;
}

/**
 * A stitch and its true size: a setting in a few words.
 *
 * @param machine - the machine it is sewn on, where it is known
 * @param setup - the stitch, its length and width, mm
 * @param place - whether it begins a sentence or stands within one
 * @example
 * stitchAndSize({}, { stitch: 'zigzag', lengthMm: 2.5, widthMm: 3 }) // => 'Zigzag, 2.5 × 3 mm'
 * stitchAndSize({ stitchLabels: { straight: '01' } }, { stitch: 'straight', lengthMm: 2.5, widthMm: 0 }, 'within') // => 'straight, stitch 01, 2.5 mm'
 */
export function stitchAndSize(
  machine: Pick<Machine, 'stitchLabels'> | undefined,
  { stitch, lengthMm, widthMm }: { stitch: StitchId; lengthMm: number; widthMm: number },
  place: 'first' | 'within' = 'first',
): string {
  const width = widthMm > 0 ? ` × ${formatNumber(widthMm, 2)}` : '';
  return `${stitchReading(machine, stitch, place)}, ${formatNumber(lengthMm, 2)}${width} mm`;
}

/** The readings of a setting as printed on the machine. */
export interface MachineReads {
  /** What is printed beside the stitch, where that was told. */
  stitch?: string;
  length: string;
  width: string;
  tension: string;
  pressure: string;
  needlePosition: string;
}

/**
 * A setting as this machine's dials show it.
 *
 * @param machine - the machine
 * @param setup - true length and width in mm, tension steps, pressure and needle position
 * @returns what to dial, as text
 * @example
 * machineReads(machine, { lengthMm: 2.5, widthMm: 2, tensionSteps: 0, pressure: 0.25, needlePositionMm: 0 }).pressure // => '1' where machine = { lengthStepMm: 0.1, widthStepMm: 0.1, pressureDial: { positions: [0, 1, 2, 3], normal: 2 }, tensionDial: { min: 0, max: 9, normal: 4, step: 0.5 } }
 */
export function machineReads(
  machine: Pick<
    Machine,
    'pressureDial' | 'tensionDial' | 'offsets' | 'calibration' | 'lengthStepMm' | 'widthStepMm' | 'stitchLabels'
  >,
  setup: {
    stitch?: StitchId;
    lengthMm: number;
    widthMm: number;
    tensionSteps: number;
    pressure: number;
    needlePositionMm: number;
  },
): MachineReads {
  const onStep = (mm: number, step: number) => formatNumber(Math.round(mm / step) * step, 2);
  const position = setup.needlePositionMm;
  const side = position < 0 ? 'left' : 'right';
  const printed = setup.stitch && machine.stitchLabels?.[setup.stitch];
  return {
    ...(printed !== undefined && { stitch: printed }),
    length: onStep(dialLengthMm(machine, setup.lengthMm), machine.lengthStepMm),
    width: onStep(dialWidthMm(machine, setup.widthMm), machine.widthStepMm),
    tension: formatNumber(tensionReading(machine, setup.tensionSteps), 2),
    pressure: nearestPressureStep(machine, setup.pressure).position,
    needlePosition: position === 0 ? 'centre' : `${formatNumber(Math.abs(position), 1)} mm ${side}`,
  };
}

/**
 * The mark a dial's normal is taken to be until the person says: the one that was, else the middle one.
 *
 * @param positions - the marks, lightest first, at least one
 * @param was - the normal mark so far
 */
export const normalMark = <T>(positions: readonly T[], was?: T): T =>
  was !== undefined && positions.includes(was) ? was : positions[Math.floor((positions.length - 1) / 2)];

/**
 * The needle positions of a machine, as distances from the centre.
 *
 * @param machine - its widest stitch and how many positions it has
 * @returns mm, the leftmost first (negative)
 * @example
 * needlePlacesMm({ needlePositions: 3, maxWidthMm: 6 }) // => [-3, 0, 3]
 * needlePlacesMm({ needlePositions: 1, maxWidthMm: 0 }) // => [0]
 */
export function needlePlacesMm({
  needlePositions,
  maxWidthMm,
}: Pick<Machine, 'needlePositions' | 'maxWidthMm'>): number[] {
  if (needlePositions < 2) return [0];
  const step = maxWidthMm / (needlePositions - 1);
  return Array.from({ length: needlePositions }, (_, i) => i * step - maxWidthMm / 2);
}
