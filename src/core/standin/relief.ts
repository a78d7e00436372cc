import { type ClothProfile } from '../cloth';
import type { Rng } from '../random';
import type { SewInput } from './line';
import type { Sewing } from './sew';
import { gapOf } from './state';

/** The shape a sewn line leaves in the cloth. Lengths in mm. */
export interface Relief {
  lengthMm: number;
  /** Ripples across the line: height, and where each lies. */
  pucker: { heightMm: number; everyMm: number; phase: number };
  /** Folds that reach away from the line. */
  rays: { x: number; slope: number; heightMm: number }[];
  /** Waves of a line that came out longer than it was. */
  wave: { heightMm: number; everyMm: number };
  /** The fold between two rows. */
  ridge: { heightMm: number; widthMm: number };
  /** A step in thickness that lies across the line in its middle. */
  humpMm: number;
  /** How far the middle of a bowed strip lies aside. */
  bowMm: number;
  /** How far the edge at the start was drawn into the slot. */
  chewedMm: number;
  /** How deep the foot's track is pressed in, 0 … 1. */
  track: number;
  /** How much the iron made it shine, 0 … 1. */
  shine: number;
  /** How far the seam gapes, mm. */
  gapeMm: number;
  /** How far yarns have slid away from the line. */
  slipMm: number;
  /** How far the top layer ends behind the bottom one; below 0 ahead. */
  shiftMm: number;
  /** Radius of a hole the needle left, and how far it tore on along the line. */
  holeMm: number;
  tornMm: number;
  /** Whether loops ran from a hole. */
  ladders: boolean;
}

const over = (level: number | undefined, from: number) => Math.max(0, (level ?? 0) - from);

/**
 * The shape of a sewn line: what is measured and what shows is what is drawn.
 *
 * @param input - setting and line
 * @param cloth - the cloth
 * @param sewing - what happened under the foot
 * @param rng - random numbers of this line
 * @returns heights and places, mm
 */
export function reliefOf({ setup, lengthMm }: SewInput, cloth: ClothProfile, sewing: Sewing, { next }: Rng): Relief {
  const { levels, state, under, line } = sewing;
  const { afterMm, overMm, shiftMm, ridgeMm, pucker } = line.measures;
  const growth = afterMm === null ? 0 : Math.max(0, (afterMm / overMm - 1) * 100);
  const knit = cloth.structure === 'knit';
  const pulls = over(levels['pucker-away'], 0.2);
  const rays = Math.round(lengthMm / 9);
  const places = Array.from({ length: rays }, () => [next(), next(), next()]);
  return {
    lengthMm,
    pucker: { heightMm: 0.32 * Math.max(0, 4.7 - (pucker ?? 5)), everyMm: 5 + 2 * next(), phase: 6 * next() },
    rays: places.slice(0, pulls > 0 ? rays : 0).map(([x, side, steep]) => ({
      x: lengthMm * x,
      slope: (side < 0.5 ? -1 : 1) * (0.4 + 0.5 * steep),
      heightMm: 1.1 * Math.min(0.8, pulls),
    })),
    wave: { heightMm: 0.42 * Math.max(0, growth - 0.8), everyMm: 22 + 6 * next() },
    ridge: { heightMm: ridgeMm ?? 0, widthMm: gapOf(setup) },
    humpMm: 1.6 * over(levels['hump-stall'], 0),
    bowMm: 5 * over(levels.bowed, 0.1),
    chewedMm: 14 * over(levels.chewed, 0.18),
    track: 1.6 * over(levels.marks, 0.42),
    shine: over(levels.shine, 0.15),
    gapeMm: Math.min(0.24, 0.1 * over(levels.grinning, 1)),
    slipMm: 2.4 * over(levels.slippage, 0.45),
    shiftMm: shiftMm ?? 0,
    holeMm: (state.nm / 200) * (under.knit || under.skin ? 0.7 + 2.4 * over(levels.holes, 0.2) : 0.75),
    tornMm: 7 * over(levels.perforated, 0.34),
    ladders: knit && (levels.holes ?? 0) >= 0.42,
  };
}

/** Half of what the ripples along the line reach across it. */
const PUCKER_REACH = 4.5;
/** How far a fold away from the line reaches. */
const RAY_REACH = 13;

/**
 * Height of the cloth at a place.
 *
 * @param relief - its shape
 * @param x - along the line, mm
 * @param y - across the line, mm
 * @returns mm above flat
 */
export function heightAt({ pucker, rays, ridge, wave, humpMm, lengthMm }: Relief, x: number, y: number): number {
  const past = Math.max(0, -x, x - lengthMm);
  const ripple =
    pucker.heightMm *
    Math.cos((2 * Math.PI * x) / pucker.everyMm + pucker.phase + 0.9 * Math.sin(x / 7)) *
    Math.exp(-((y / PUCKER_REACH) ** 2) - (past / 2) ** 2);
  const folds = rays.reduce((sum, ray) => {
    const off = x - ray.x - ray.slope * y;
    if (off > 3 || off < -3) return sum;
    return sum + ray.heightMm * Math.exp(-(off ** 2)) * Math.max(0, 1 - Math.abs(y) / RAY_REACH);
  }, 0);
  const between =
    ridge.widthMm > 0 ? ridge.heightMm * Math.exp(-((y / (ridge.widthMm / 2.6)) ** 2) - (past / 2) ** 2) : 0;
  const long = wave.heightMm * Math.cos((2 * Math.PI * x) / wave.everyMm) * Math.min(1, Math.abs(y) / 9);
  const hump = humpMm / (1 + Math.exp(-2.5 * (x - lengthMm / 2)));
  return ripple + folds + between + long + hump;
}

/** How far the cloth lies sideways at a place along the line: shoved by the waves of a line that grew, or bent for good, mm. */
export function swayAt({ wave, bowMm, lengthMm }: Relief, x: number): number {
  const share = (2 * x) / lengthMm - 1;
  return 0.8 * wave.heightMm * Math.sin((2 * Math.PI * x) / wave.everyMm) + bowMm * (share ** 2 - 0.6);
}
