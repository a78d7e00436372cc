import { atLeast, mean } from '../numbers';
import type { Cloth } from './cloth';
import type { ClothReading, ReadingOf } from './readings';
import { readingsOf } from './readings';
import { type Family, FAMILY } from './families';
import { STRUCTURE } from './structures';

/** How much a cloth shrinks each way, percent; below 0 it grew. */
export interface Shrinkage {
  acrossPercent: number;
  alongPercent: number;
}

/** What the washed square says. */
export interface ShrinkFinding extends Shrinkage {
  /** The last wash that was measured. */
  wash: number;
  n: number;
  at: string;
  /** Whether another wash is worth it before cutting, and why. */
  again: boolean;
  why: string;
}

/** A wash that still takes this much is not the last one, percent (common practice). */
const SETTLED_PERCENT = 1;

/**
 * What the washed squares of a cloth say together.
 *
 * Each reading compares the n-th wash with the unwashed square, so the latest wash holds the whole shrinkage; several
 * squares of the same wash are averaged. Another wash is advised while the last one still took 1 % or more.
 *
 * @param readings - all readings of a cloth
 * @returns the finding, or null when no square was washed
 */
export function shrinkFinding(readings: readonly ClothReading[]): ShrinkFinding | null {
  const squares = readingsOf(readings, 'shrink');
  if (squares.length === 0) return null;
  const wash = Math.max(...squares.map((s) => s.wash));
  const latest = squares.filter((s) => s.wash === wash);
  const now = meanShrink(latest);
  const before = squares.filter((s) => s.wash === wash - 1);
  const took = before.length > 0 ? most(minus(now, meanShrink(before))) : most(now);
  const again = atLeast(Math.abs(took), SETTLED_PERCENT);
  const alone = wash > 1 && before.length === 0;
  return {
    ...now,
    wash,
    n: latest.length,
    at: latest[latest.length - 1].at,
    again: again && !alone,
    why: alone
      ? `Wash ${wash - 1} was not measured, so Bobbet cannot say what wash ${wash} did.`
      : again
        ? `It shrank ${took.toFixed(1)}% in wash ${wash}: wash it again before cutting.`
        : `It changed ${Math.abs(took).toFixed(1)}% at most in wash ${wash}: it has settled.`,
  };
}

/** How much of its length a marked piece lost, percent; negative where it grew. */
export const shrinkOf = (beforeMm: number, afterMm: number): number => ((beforeMm - afterMm) * 100) / beforeMm;

/** What to buy for a length wanted after the wash, mm. */
export const toBuyMm = (wantedMm: number, shrunkPercent: number): number => wantedMm / (1 - shrunkPercent / 100);

function meanShrink(squares: readonly ReadingOf<'shrink'>[]): Shrinkage {
  return {
    acrossPercent: mean(squares.map((s) => shrinkOf(s.beforeMm, s.acrossMm))),
    alongPercent: mean(squares.map((s) => shrinkOf(s.beforeMm, s.alongMm))),
  };
}

const minus = (a: Shrinkage, b: Shrinkage): Shrinkage => ({
  acrossPercent: a.acrossPercent - b.acrossPercent,
  alongPercent: a.alongPercent - b.alongPercent,
});
const most = ({ acrossPercent, alongPercent }: Shrinkage) =>
  Math.abs(acrossPercent) > Math.abs(alongPercent) ? acrossPercent : alongPercent;

type Usual = readonly [acrossPercent: number, alongPercent: number];

/** Shrinkage a careful person allows for before anything was washed, by the fibre there is most of (common practice). */
const BY_FIBRE: readonly { names: readonly string[]; woven: Usual; knit: Usual }[] = [
  { names: ['cotton'], woven: [3, 5], knit: [5, 8] },
  { names: ['linen', 'flax', 'hemp', 'ramie'], woven: [4, 6], knit: [5, 8] },
  { names: ['viscose', 'rayon', 'modal', 'lyocell', 'bamboo', 'cupro'], woven: [4, 8], knit: [6, 10] },
  { names: ['wool', 'merino', 'cashmere', 'alpaca', 'mohair'], woven: [3, 5], knit: [5, 8] },
  { names: ['silk'], woven: [2, 4], knit: [3, 5] },
  { names: ['polyester', 'polyamide', 'nylon', 'acrylic', 'polypropylene'], woven: [0, 1], knit: [1, 2] },
];

