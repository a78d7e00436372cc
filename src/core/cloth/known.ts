import { idsOf } from '../result';
import { clothProfile, type ClothProfile, type Property } from './profile';
import {
  clothOf,
  heatFinding,
  measuredFray,
  measuredMass,
  measuredOverhang,
  type Measured,
  type MeasuredRecord,
  measuredStretch,
  measuredThickness,
} from './measured';
import { type Gauge, readingsOf } from './readings';
import { rigidityFrom } from './rigidity';
import { shrinkFinding, usualShrinkage } from './washing';
import { FAMILY } from './families';

/** What a property is called on screen, what it decides, and which gauge finds it. */
interface PropertyRow {
  name: string;
  decides: string;
  gauge: Gauge;
}

/** Everything that is known or assumed of a cloth, in the order of the page. */
export const PROPERTY = {
  stretchAcross: { name: 'Stretch across', decides: 'stitch, width, how far a seam must stretch', gauge: 'stretch' },
  stretchAlong: { name: 'Stretch along', decides: 'seams that run the other way', gauge: 'stretch' },
  recovery: { name: 'Recovery', decides: 'pressure, bands, a second row', gauge: 'stretch' },
  massGsm: { name: 'Weight', decides: 'needle and thread size', gauge: 'weight' },
  thicknessMm: { name: 'Thickness', decides: 'tension, thread used, foot lift', gauge: 'thickness' },
  shrinkage: { name: 'Shrinks', decides: 'how much to buy, when to cut', gauge: 'shrink' },
  stiffness: { name: 'Stiffness', decides: 'needle point, how it is held', gauge: 'stiffness' },
  fray: { name: 'Frays', decides: 'seam finish, pre-wash', gauge: 'fray' },
  pinHole: { name: 'Pin holes', decides: 'pins or clips, unpicking', gauge: 'pin-hole' },
  bleed: { name: 'Bleeds', decides: 'how it is washed', gauge: 'bleed' },
  heat: { name: 'Iron', decides: 'how hot it is pressed', gauge: 'heat' },
} satisfies Record<string, PropertyRow>;
export type KnownProperty = keyof typeof PROPERTY;
export const PROPERTIES = idsOf(PROPERTY);

/** One property of one cloth: its value and where it came from. */
export interface Known {
  property: KnownProperty;
  source: 'measured' | 'typed' | 'inferred';
  /** The number the plan uses; null for what is only said in words. */
  value: number | null;
  low: number | null;
  high: number | null;
  /** What is not a number: "stay", "ran clear". */
  words: string | null;
  /** Repeats: how many, their mean and spread, and when the last was taken; null when not measured. */
  measured: Measured | null;
  /** What it was inferred from. */
  from: string | null;
}

/**
 * Everything known of a cloth, with where each part came from.
 *
 * @param record - the cloth and its readings
 * @returns one entry for each property, in the order of `PROPERTIES`
 */
export function knownOf(record: MeasuredRecord): Known[] {
  const profile = clothProfile(clothOf(record));
  return PROPERTIES.map((property) => READERS[property](record, profile));
}

type Reader = (record: MeasuredRecord, profile: ClothProfile) => Known;
const NOTHING = { value: null, low: null, high: null, words: null, measured: null, from: null };

function numeric(
  property: KnownProperty,
  key: 'stretchAcross' | 'stretchAlong' | 'recovery' | 'massGsm' | 'thicknessMm',
  measure: (record: MeasuredRecord) => Measured | null,
): Reader {
  return (record, profile) => {
    const measured = measure(record);
    const { value, low, high }: Property = profile[key];
    const typed = record.cloth[key] !== undefined;
    const source = measured ? 'measured' : typed ? 'typed' : 'inferred';
    const from = source === 'inferred' ? FAMILY[profile.family].name : null;
    return { ...NOTHING, property, source, value, low, high, measured, from };
  };
}

const inFamily = ({ cloth }: MeasuredRecord) => FAMILY[cloth.family].name;

