import type { Cloth } from './cloth';
import { heatOf } from './heat';
import { type ClothReading, gsmOf, HEAT_SIGNS, type IronStep, readingsOf } from './readings';
import { rigidityFrom } from './rigidity';
import { repeated, type Repeated, stretchFromMarks } from './stretch';
import type { Trait } from './words';

/** Repeats of one property with the moment of the last. */
export interface Measured extends Repeated {
  at: string;
}

/** A cloth of the drawer, as far as measuring goes. */
export interface MeasuredRecord {
  cloth: Cloth;
  readings: readonly ClothReading[];
}

function together(values: readonly { value: number; at: string }[]): Measured | null {
  const all = repeated(values.map((v) => v.value));
  return all && { ...all, at: values.reduce((last, v) => (v.at > last ? v.at : last), '') };
}

/** What repeated pulls say about one direction. */
export interface MeasuredStretch {
  stretch: Measured | null;
  recovery: Measured | null;
  growth: Measured | null;
}

/**
 * What the pulls in one direction say together.
 *
 * @param readings - all readings of a cloth
 * @param direction - which way the cloth was pulled
 * @returns mean and spread of stretch, recovery and growth; null where nothing was read
 */
export function measuredStretch(readings: readonly ClothReading[], direction: 'across' | 'along'): MeasuredStretch {
  const pulls = readingsOf(readings, 'stretch').filter((r) => r.direction === direction);
  const results = pulls.map(({ marks, at }) => ({ at, ...stretchFromMarks(marks) }));
  const of = (key: 'recoveryPercent' | 'growthPercent') =>
    together(results.flatMap((r) => (typeof r[key] === 'number' ? [{ value: r[key], at: r.at }] : [])));
  return {
    stretch: together(results.map((r) => ({ value: r.stretchPercent, at: r.at }))),
    recovery: of('recoveryPercent'),
    growth: of('growthPercent'),
  };
}

/**
 * What the scale says.
 *
 * @param readings - all readings of a cloth
 * @returns g/m² with spread; null when nothing was weighed
 */
export const measuredMass = (readings: readonly ClothReading[]): Measured | null =>
  together(readingsOf(readings, 'weight').map((r) => ({ value: gsmOf(r), at: r.at })));

/**
 * What the stacks say.
 *
 * @param readings - all readings of a cloth
 * @returns mm of one layer with spread; null when nothing was stacked
 */
export const measuredThickness = (readings: readonly ClothReading[]): Measured | null =>
  together(readingsOf(readings, 'thickness').map((r) => ({ value: r.stackMm / r.layers, at: r.at })));

/**
 * How far a strip hung over the edge.
 *
 * @param readings - all readings of a cloth
 * @param direction - which way the strip was cut; left out, both ways together
 * @returns mm with spread; null when no strip was hung
 */
export function measuredOverhang(readings: readonly ClothReading[], direction?: 'across' | 'along'): Measured | null {
  const strips = readingsOf(readings, 'stiffness').filter((r) => !direction || r.direction === direction);
  return together(strips.map((r) => ({ value: r.overhangMm, at: r.at })));
}

/**
 * How much yarn came loose.
 *
 * @param readings - all readings of a cloth
 * @returns mm with spread; null when no edge was rubbed
 */
export const measuredFray = (readings: readonly ClothReading[]): Measured | null =>
  together(readingsOf(readings, 'fray').map((r) => ({ value: r.looseMm, at: r.at })));

/** What the heat ladder found. */
export interface HeatFinding {
  /** The hottest step that left no mark; null when even the first one did. */
  goodC: IronStep | null;
  /** The first step that did something, and what. */
  failedC: IronStep | null;
  sign: Exclude<(typeof HEAT_SIGNS)[number], 'nothing'> | null;
  at: string;
}

/**
 * What the heat ladder found: the last reading of each step counts.
 *
 * @param readings - all readings of a cloth
 * @returns null when no step was tried
 */
export function heatFinding(readings: readonly ClothReading[]): HeatFinding | null {
  const steps = new Map(readingsOf(readings, 'heat').map((r) => [r.soleC as IronStep, r]));
  if (steps.size === 0) return null;
  const tried = [...steps.entries()].sort(([a], [b]) => a - b);
  const failed = tried.find(([, r]) => r.seen !== 'nothing') ?? null;
  const good = tried.filter(([c, r]) => r.seen === 'nothing' && (!failed || c < failed[0])).at(-1) ?? null;
  return {
    goodC: good?.[0] ?? null,
    failedC: failed?.[0] ?? null,
    sign: (failed?.[1].seen as HeatFinding['sign']) ?? null,
    at: tried.reduce((last, [, r]) => (r.at > last ? r.at : last), ''),
  };
}

