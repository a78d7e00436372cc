import { clamp } from '../numbers';
import { STRUCTURE, type Structure } from './structures';
import type { Trait } from './words';

/** What loft is worked out from: mass of one layer in g/m², its thickness in mm. */
interface Body {
  structure: Structure;
  massGsm: { value: number };
  thicknessMm: { value: number };
  traits: readonly Trait[];
}

/** Bulk density, kg/m³, under which cloth begins to be air, and how much less makes it all air (model). */
const AIRY = { belowDensity: 260, over: 110 };
/** Cloth with a pile or an open weave is at least half air, however dense it weighs (model). */
const AT_LEAST = 0.5;
/** Share of its thickness that stays under a stitch where cloth is all air (model). */
const PRESSED_TO = 0.4;

/**
 * How much of a cloth is air: pile, loops, an open weave, wadding. A ramp, so that no gram turns a coat into a quilt.
 *
 * The nap of a hide is a surface, not loft; foam springs back.
 *
 * @param body - the cloth
 * @returns 0 none … 1 all air
 * @example
 * loftOf({ structure: 'woven', massGsm: { value: 450 }, thicknessMm: { value: 2.2 }, traits: [] }) // => 0.504
 * loftOf({ structure: 'hide', massGsm: { value: 600 }, thicknessMm: { value: 0.9 }, traits: ['napped'] }) // => 0
 */
export function loftOf({ structure, massGsm, thicknessMm, traits }: Body): number {
  if (STRUCTURE[structure].holesStay) return 0;
  const density = massGsm.value / thicknessMm.value;
  const ramp = clamp((AIRY.belowDensity - density) / AIRY.over, 0, 1);
  const open = structure !== 'layered' && (traits.includes('napped') || traits.includes('loose'));
  return Math.round(Math.max(ramp, open ? AT_LEAST : 0) * 1000) / 1000;
}

/**
 * Total thickness of a number of layers as a stitch squashes them.
 *
 * @param body - the cloth
 * @param layers - how many layers, 1 or more
 * @returns mm
 * @example
 * stitchedThickness({ thicknessMm: { value: 0.5 }, massGsm: { value: 150 }, structure: 'knit', traits: [] }, 2) // => 0.7
 */
export function stitchedThickness(body: Body, layers: number): number {
  const { squash } = STRUCTURE[body.structure];
  const kept = squash - Math.max(0, squash - PRESSED_TO) * loftOf(body);
  return body.thicknessMm.value * layers * kept;
}
