import type { Family, Structure } from '../cloth';
import type { NeedlePoint } from '../kit';
import type { Sign } from '../stitch';
import { type Hazard, riskLevel } from './risk';
import type { SeamContext } from './seamContext';

/** How badly a point suits a structure (0 made for it … 1 wrong), and how that shows. Common practice. */
// prettier-ignore
const SUITS: Record<Structure, { sign: Sign; level: Record<NeedlePoint, number> }> = {
  knit: {
    sign: 'holes',
    level: { ballpoint: 0.03, stretch: 0.08, universal: 0.4, sharp: 0.8, jeans: 0.75, leather: 1, topstitch: 0.6, quilting: 0.7, twin: 0.35, 'twin-stretch': 0.05 },
  },
  woven: {
    sign: 'wandering',
    level: { ballpoint: 0.45, stretch: 0.55, universal: 0.06, sharp: 0.08, jeans: 0.2, leather: 0.9, topstitch: 0.15, quilting: 0.12, twin: 0.1, 'twin-stretch': 0.6 },
  },
  foam: {
    sign: 'holes',
    level: { ballpoint: 0.35, stretch: 0.3, universal: 0.25, sharp: 0.3, jeans: 0.04, leather: 0.4, topstitch: 0.3, quilting: 0.35, twin: 0.5, 'twin-stretch': 0.45 },
  },
  hide: {
    sign: 'skipped',
    level: { ballpoint: 1, stretch: 1, universal: 0.55, sharp: 0.45, jeans: 0.4, leather: 0.03, topstitch: 0.6, quilting: 0.7, twin: 0.9, 'twin-stretch': 1 },
  },
  coated: {
    sign: 'perforated',
    level: { ballpoint: 0.5, stretch: 0.5, universal: 0.3, sharp: 0.06, jeans: 0.08, leather: 0.6, topstitch: 0.25, quilting: 0.2, twin: 0.5, 'twin-stretch': 0.6 },
  },
  layered: {
    sign: 'wandering',
    level: { ballpoint: 0.5, stretch: 0.5, universal: 0.2, sharp: 0.08, jeans: 0.2, leather: 0.9, topstitch: 0.15, quilting: 0.03, twin: 0.6, 'twin-stretch': 0.7 },
  },
};

/** What a point that does not suit does to each structure. */
const WRONG_POINT: Record<Structure, string> = {
  knit: 'This point can cut the loops of a knit.',
  woven: 'Woven yarns push this point aside, and the line wanders.',
  foam: 'This point tears foam instead of piercing it.',
  hide: 'This point does not cut through leather, so stitches skip.',
  coated: 'This point leaves large holes in a coated fabric.',
  layered: 'The layers push this point aside.',
};

const BY_LOOPS: readonly Family[] = ['rib', 'sweater-knit'];

/** Elastane (percent) or stretch (percent) from which the hook wants a stretch needle to catch the loop. */
export const STRETCH_NEEDLE_FROM = { elastane: 10, stretch: 75 };

/**
 * How far the point is wrong for the cloth.
 *
 * @param seam - cloth and operation
 * @param point - the needle's point
 * @returns one risk by how the wrong point shows on that structure
 * @example
 * pointRisk({ profile: { structure: 'knit', traits: [] } }, 'sharp').sign // => 'holes'
 */
export function pointRisk(
  seam: { profile: Pick<SeamContext['profile'], 'structure' | 'traits'> },
  point: NeedlePoint,
): Hazard {
  const { structure, traits } = seam.profile;
  const { sign, level } = SUITS[structure];
  const strong = structure === 'woven' && traits.includes('stiff') ? STRONG_POINTS[point] : undefined;
  return { sign, level: strong ?? level[point], why: () => WRONG_POINT[structure] };
}

/** A stiff woven wants a stiff blade more than a fine point (common practice). */
const STRONG_POINTS: Partial<Record<NeedlePoint, number>> = { jeans: 0.03, topstitch: 0.08 };

/**
 * Skipped stitches because the hook misses the loop in elastic cloth.
 *
 * @param seam - cloth and operation
 * @param point - the needle's point
 * @returns one risk; none for wovens and for stretch points
 * @example
 * elasticSkipRisk({ clothGive: 120, profile: { structure: 'knit', elastane: 18, family: 'swim' } }, 'ballpoint').level // => 0.65
 */
export function elasticSkipRisk(
  seam: Pick<SeamContext, 'clothGive'> & { profile: Pick<SeamContext['profile'], 'structure' | 'elastane' | 'family'> },
  point: NeedlePoint,
): Hazard {
  const { structure, elastane, family } = seam.profile;
  const why = () => 'In elastic fabric the hook can miss the loop unless the needle is a stretch needle.';
  if (structure !== 'knit' || point === 'stretch' || point === 'twin-stretch')
    return { sign: 'skipped', level: 0, why };
  const over = (value: number, from: number, room: number) => (value < from ? 0 : 0.25 + (value - from) / room);
  const byFibre = over(elastane ?? 0, STRETCH_NEEDLE_FROM.elastane, 20);
  // Ribs and loose knits stretch by their loops, which lie open to the hook; elastane snaps them shut.
  const byStretch = BY_LOOPS.includes(family) ? 0 : over(seam.clothGive, STRETCH_NEEDLE_FROM.stretch, 150);
  return { sign: 'skipped', level: Math.min(0.65, riskLevel(Math.max(byFibre, byStretch))), why };
}