/** Loose yarn from which a cloth frays, and under which it does not, mm after ten rubs (model). */
const FRAYS_FROM_MM = 2;
const FRAYS_NOT_BELOW_MM = 0.5;
/** Flexural rigidity from which a cloth is stiff to sew, and under which it is not, mg·cm (model; denim is near 900). */
const STIFF_FROM = 800;
const STIFF_NOT_BELOW = 300;

/**
 * Which traits the gauges found or ruled out; what they did not try stays as it was.
 *
 * @param readings - all readings of a cloth
 * @param massGsm - mass of one layer for the stiffness, g/m²; left out, stiffness says nothing
 * @returns true for has it, false for has it not
 */
export function measuredTraits(readings: readonly ClothReading[], massGsm?: number): Partial<Record<Trait, boolean>> {
  const found: Partial<Record<Trait, boolean>> = {};
  const between = (trait: Trait, value: number, yes: number, no: number) => {
    if (value >= yes) found[trait] = true;
    else if (value < no) found[trait] = false;
  };
  const fray = measuredFray(readings);
  if (fray) between('frays', fray.mean, FRAYS_FROM_MM, FRAYS_NOT_BELOW_MM);
  const hole = readingsOf(readings, 'pin-hole').at(-1);
  if (hole) found['holes-stay'] = hole.stays;
  const overhang = measuredOverhang(readings);
  if (overhang && massGsm !== undefined) {
    const { rigidityMgCm } = rigidityFrom({ massGsm, overhangMm: overhang.mean });
    between('stiff', rigidityMgCm, STIFF_FROM, STIFF_NOT_BELOW);
  }
  const heat = heatFinding(readings);
  if (heat?.sign === 'water-mark') found['water-marks'] = true;
  else if (heat?.failedC) found['heat-sensitive'] = true;
  else if (heat && heat.goodC === 200) found['heat-sensitive'] = false;
  return found;
}

// A step that did nothing raises a ceiling that was only guessed; one that did something lowers it to the step before.
function measuredCeiling(record: MeasuredRecord): number | undefined {
  const heat = heatFinding(record.readings);
  if (!heat) return record.cloth.ceilingC;
  if (heat.failedC !== null) return heat.goodC ?? 0;
  return Math.max(heatOf(record.cloth).ceilingC, heat.goodC ?? 0);
}

/**
 * The cloth that goes into the computations: readings beat what was typed, what was typed beats the family.
 *
 * Stretch and recovery are taken at their cautious end, weight and thickness at their mean.
 *
 * @param record - a cloth of the drawer
 * @returns the cloth
 */
export function clothOf(record: MeasuredRecord): Cloth {
  const { cloth, readings } = record;
  const across = measuredStretch(readings, 'across');
  const along = measuredStretch(readings, 'along');
  const recoveries = [across.recovery, along.recovery].flatMap((r) => (r ? [r.cautious] : []));
  const massGsm = measuredMass(readings)?.mean ?? cloth.massGsm;
  const thicknessMm = measuredThickness(readings)?.mean ?? cloth.thicknessMm;
  const ceilingC = measuredCeiling(record);
  return {
    ...cloth,
    ...(across.stretch && { stretchAcross: across.stretch.cautious }),
    ...(along.stretch && { stretchAlong: along.stretch.cautious }),
    ...(recoveries.length > 0 && { recovery: Math.min(...recoveries) }),
    ...(massGsm !== undefined && { massGsm }),
    ...(thicknessMm !== undefined && { thicknessMm }),
    ...(ceilingC !== undefined && { ceilingC }),
    ...withTraits(cloth, measuredTraits(readings, massGsm)),
  };
}

function withTraits(cloth: Cloth, found: Partial<Record<Trait, boolean>>): Pick<Cloth, 'traits' | 'without'> {
  const [yes, no] = [true, false].map((v) => (Object.keys(found) as Trait[]).filter((trait) => found[trait] === v));
  const traits = [...cloth.traits.filter((t) => !no.includes(t) && !yes.includes(t)), ...yes];
  const without = [...(cloth.without ?? []).filter((t) => !yes.includes(t) && !no.includes(t)), ...no];
  return { traits, ...(without.length > 0 && { without }) };
}