/**
 * The shrinkage to allow for while nothing was washed.
 *
 * @param cloth - the cloth
 * @returns percent both ways, and from what it was taken
 * @example
 * usualShrinkage({ structure: 'knit', family: 'jersey', traits: [], fibres: { cotton: 95, elastane: 5 } }) // => { acrossPercent: 5, alongPercent: 8, from: 'cotton knit' }
 */
export function usualShrinkage(cloth: Cloth): Shrinkage & { from: string } {
  if (STRUCTURE[cloth.structure].unwashed)
    return { acrossPercent: 0, alongPercent: 0, from: 'a fabric that is not washed' };
  const most = Object.entries(cloth.fibres ?? {}).sort(([, a], [, b]) => b - a)[0]?.[0];
  const name = most?.trim().toLowerCase() ?? FAMILY[cloth.family].fibre ?? 'cotton';
  const fibre = BY_FIBRE.find((one) => one.names.includes(name)) ?? BY_FIBRE[0];
  const kind = cloth.structure === 'knit' ? 'knit' : 'woven';
  const [acrossPercent, alongPercent] = fibre[kind];
  return { acrossPercent, alongPercent, from: `${fibre.names[0]} ${kind}` };
}

/** One sentence of advice and when it holds. The first that fits of each subject is given (common practice). */
interface Wash {
  when: (cloth: Cloth) => boolean;
  text: string;
}

const has =
  (...names: string[]) =>
  (cloth: Cloth) =>
    Object.keys(cloth.fibres ?? {}).some((fibre) => names.includes(fibre.trim().toLowerCase()));
const family =
  (...names: Family[]) =>
  (cloth: Cloth) =>
    names.includes(cloth.family);

const WAYS: readonly Wash[] = [
  { when: (c) => c.structure === 'hide', text: 'Do not wash it: wipe it, and condition it if its seller says so.' },
  {
    when: (c) => c.structure === 'coated',
    text: 'Do not wash it before cutting: wipe it clean and hang it up to dry.',
  },
  { when: (c) => c.structure === 'foam', text: 'Rinse it cold if it smells; dry it flat, never folded.' },
  {
    when: family('quilt-sandwich'),
    text: 'Wash top, backing and wadding the way you will wash the quilt, before layering.',
  },
  { when: family('sequins'), text: 'Hand-wash a scrap first; many sequins lose their colour or curl.' },
  {
    when: (c) => has('wool', 'merino', 'cashmere', 'alpaca', 'mohair')(c) || c.family === 'wool',
    text: 'Steam all of it, or hand-wash it lukewarm if you will hand-wash the finished thing. Heat and rubbing felt it.',
  },
  {
    when: (c) => has('silk')(c) || c.family === 'silk' || c.family === 'chiffon',
    text: 'Hand-wash a scrap first and look for water marks. Wash all of it only if you will wash the finished thing.',
  },
  {
    when: family('denim'),
    text: 'Wash it two or three times, inside out, on its own: denim goes on shrinking and bleeding.',
  },
];
const OTHERWISE = 'Wash and dry it exactly as you will wash and dry the finished thing.';

/**
 * What to do with the cloth before it is cut.
 *
 * @param cloth - the cloth, with what was measured
 * @param readings - its readings, for shrinkage and bleeding
 * @returns sentences, the way of washing first
 */
export function preWash(cloth: Cloth, readings: readonly ClothReading[]): string[] {
  const way = WAYS.find((one) => one.when(cloth))?.text ?? OTHERWISE;
  const washes = !STRUCTURE[cloth.structure].unwashed;
  const frays = cloth.traits.includes('frays');
  const shrink = shrinkFinding(readings);
  const rinse = readingsOf(readings, 'bleed').at(-1);
  return [
    way,
    ...(washes && frays ? ['It frays: zigzag the cut ends before you wash it.'] : []),
    ...(shrink ? [shrink.why] : washes ? ['Mark a square first, so that you can see how much it shrinks.'] : []),
    ...(rinse ? [BLEED[rinse.shows](rinse.rinse)] : []),
  ];
}

const BLEED: Record<ReadingOf<'bleed'>['shows'], (rinse: number) => string> = {
  nothing: (n) => `Rinse ${n} ran clear: the colour holds.`,
  'a little': (n) => `Rinse ${n} showed a little colour: rinse it once more, and wash it with like colours.`,
  colour: (n) =>
    `Rinse ${n} still ran with colour: wash it alone until the water is clear before it goes near a lighter fabric.`,
};
