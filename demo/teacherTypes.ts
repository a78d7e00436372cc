import type { Foot, NeedlePoint, ThreadFibre } from '../src/core/kit';
import type { SewingPlan } from '../src/core/match';
import type { StitchId } from '../src/core/stitch';

/** What a teacher would accept of each part of an answer. Ranges are closed; lists mean any of them. */
export interface Accepts {
  point: readonly NeedlePoint[];
  nm: readonly [number, number];
  fibre: readonly ThreadFibre[];
  /** Of the needle thread, and of the one below. */
  tex: readonly [number, number];
  bobbinTex: readonly [number, number];
  foot: readonly Foot[];
  stitch: readonly StitchId[];
  lengthMm: readonly [number, number];
  widthMm: readonly [number, number];
  tensionSteps: readonly [number, number];
  pressure: readonly [number, number];
  /** How the seam is built. */
  seam: RegExp;
  secure: readonly SewingPlan['secure'][];
  /** The hottest sole plate, °C. */
  pressC: readonly [number, number];
  steam: readonly SewingPlan['press']['steam'][];
}

/** What holds for a cloth in every seam of it, and what only for a plain one. Common practice, from the start of the trade. */
export interface FamilyAccepts {
  kind: 'knit' | 'woven' | 'skin' | 'foam' | 'layered';
  point: readonly NeedlePoint[];
  nm: readonly [number, number];
  tex: readonly [number, number];
  pressure: readonly [number, number];
  tension: readonly [number, number];
  length: readonly [number, number];
  seam: RegExp;
  secure: readonly SewingPlan['secure'][];
  pressC: readonly [number, number];
  steam: readonly SewingPlan['press']['steam'][];
  fibre?: readonly ThreadFibre[];
  /** The knot, the lock and the like hold for every line in it. */
  fine?: true;
}
