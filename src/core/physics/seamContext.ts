import { type Cloth, clothProfile, type ClothProfile, stitchedThickness } from '../cloth';
import { giveOfCloth, OPERATION, type Operation, type OperationFacts, requiredGive, type RequiredGive } from '../setup';

/** A cloth and a seam, worked out once: what every model below needs to know. */
export interface SeamContext {
  profile: ClothProfile;
  operation: OperationFacts;
  asked: Operation;
  layers: number;
  /** Total thickness as a stitch squashes it, mm. */
  thicknessMm: number;
  required: RequiredGive;
  /** The cloth's own give along the seam, percent. */
  clothGive: number;
  /** 0 … 1: how readily the cloth stretches along the seam while it is fed. */
  compliance: number;
  /** 0 … 1: how light and easily puckered it is; 0 from 130 g/m² up. */
  lightness: number;
}

/**
 * Works out a seam's context from its cloth and operation.
 *
 * @param cloth - checked cloth
 * @param operation - checked operation
 * @returns the context
 * @example
 * seamContext({ structure: 'knit', family: 'jersey', traits: [], stretchAcross: 50 }, { kind: 'join' }).required // => { percent: 25, assumed: true }
 */
export function seamContext(cloth: Cloth, operation: Operation): SeamContext {
  const profile = clothProfile(cloth);
  const facts = OPERATION[operation.kind];
  const layers = operation.layers ?? facts.layers;
  const clothGive = giveOfCloth(profile, operation.direction).value;
  return {
    profile,
    operation: facts,
    asked: operation,
    layers,
    thicknessMm: stitchedThickness(profile, layers),
    required: requiredGive(profile, operation),
    clothGive,
    compliance: Math.min(1, clothGive / 100),
    lightness: Math.min(1, Math.max(0, (130 - profile.massGsm.value) / 90)),
  };
}
