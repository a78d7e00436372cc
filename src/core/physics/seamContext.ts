import { clamp } from '../numbers';
import {
  type Cloth,
  clothProfile,
  type ClothProfile,
  FAMILY,
  loftOf,
  mergeProfiles,
  stitchedThickness,
} from '../cloth';
import {
  giveOfCloth,
  layersOf,
  OPERATION,
  type Operation,
  type OperationFacts,
  requiredGive,
  type RequiredGive,
  sheetsUnder,
} from '../setup';

/** A cloth and a seam, worked out once: what every model below needs to know. */
export interface SeamContext {
  /** The cloth, or two different cloths as one. */
  profile: ClothProfile;
  /** The second cloth of the seam where it differs from the first. */
  partner: ClothProfile | null;
  /** Of two different cloths each as a seam of its own, the first one first; empty where there is only one. */
  each: readonly SeamContext[];
  operation: OperationFacts;
  asked: Operation;
  layers: number;
  /** Total thickness as a stitch squashes it, mm. */
  thicknessMm: number;
  /** What the foot has to be lifted over, mm: a crossing is hammered and graded first. */
  underFootMm: number;
  /** So many layers lie only where seams cross, not all along. */
  crossing: boolean;
  /** The part of the thickness that grips the thread, mm: cloth full of air lets the threads settle by themselves. */
  gripMm: number;
  required: RequiredGive;
  /** The cloth's own give along the seam, percent. */
  clothGive: number;
  /** The most any seam in it can be asked to give, percent: what was measured, or the top of the honest range. */
  giveLimit: number;
  /** 0 … 1: how readily the cloth stretches along the seam while it is fed. */
  compliance: number;
  /** 0 … 1: how light and easily puckered it is; 0 from 130 g/m² up. */
  lightness: number;
  /** 0 … 1: how densely its yarns are packed; 0 for knits and for heavy or open weaves. */
  tightness: number;
  /** 0 … 1: how easily its threads slip out of a seam. */
  looseness: number;
  /** How much more than the model this machine lets the top layer creep; 1 until a line was measured on it. */
  creep?: number;
}

/** Bulk density, kg/m³, from which a light woven is so dense that a needle crowds its yarns (model). */
const DENSE = { from: 490, room: 110, upToGsm: 240 };
/** More layers than these lie one over another only where seams cross (common practice). */
const CROSSING_FROM = 6;
/** Hammered and graded, a crossing keeps this share of its thickness, and never less than one layer fewer than it starts from (model). */
const HAMMERED = 0.7;

/**
 * Works out a seam's context from its cloth and operation.
 *
 * @param cloth - checked cloth
 * @param operation - checked operation
 * @param creep - what the machine's own measured lines say of its feeding, 1 for none
 * @returns the context
 * @example
 * seamContext({ structure: 'knit', family: 'jersey', traits: [], stretchAcross: 50 }, { kind: 'join' }).required // => { percent: 25, assumed: true }
 */
export function seamContext(cloth: Cloth, operation: Operation, creep = 1): SeamContext {
  const first = clothProfile(cloth);
  if (!operation.second) return contextOf(first, operation, creep);
  const partner = clothProfile(operation.second);
  const [one, other] = [first, partner].map((profile) => contextOf(profile, operation, creep));
  const half = (part: 'thicknessMm' | 'gripMm' | 'underFootMm') => (one[part] + other[part]) / 2;
  const both: SeamContext = {
    ...contextOf(mergeProfiles(first, partner), operation, creep),
    partner,
    thicknessMm: half('thicknessMm'),
    gripMm: half('gripMm'),
    underFootMm: half('underFootMm'),
  };
  // The seam is one: what it must give, how thick it is and how it is fed does not depend on whose side one looks from.
  const { thicknessMm, underFootMm, gripMm, required, giveLimit, compliance } = both;
  const shared = { thicknessMm, underFootMm, gripMm, required, giveLimit, compliance };
  return { ...both, each: [one, other].map((part) => ({ ...part, ...shared })) };
}

function contextOf(profile: ClothProfile, operation: Operation, creep: number): SeamContext {
  const facts: OperationFacts = OPERATION[operation.kind];
  const layers = layersOf(profile, operation);
  const stretch = giveOfCloth(profile, operation.direction);
  const clothGive = stretch.value;
  const bias = operation.direction === 'bias' && profile.structure === 'woven' ? BIAS_GIVE : 0;
  const thicknessMm = stitchedThickness(profile, sheetsUnder(profile, operation.kind, layers));
  const crossing = layers >= CROSSING_FROM && operation.layers !== undefined;
  return {
    profile,
    partner: null,
    each: [],
    operation: facts,
    asked: operation,
    layers,
    thicknessMm,
    underFootMm: crossing ? Math.max(HAMMERED, (CROSSING_FROM - 1) / layers) * thicknessMm : thicknessMm,
    crossing,
    gripMm: thicknessMm * (1 - loftOf(profile) / 2),
    required: requiredGive(profile, operation),
    clothGive,
    giveLimit: facts.gathers ? MOST_GIVE : Math.max(stretch.high, bias),
    compliance: Math.min(1, clothGive / 100) * (profile.structure === 'foam' ? FOAM_COMPLIANCE : 1),
    lightness: clamp((130 - profile.massGsm.value) / 90, 0, 1),
    tightness: tightnessOf(profile),
    looseness: loosenessOf(profile),
    creep,
  };
}

/** Nothing is asked to give more than this, percent. */
const MOST_GIVE = 400;

/** What any woven gives across its corners, percent (common practice). */
const BIAS_GIVE = 20;

/** Foam springs back as it leaves the foot: little of its stretch stays in the seam (model). */
const FOAM_COMPLIANCE = 0.4;

function tightnessOf({ structure, family, massGsm, thicknessMm, traits }: ClothProfile): number {
  if (structure !== 'woven' || traits.includes('loose') || massGsm.value > DENSE.upToGsm) return 0;
  const measured = massGsm.source === 'measured' && thicknessMm.source === 'measured';
  const density = measured ? massGsm.value / thicknessMm.value : FAMILY[family].density;
  return clamp((density - DENSE.from) / DENSE.room, 0, 1);
}

function loosenessOf({ structure, traits }: ClothProfile): number {
  if (structure !== 'woven') return 0;
  if (traits.includes('loose')) return 1;
  return traits.includes('slippery') ? 0.4 : 0;
}
