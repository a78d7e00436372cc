import { type ClothProfile, clothProfile } from '../cloth';
import { layersOf, type Operation } from '../setup';
import { type AskedIds, isOnMachine } from './proof';
import type { TestedCard } from './card';

/** A tested card and how near it is to what is asked: 0 the same, 1 and more no help. */
export interface NearCard<C extends TestedCard = TestedCard> {
  card: C;
  distance: number;
  /** How alike they are, percent, rounded; 100 for the same fabric and seam. */
  alikePercent: number;
  sameMachine: boolean;
  /** How much of the card's setting to trust here, 0 … 1. */
  weight: number;
}

/** What counts as far: a half more weight or thickness, 40 points of stretch, 15 of elastane (model). */
const SCALE = { mass: 0.5, thickness: 0.3, stretch: 0.5, elastane: 0.3, family: 0.5, kind: 0.8, layer: 0.25 };
const HALF_MORE = Math.log(1.5);
/** A card from another machine says half as much: its dials are not these dials. */
const OTHER_MACHINE = 0.5;

/** Nearer than this it is the same fabric and seam (model). */
const SAME = 0.1;

const apart = (a: number, b: number) => Math.abs(Math.log(a / b)) / HALF_MORE;

/**
 * How far a tested card is from a cloth and a seam.
 *
 * A scaled distance (model): weight and thickness by their ratio, stretch and elastane by their difference, and a fixed
 * step for another family, another kind of seam and each layer more or less. A different structure is never near.
 *
 * @param card - the card
 * @param profile - the cloth asked about
 * @param operation - the seam asked about
 * @returns 0 for the same; Infinity for another structure
 */
export function cardDistance(card: TestedCard, profile: ClothProfile, operation: Operation): number {
  const other = clothProfile(card.cloth);
  if (other.structure !== profile.structure) return Infinity;
  const distance =
    SCALE.mass * apart(other.massGsm.value, profile.massGsm.value) +
    SCALE.thickness * apart(other.thicknessMm.value, profile.thicknessMm.value) +
    SCALE.stretch * (Math.abs(other.stretchAcross.value - profile.stretchAcross.value) / 40) +
    SCALE.elastane * (Math.abs((other.elastane ?? 0) - (profile.elastane ?? 0)) / 15) +
    (other.family === profile.family ? 0 : SCALE.family) +
    (card.operation.kind === operation.kind ? 0 : SCALE.kind) +
    SCALE.layer * Math.abs(layersOf(other, card.operation) - layersOf(profile, operation));
  return Number(distance.toFixed(6));
}

/**
 * The tested cards that say something about a cloth and a seam.
 *
 * @param cards - any cards
 * @param profile - the cloth asked about
 * @param operation - the seam asked about
 * @param ids - which machine it will be sewn on, by id; without one, every card is from another machine
 * @returns cards nearer than 1, those of the same machine first, then the nearest; ties keep their order
 */
export function nearestCards<C extends TestedCard>(
  cards: readonly C[],
  profile: ClothProfile,
  operation: Operation,
  ids: AskedIds = {},
): NearCard<C>[] {
  return cards
    .map((card): NearCard<C> => {
      const distance = cardDistance(card, profile, operation);
      const sameMachine = isOnMachine(card, ids);
      const weight = Math.max(0, 1 - distance) * (sameMachine ? 1 : OTHER_MACHINE);
      const alikePercent = distance < SAME ? 100 : Math.round(100 * (1 - distance));
      return { card, distance, alikePercent, sameMachine, weight };
    })
    .filter(({ weight }) => weight > 0)
    .sort((a, b) => Number(b.sameMachine) - Number(a.sameMachine) || a.distance - b.distance);
}
