import { clamp } from '../numbers';
import type { ClothProfile } from '../cloth';
import type { Foot, NeedlePoint } from '../kit';
import type { Setup } from '../setup';
import type { Quirks } from './quirks';

/** How a machine with hidden quirks really works on this cloth: what its dials do not say. */
export interface State {
  /** True feed for each stitch, mm. */
  lengthMm: number;
  /** 0 … 1. */
  press: number;
  /** Steps above balance. */
  tension: number;
  /** How far the cloth stretches along the line, percent. */
  stretch: number;
  /** How much the sole holds the upper layer back, 0 … 1. */
  hold: number;
  /** How readily it misses loops: 0.26 is plain to see. */
  skips: number;
  /** Needle sizes (Nm / 10) above what the cloth takes. */
  oversize: number;
  /** How hard the point is on yarns, from its size and its wear: 0.42 is plain to see. */
  sharp: number;
  /** A row of holes tears on. */
  tears: boolean;
  quirks: Quirks;
}

/** How much a sole holds the upper layer back, 0 … 1: simple, and the stand-in's own. */
const HOLD: Partial<Record<Foot, number>> = { walking: 0.2, 'dual-feed': 0.2, glide: 0.5, knit: 0.45, roller: 0.35 };
/** How often a point misses or tears loops, 0 … 1. */
const ON_KNITS: Partial<Record<NeedlePoint, number>> = {
  stretch: 0,
  'twin-stretch': 0.02,
  ballpoint: 0.03,
  universal: 0.2,
  twin: 0.25,
};

const TEARS = ['hide', 'coated', 'foam'];

/** What is on the machine, and which way the line runs. */
interface SewnWith {
  setup: Setup;
  direction: 'across' | 'along' | 'bias';
}

/**
 * How the machine really works now.
 *
 * @param sewn - setting and direction
 * @param cloth - the cloth
 * @param quirks - the machine as it really is
 * @returns what happens under the foot
 */
export function stateOf({ setup, direction }: SewnWith, cloth: ClothProfile, quirks: Quirks): State {
  const stretch =
    direction === 'along'
      ? cloth.stretchAlong.value
      : direction === 'bias'
        ? Math.max(15, cloth.stretchAcross.value)
        : cloth.stretchAcross.value;
  const wanted = 58 + Math.min(50, cloth.massGsm.value * 0.115);
  const misses =
    cloth.structure === 'knit'
      ? (ON_KNITS[setup.needle.point] ?? 0.5)
      : setup.needle.point === 'ballpoint'
        ? 0.08
        : 0.02;
  const elastic = (cloth.elastane ?? 0) > 9 && !['stretch', 'twin-stretch'].includes(setup.needle.point) ? 0.22 : 0;
  const oversize = (setup.needle.nm - wanted) / 10;
  return {
    lengthMm: setup.lengthMm * quirks.lengthFactor * (1 - 0.15 * quirks.lint),
    press: clamp(setup.pressure + quirks.pressure, 0, 1),
    tension: setup.tensionSteps + quirks.tensionSteps,
    stretch,
    hold: HOLD[setup.foot] ?? 1,
    skips: misses + elastic + 0.45 * quirks.needleWear ** 2 + 0.4 * quirks.threadFuzz ** 2,
    oversize,
    sharp: Math.max(0, oversize) * 0.25 + 0.5 * quirks.needleWear ** 2,
    tears: TEARS.includes(cloth.structure),
    quirks,
  };
}
