import { type Structure, STRUCTURES } from '../cloth';
import { clamp } from '../numbers';
import { seeded } from '../random';

/** What nobody can read off a machine: how it differs, for as long as it lives, from what its dials say. */
export interface Quirks {
  /** True mm for each mm on the length dial. */
  lengthFactor: number;
  /** Steps the needle tension is off. */
  tensionSteps: number;
  /** How much harder (above 0) or lighter the foot presses than its dial says. */
  pressure: number;
  /** How much more than others it lets the upper layer creep. */
  creep: number;
}

/** A quirk on one kind of cloth: the same fields, to be multiplied (factors) or added (steps). */
type Share = Readonly<Quirks>;

/** A machine's own quirks, and what is different again on each kind of cloth. */
export interface OwnQuirks extends Quirks {
  onCloth?: Partial<Record<Structure, Share>>;
}

/** How widely the machines of a population differ. */
export interface Population {
  /** Deviation of the true length, as a share. */
  lengthSd: number;
  tensionSd: number;
  pressureSd: number;
  /** Deviation of the logarithm of creep. */
  creepLogSd: number;
  /** Share of each deviation that is drawn again for each kind of cloth a machine sews. */
  onClothShare: number;
}

/** Machines in good order: nothing about them that a person would call a fault. */
export const IN_GOOD_ORDER: Population = {
  lengthSd: 0.03,
  tensionSd: 0.25,
  pressureSd: 0.04,
  creepLogSd: 0.2,
  onClothShare: 0,
};

/** Machines as people own them: the world in which learning from one's own lines is judged (docs/trial.md). */
export const AS_OWNED: Population = {
  lengthSd: 0.15,
  tensionSd: 1.25,
  pressureSd: 0.2,
  creepLogSd: 0.7,
  onClothShare: 0.4,
};

/** No dial lies further than this: true mm for each mm. */
const LENGTH_LIMITS = [0.5, 1.6] as const;

/**
 * The quirks of one machine out of a population.
 *
 * @param seed - which machine
 * @param population - how widely machines differ
 * @returns its quirks; the same seed gives the same machine
 */
export function quirksOf(seed: number, population: Population = IN_GOOD_ORDER): OwnQuirks {
  const rng = seeded(seed);
  const draw = (share: number): Quirks => ({
    lengthFactor: clamp(1 + share * population.lengthSd * rng.normal(), ...LENGTH_LIMITS),
    tensionSteps: share * population.tensionSd * rng.normal(),
    pressure: share * population.pressureSd * rng.normal(),
    creep: Math.exp(share * population.creepLogSd * rng.normal()),
  });
  const own = draw(1);
  const { onClothShare } = population;
  if (onClothShare === 0) return own;
  return { ...own, onCloth: Object.fromEntries(STRUCTURES.map((kind) => [kind, draw(onClothShare)])) };
}

/**
 * The quirks of a machine on one kind of cloth.
 *
 * @param own - the machine's
 * @param structure - of the cloth
 * @returns both together
 * @example
 * quirksOn({ lengthFactor: 1.1, tensionSteps: 1, pressure: 0, creep: 2, onCloth: { knit: { lengthFactor: 1, tensionSteps: 0.5, pressure: 0.1, creep: 1 } } }, 'knit') // => { lengthFactor: 1.1, tensionSteps: 1.5, pressure: 0.1, creep: 2 }
 */
export function quirksOn({ onCloth, ...own }: OwnQuirks, structure: Structure): Quirks {
  const there = onCloth?.[structure];
  if (!there) return own;
  return {
    lengthFactor: own.lengthFactor * there.lengthFactor,
    tensionSteps: own.tensionSteps + there.tensionSteps,
    pressure: own.pressure + there.pressure,
    creep: own.creep * there.creep,
  };
}
