import * as z from 'zod';
import { NEEDLE_SIZES } from '../units';
import { above0, oneOf, within } from '../result';
import { POINT, type NeedlePoint, POINTS } from './needles';
import { FIBRE, THREAD_FIBRES, type Thread } from './threads';

/** How a thread sits in an eye. */
export const FIT_VERDICTS = ['sloppy', 'good', 'tight', 'shreds'] as const;
export type FitVerdict = (typeof FIT_VERDICTS)[number];

/** A thread in a needle's eye: diameters in mm; fill is what the verdict goes by. */
export interface Fit {
  threadMm: number;
  eyeMm: number;
  fill: number;
  verdict: FitVerdict;
}

/** How tightly fibres lie in a sewing thread (share of its round cross-section). */
const PACKING = 0.6;
/** Eye width as a share of the blade (handbook, memory). */
const EYE_OF_BLADE = 0.4;

/**
 * Diameter of a thread.
 *
 * d = √(4·Tex / (π·1000·ρ·φ)), ρ the fibre's density in g/cm³ and φ = 0.6 its packing. Real thread is hairy and
 * flattens; treat the last digit as decoration.
 *
 * @param thread - fibre and Tex, Tex above 0
 * @returns mm
 * @throws when Tex is not above 0
 * @example
 * threadDiameterMm({ fibre: 'polyester', tex: 27 }) // => 0.204
 */
export function threadDiameterMm({ fibre, tex }: Thread): number {
  if (!(tex > 0)) throw new Error(`threadDiameterMm: expected Tex above 0, got ${tex}`);
  return Math.sqrt((4 * tex) / (Math.PI * 1000 * FIBRE[fibre].densityGCm3 * PACKING));
}

/**
 * How a thread fills a needle's eye.
 *
 * Eye ≈ 0.40 of the blade Ø (Nm/100) for every point; a topstitch needle's is half as long again, so that its fill is that of an eye of
 * the same area: ÷ √1.5. Limits 0.45, 0.75 and 0.85 are
 * our model and agree with the handbook pairs of thread and needle.
 *
 * @param thread - fibre and Tex
 * @param needle - point and Nm
 * @returns diameters, fill and a verdict
 * @example
 * needleThreadFit({ fibre: 'polyester', tex: 27 }, { point: 'universal', nm: 80 }).verdict // => 'good'
 * needleThreadFit({ fibre: 'polyester', tex: 80 }, { point: 'universal', nm: 70 }).verdict // => 'shreds'
 */
export function needleThreadFit(thread: Thread, needle: { point: NeedlePoint; nm: number }): Fit {
  const threadMm = threadDiameterMm(thread);
  const eyeMm = (needle.nm / 100) * EYE_OF_BLADE;
  // A long eye is no wider: the thread has as much more room as its area.
  const fill = threadMm / eyeMm / Math.sqrt(POINT[needle.point].eye);
  return { threadMm, eyeMm, fill, verdict: verdictOf(fill) };
}

/** Filled more than this, a thread rubs on the eye until it shreds (model). */
const SHREDS_FROM = 0.85;

function verdictOf(fill: number): FitVerdict {
  if (fill < 0.45) return 'sloppy';
  if (fill <= 0.75) return 'good';
  return fill <= SHREDS_FROM ? 'tight' : 'shreds';
}

/** A thread and a needle size to try together. */
export const threadNeedleInputSchema = z.strictObject({
  tex: above0('a Tex number', 400),
  fibre: oneOf(THREAD_FIBRES),
  nm: within(50, 140, 'a needle size'),
  point: oneOf(POINTS).default('universal'),
});

/**
 * The fit, and every needle size this thread sits well in.
 *
 * @param input - Tex, fibre, Nm and point
 * @returns the fit with `bestNm`, sizes with the verdict good
 * @example
 * threadNeedle({ tex: 27, fibre: 'polyester', nm: 80, point: 'universal' }).bestNm // => [70, 75, 80, 90, 100, 110]
 */
export function threadNeedle(input: z.infer<typeof threadNeedleInputSchema>): Fit & { bestNm: number[] } {
  const { point, nm, ...thread } = input;
  const made = NEEDLE_SIZES.filter((s) => point !== 'topstitch' || POINT.topstitch.sizes.includes(s.nm));
  const good = made.filter((s) => needleThreadFit(thread, { point, nm: s.nm }).verdict === 'good');
  return { ...needleThreadFit(thread, { point, nm }), bestNm: good.map((s) => s.nm) };
}

/** What is wrong between a thread and an eye it fills, and both ways out of it. */
export interface EyeTrouble {
  /** It does not go through at all, or it rubs until it shreds. */
  kind: 'too-thick' | 'shreds';
  fill: number;
  /** The smallest needle sold that takes this thread: of the same point where one does. */
  needle: { point: NeedlePoint; nm: number } | null;
  /** The thickest thread of this fibre for the needle, whole Tex. */
  mostTex: number;
}

/**
 * Why a thread cannot be sewn with a needle.
 *
 * @param thread - fibre and Tex
 * @param needle - point and Nm
 * @returns what to change; null where the thread goes through the eye without shredding
 * @example
 * eyeTrouble({ fibre: 'polyester', tex: 80 }, { point: 'universal', nm: 80 }) // => { kind: 'too-thick', fill: 1.1, needle: { point: 'universal', nm: 110 }, mostTex: 48 }
 * eyeTrouble({ fibre: 'polyester', tex: 27 }, { point: 'universal', nm: 80 }) // => null
 */
export function eyeTrouble(thread: Thread, needle: { point: NeedlePoint; nm: number }): EyeTrouble | null {
  const { fill, verdict } = needleThreadFit(thread, needle);
  if (verdict !== 'shreds') return null;
  const takes = (point: NeedlePoint) =>
    POINT[point].sizes.map((nm) => ({ point, nm })).find((one) => needleThreadFit(thread, one).verdict !== 'shreds') ??
    null;
  return {
    kind: fill > 1 ? 'too-thick' : 'shreds',
    fill,
    needle: takes(needle.point) ?? takes('topstitch'),
    // The fill grows with the square root of Tex.
    mostTex: Math.floor(thread.tex * (SHREDS_FROM / fill) ** 2),
  };
}