const READERS: Record<KnownProperty, Reader> = {
  stretchAcross: numeric('stretchAcross', 'stretchAcross', (r) => measuredStretch(r.readings, 'across').stretch),
  stretchAlong: numeric('stretchAlong', 'stretchAlong', (r) => measuredStretch(r.readings, 'along').stretch),
  recovery: numeric('recovery', 'recovery', ({ readings }) => {
    const both = [measuredStretch(readings, 'across').recovery, measuredStretch(readings, 'along').recovery];
    const seen = both.filter((m) => m !== null);
    return seen.sort((a, b) => a.cautious - b.cautious)[0] ?? null;
  }),
  massGsm: numeric('massGsm', 'massGsm', (r) => measuredMass(r.readings)),
  thicknessMm: numeric('thicknessMm', 'thicknessMm', (r) => measuredThickness(r.readings)),
  shrinkage: (record) => {
    const found = shrinkFinding(record.readings);
    const usual = usualShrinkage(record.cloth);
    const { acrossPercent, alongPercent } = found ?? usual;
    return {
      ...NOTHING,
      property: 'shrinkage',
      source: found ? 'measured' : 'inferred',
      value: alongPercent,
      low: Math.min(acrossPercent, alongPercent),
      high: Math.max(acrossPercent, alongPercent),
      words: `${percent(alongPercent)} along, ${percent(acrossPercent)} across`,
      measured: found && {
        mean: found.alongPercent,
        spread: 0,
        n: found.n,
        cautious: found.alongPercent,
        at: found.at,
      },
      from: found ? null : usual.from,
    };
  },
  stiffness: (record, profile) => {
    const hung = measuredOverhang(record.readings);
    const stiff = profile.traits.includes('stiff');
    if (!hung) return said('stiffness', stiff ? 'stiff' : 'soft', record);
    const { rigidityMgCm } = rigidityFrom({ massGsm: profile.massGsm.value, overhangMm: hung.mean });
    const words = `${stiff ? 'stiff' : 'soft'}, ${Math.round(rigidityMgCm)} mg·cm`;
    return { ...NOTHING, property: 'stiffness', source: 'measured', value: rigidityMgCm, words, measured: hung };
  },
  fray: (record, profile) => {
    const measured = measuredFray(record.readings);
    const words = profile.traits.includes('frays') ? 'yes' : 'hardly';
    if (!measured) return said('fray', words, record);
    return { ...NOTHING, property: 'fray', source: 'measured', value: measured.mean, words, measured };
  },
  pinHole: (record, profile) => {
    const holes = readingsOf(record.readings, 'pin-hole');
    const words = profile.traits.includes('holes-stay') ? 'stay' : 'close';
    return holes.length === 0 ? said('pinHole', words, record) : seen('pinHole', words, holes);
  },
  bleed: (record) => {
    const rinses = readingsOf(record.readings, 'bleed');
    const last = rinses.at(-1);
    if (!last) return { ...said('bleed', 'not tested', record), from: 'nothing' };
    const words =
      last.shows === 'nothing' ? `rinse ${last.rinse} ran clear` : `rinse ${last.rinse} showed ${last.shows}`;
    return seen('bleed', words, rinses);
  },
  heat: (record, profile) => {
    const heat = heatFinding(record.readings);
    const { ceilingC: value, fibre } = profile.heat;
    const words = value === 0 ? 'no iron' : `${value} °C at most`;
    if (heat) return { ...seen('heat', words, readingsOf(record.readings, 'heat')), value };
    if (record.cloth.ceilingC !== undefined)
      return { ...said('heat', words, record), source: 'typed', from: null, value };
    const from = fibre ?? 'nothing: its fibres are not known, so start with one dot';
    return { ...said('heat', words, record), value, from };
  },
};

const percent = (value: number) => `${Number(value.toFixed(1))}%`;

function said(property: KnownProperty, words: string, record: MeasuredRecord): Known {
  const trait = ({ stiffness: 'stiff', fray: 'frays', pinHole: 'holes-stay' } as const)[property as 'fray'];
  const own = trait && (record.cloth.traits.includes(trait) || record.cloth.without?.includes(trait));
  return own
    ? { ...NOTHING, property, source: 'typed', words }
    : { ...NOTHING, property, source: 'inferred', words, from: inFamily(record) };
}

function seen(property: KnownProperty, words: string, readings: readonly { at: string }[]): Known {
  const n = readings.length;
  const measured = { mean: 0, spread: 0, n, cautious: 0, at: readings[n - 1].at };
  return { ...NOTHING, property, source: 'measured', words, measured };
}
