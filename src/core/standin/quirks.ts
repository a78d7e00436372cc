import { seeded } from '../random';
import { idsOf, type Origin, tableOf } from '../result';

/** What nobody can read off a machine: how it differs from what its dials say, and the state it is in. */
export interface Quirks {
  /** True mm for each mm on the length dial. */
  lengthFactor: number;
  /** Steps the needle tension is off. */
  tensionSteps: number;
  /** How much harder (above 0) or lighter the foot presses than its dial says. */
  pressure: number;
  /** How much more than others it lets the upper layer creep. */
  creep: number;
  /** 0 fresh … 1 blunt. */
  needleWear: number;
  /** 0 smooth … 1 fuzzy. */
  threadFuzz: number;
  /** 0 clean … 1 packed. */
  lint: number;
}

const WORLD: Origin = {
  provenance: 'model',
  source: 'How strongly the fault shows in the simulated machine: set by us.',
};

/** Faults that can be hidden in a stand-in, by their ids. */
export const FAULT = tableOf<{ quirks: Partial<Quirks> }>()({
  'dull-needle': { ...WORLD, quirks: { needleWear: 0.9 } },
  'pressure-high': { ...WORLD, quirks: { pressure: 0.4 } },
  'dial-short': { ...WORLD, quirks: { lengthFactor: 0.72 } },
  'cheap-thread': { ...WORLD, quirks: { threadFuzz: 0.9 } },
  // The needle belongs to the setting: whoever sets the stand-in up puts it in.
  'big-needle': { ...WORLD, quirks: {} },
  'tension-high': { ...WORLD, quirks: { tensionSteps: 3 } },
  lint: { ...WORLD, quirks: { lint: 0.85 } },
});
export type HiddenFault = keyof typeof FAULT;
export const HIDDEN_FAULTS = idsOf(FAULT);

/**
 * The quirks of one stand-in machine.
 *
 * @param seed - which machine
 * @param fault - a fault to hide in it
 * @returns its quirks
 */
export function quirksOf(seed: number, fault?: HiddenFault): Quirks {
  const { next, normal } = seeded(seed);
  const own: Quirks = {
    lengthFactor: 1 + 0.03 * normal(),
    tensionSteps: 0.25 * normal(),
    pressure: 0.04 * normal(),
    creep: Math.max(0.5, 1 + 0.2 * normal()),
    needleWear: 0.15 * next(),
    threadFuzz: 0.15 * next(),
    lint: 0.15 * next(),
  };
  return { ...own, ...(fault && FAULT[fault].quirks) };
}
