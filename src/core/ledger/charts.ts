import { type Card, lineFacts } from '../card';
import { mean } from '../numbers';
import { machineReads, needleHours, needleName } from '../kit';
import { giveOfSetup, seamContext } from '../physics';
import { type Sign, stitchFacts } from '../stitch';
import type { TestLine, Swatch } from '../swatch';
import type { KnownCloth, KnownMachine, KnownNeedle } from './known';

/** A point of a chart. */
export interface ChartPoint {
  x: number;
  y: number;
}

/** How true one machine fed at one moment: the counted length in percent of the one wanted. */
export interface Fed extends ChartPoint {
  /** ISO moment; `x` is the same in days since the first. */
  at: string;
}

/** What one machine fed over time. */
export interface FedByMachine {
  machine: string;
  points: Fed[];
  /** Mean of its points, percent of what was wanted. */
  meanPercent: number;
}

const DAY_MS = 24 * 3600 * 1000;

/**
 * The moment of a day on the axis of time.
 *
 * @param fed - every machine of the chart
 * @param day - days since the first line
 * @returns milliseconds since 1970
 */
export const momentOnAxis = (fed: readonly FedByMachine[], day: number): number =>
  Math.min(...fed.flatMap(({ points }) => points.map((point) => Date.parse(point.at)))) + day * DAY_MS;

/**
 * Which machine feeds truer over time: every counted line, in percent of the length that was wanted.
 *
 * @param lines - lines with counted stitches
 * @param swatches - which machine each was sewn on
 * @param machines - the machines; one that is gone is left out
 * @returns for each machine its points in order of time and their mean; 100 is what was wanted
 */
export function feedOverTime(
  lines: readonly TestLine[],
  swatches: readonly Swatch[],
  machines: readonly KnownMachine[],
): FedByMachine[] {
  const scraps = new Map(swatches.map((s) => [s.id, s]));
  const counted = lines.flatMap((line) => {
    const { lengthMm } = lineFacts(line.measures);
    const record = machines.find((m) => m.id === scraps.get(line.swatchId)?.machineId);
    // A stitch that goes back and forth is not counted by its holes.
    const plain = stitchFacts(line.setup.stitch).penetrationsPerLength === 1;
    if (lengthMm === undefined || !record || line.simulated || !plain) return [];
    return [{ machine: record.machine.name, at: line.sewnAt, y: (100 * lengthMm) / line.setup.lengthMm }];
  });
  if (counted.length === 0) return [];
  const first = Math.min(...counted.map((c) => Date.parse(c.at)));
  return [...new Set(counted.map((c) => c.machine))].map((machine) => {
    const points = counted
      .filter((c) => c.machine === machine)
      .map(({ at, y }) => ({ at, y, x: (Date.parse(at) - first) / DAY_MS }))
      .sort((a, b) => a.x - b.x);
    return { machine, points, meanPercent: mean(points.map(({ y }) => y)) };
  });
}

/** A bar of a chart. */
export interface Bar {
  name: string;
  value: number;
}

const MOST_BARS = 12;
const biggest = (sums: ReadonlyMap<string, number>): Bar[] =>
  [...sums]
    .map(([name, value]) => ({ name, value }))
    .filter(({ value }) => value > 0)
    .sort((a, b) => b.value - a.value)
    .slice(0, MOST_BARS);

/**
 * Needle hours by kind.
 *
 * @param needles - the stock, spent ones too
 * @returns hours, most first
 */
export function hoursByKind(needles: readonly Pick<KnownNeedle, 'needle' | 'sewn'>[]): Bar[] {
  const sums = new Map<string, number>();
  for (const { needle, sewn } of needles) {
    const name = needleName(needle);
    sums.set(name, (sums.get(name) ?? 0) + needleHours({ sewn }));
  }
  return biggest(sums);
}

/** How often a fault was seen on a cloth. */
export interface FaultCount {
  cloth: string;
  sign: Sign;
  count: number;
}

/**
 * What faults come back on which cloth.
 *
 * @param lines - lines with what was seen on them
 * @param swatches - which cloth each was sewn on
 * @param cloths - the drawer
 * @returns counts, most first; one slip alone is a count of one
 */
export function faultsByCloth(
  lines: readonly TestLine[],
  swatches: readonly Swatch[],
  cloths: readonly KnownCloth[],
): FaultCount[] {
  const scraps = new Map(swatches.map((s) => [s.id, s.clothId]));
  const names = new Map(cloths.map((c) => [c.id, c.cloth.name]));
  const counts = new Map<string, FaultCount>();
  for (const line of lines) {
    const cloth = names.get(scraps.get(line.swatchId) ?? '');
    if (!cloth) continue;
    for (const { sign } of line.findings) {
      const key = `${cloth}\n${sign}`;
      const before = counts.get(key) ?? { cloth, sign, count: 0 };
      counts.set(key, { ...before, count: before.count + 1 });
    }
  }
  return [...counts.values()].sort((a, b) => b.count - a.count).slice(0, MOST_BARS);
}

/**
 * Tension by thickness on one machine: where its dial stood when a setting passed.
 *
 * @param cards - cards of that machine
 * @returns x: all layers under the foot in mm, y: what the dial shows
 */
export function tensionByThickness(cards: readonly Card[]): ChartPoint[] {
  return cards.flatMap((card) => {
    const { thicknessMm } = seamContext(card.cloth, card.operation);
    const y = Number(machineReads(card.machine, card.setup).tension);
    return Number.isFinite(y) ? [{ x: thicknessMm, y }] : [];
  });
}

/** How far a seam gave, and how far it was expected to. */
export interface GivePoint {
  widthMm: number;
  measured: number;
  /** It popped there; else it held that far. */
  popped: boolean;
  predicted: number;
}

/**
 * Give against width, measured and predicted.
 *
 * @param lines - lines that were pulled
 * @param swatches - what each tests
 * @param clothOf - the cloth of a scrap; null when it is gone
 * @returns one point for each line; predicted is the middle of the estimate
 */
export function giveByWidth(
  lines: readonly TestLine[],
  swatches: readonly Swatch[],
  clothOf: (clothId: string) => Parameters<typeof seamContext>[0] | null,
): GivePoint[] {
  const scraps = new Map(swatches.map((s) => [s.id, s]));
  return lines.flatMap((line) => {
    const { give } = lineFacts(line.measures);
    const scrap = scraps.get(line.swatchId);
    const cloth = scrap ? clothOf(scrap.clothId) : null;
    if (!give || !scrap || !cloth || line.simulated) return [];
    const [low, high] = giveOfSetup(seamContext(cloth, { ...scrap.operation, direction: line.direction }), line.setup);
    return [{ widthMm: line.setup.widthMm, measured: give.percent, popped: give.popped, predicted: (low + high) / 2 }];
  });
}
