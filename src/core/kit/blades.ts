import { clamp } from '../numbers';
import { amountOf, idsOf, oneOf, type Origin, tableOf } from '../result';

/** What fabric is cut with. */
interface BladeRow {
  name: string;
  /** Metres of ordinary fabric until it wants to be changed or sharpened. */
  keepsM: number;
  /** What is done then. */
  then: 'change' | 'sharpen';
}

const WEARS: Origin = {
  provenance: 'model',
  source: 'Blades wear by the metres they cut: common practice. How many metres: set by us; you can change each one.',
};

/** Blades by their ids. */
export const BLADE = tableOf<BladeRow>()({
  shears: { ...WEARS, name: 'Shears', keepsM: 600, then: 'sharpen' },
  'micro-serrated': { ...WEARS, name: 'Micro-serrated shears', keepsM: 400, then: 'sharpen' },
  'small-scissors': { ...WEARS, name: 'Small scissors', keepsM: 300, then: 'sharpen' },
  'rotary-45': { ...WEARS, name: 'Rotary cutter, 45 mm', keepsM: 120, then: 'change' },
  'rotary-28': { ...WEARS, name: 'Rotary cutter, 28 mm', keepsM: 80, then: 'change' },
  knife: { ...WEARS, name: 'Craft knife', keepsM: 30, then: 'change' },
});
export type Blade = keyof typeof BLADE;
export const BLADES = idsOf(BLADE);
export const bladeSchema = oneOf(BLADES);

/** How much faster than usual a fabric wears a blade (common practice; for sequins a model). */
const BLADE_WEAR: Readonly<Partial<Record<string, number>>> = { 'hand-woven': 2, fleece: 2, sequins: 4 };

/**
 * The metres a blade ages by a cut.
 *
 * @param metres - cut, 0 or more
 * @param family - the fabric's family
 * @returns metres of ordinary fabric
 * @throws when the metres are below 0
 * @example
 * wornMetres(8, 'poplin') // => 8
 * wornMetres(8, 'fleece') // => 16
 */
export function wornMetres(metres: number, family: string): number {
  if (!(metres >= 0)) throw new Error(`wornMetres: expected metres of 0 or more, got ${metres}`);
  return metres * (BLADE_WEAR[family] ?? 1);
}

/** A blade that is owned, as far as its wear goes. */
export interface OwnedBlade {
  kind: Blade;
  /** Since when its edge is fresh. */
  freshAt?: string;
  /** Metres it is kept for, where its owner says so. */
  keepsM?: number;
  /** What it has cut, in metres of ordinary fabric. */
  cut: readonly { at: string; by: number }[];
}

/** How a blade stands. */
export interface BladeStanding {
  /** Metres of ordinary fabric since it was fresh. */
  cutM: number;
  keepsM: number;
  /** 0 … 1, of what it is kept for. */
  share: number;
  due: boolean;
}

/**
 * How worn a blade is.
 *
 * @param blade - its kind, since when it is fresh, and what it has cut
 * @returns what it has cut since then, and whether it wants to be changed or sharpened
 * @example
 * bladeStanding({ kind: 'rotary-45', cut: [{ at: '2026-01-01T00:00:00Z', by: 130 }] }).due // => true
 */
export function bladeStanding({ kind, freshAt, keepsM = BLADE[kind].keepsM, cut }: OwnedBlade): BladeStanding {
  const since = cut.filter(({ at }) => freshAt === undefined || Date.parse(at) >= Date.parse(freshAt));
  const cutM = amountOf(since);
  const share = clamp(cutM / keepsM, 0, 1);
  return { cutM, keepsM, share, due: share >= 1 };
}
