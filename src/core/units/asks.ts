import type { QuantityAsk } from './quantityAsk';
import { fieldUnit, lengthInUnit } from './fieldUnit';
import { formatNumber, type UnitSystem } from './format';
import { GSM_PER_OZ_SQ_YD } from './arealMass';
import type { LengthUnit } from './length';
import { quantityFacts } from './quantityKinds';

type Bounds = Omit<QuantityAsk, 'kind' | 'bare' | 'system'>;

/**
 * How a length is asked for: in the unit that fits a usual answer.
 *
 * @param system - metric or inch
 * @param usualMm - a usual answer, mm
 * @param bounds - what it must be, mm
 * @returns what `readAnswer` reads by
 */
export const lengthAsk = (system: UnitSystem, usualMm: number, bounds: Bounds = {}): QuantityAsk => ({
  kind: 'length',
  bare: fieldUnit(usualMm, system),
  system,
  usual: usualMm,
  ...bounds,
});

/** How a stitch length or width, or anything else of a machine, is asked for: in mm in both systems. */
export const dialMmAsk = (system: UnitSystem, usualMm: number, bounds: Bounds = {}): QuantityAsk => ({
  ...lengthAsk(system, usualMm, bounds),
  bare: 'mm',
});

/** How a stitch length or width of an operation is asked for: in mm, or in stitches per inch. */
export const stitchAsk = (system: UnitSystem, bounds: Bounds = {}): QuantityAsk => ({
  kind: 'stitchLength',
  bare: 'mm',
  system,
  ...bounds,
});

/** How the weight of a fabric is asked for: g/m², or ounces per square yard. */
export const massAsk = (system: UnitSystem, bounds: Bounds = {}): QuantityAsk => ({
  kind: 'arealMass',
  ...(system === 'inch' && { bare: 'oz' }),
  system,
  usual: 160,
  ...bounds,
});

/** How any number without a choice of units is asked for. */
export const numberAsk = (
  kind: Exclude<QuantityAsk['kind'], 'length' | 'stitchLength' | 'arealMass'>,
  system: UnitSystem,
  bounds: Bounds = {},
): QuantityAsk => ({ kind, system, ...bounds });

/** Behind the label of a field, where the kind has one unit. */
const LABEL_UNIT: Partial<Record<QuantityAsk['kind'], string>> = {
  percent: '%',
  grams: 'g',
  minutes: 'min',
  hours: 'h',
  degrees: '°',
  speed: 'stitches a minute',
};

/** The unit behind the label of a field; undefined where a plain number is asked for. */
export function askUnit({ kind, bare }: QuantityAsk): string | undefined {
  if (kind === 'length' || kind === 'stitchLength') return bare;
  if (kind === 'arealMass') return bare === 'oz' ? 'oz/yd²' : 'g/m²';
  return LABEL_UNIT[kind];
}

/**
 * A value as it stands in its field, without the unit.
 *
 * @param value - in the base unit of its kind
 * @param ask - what the field asks for
 * @returns text that `readAnswer` reads back
 */
export function fieldText(value: number, { kind, bare }: QuantityAsk): string {
  if (value < 0) return `−${fieldText(-value, { kind, bare } as QuantityAsk)}`;
  if (kind === 'length') return lengthInUnit(value, (bare ?? 'mm') as LengthUnit);
  if (kind === 'arealMass') return bare === 'oz' ? formatNumber(value / GSM_PER_OZ_SQ_YD, 2) : formatNumber(value, 1);
  const scale = quantityFacts(kind).units[bare ?? ''] ?? 1;
  return formatNumber(value / scale, 2);
}
