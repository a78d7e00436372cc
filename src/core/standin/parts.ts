import type { Foot, NeedlePoint } from '../kit';

/** How much a sole holds the upper layer back, a plain metal one being 1: simple, and the simulated machine's own. */
export const HOLD: Partial<Record<Foot, number>> = {
  walking: 0.2,
  'dual-feed': 0.2,
  glide: 0.5,
  knit: 0.45,
  roller: 0.35,
};

/** How easily a point misses loops in a knit, 0 … 1. */
export const ON_KNITS: Partial<Record<NeedlePoint, number>> = {
  stretch: 0,
  'twin-stretch': 0.02,
  ballpoint: 0.03,
  universal: 0.18,
  twin: 0.22,
};

/** And in anything else. */
export const ON_OTHERS: Partial<Record<NeedlePoint, number>> = { ballpoint: 0.12, stretch: 0.08 };
