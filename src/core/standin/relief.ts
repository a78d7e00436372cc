import { type ClothProfile } from '../cloth';
import { isTwin } from '../kit';
import type { Rng } from '../random';
import type { SewInput, SewnMeasures } from './sew';
import type { State } from './state';

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
  /** How far the edge at the start was drawn into the slot. */
  chewedMm: number;
  /** How deep the foot's track is pressed into a pile, 0 … 1. */
  track: number;
  /** How far the top layer ends behind the bottom one; below 0 ahead. */
  shiftMm: number;
  /** Radius of a hole the needle left, and how far it tore on along the line. */
  holeMm: number;
  tornMm: number;
  /** Whether loops ran from a hole. */
  ladders: boolean;
}

/**
 * The shape of a sewn line.
 *
 * @param input - setting and line
 * @param cloth - the cloth
 * @param state - how the machine works
 * @param measures - of the same line: what is measured is what is drawn
 * @param rng - random numbers of this line
 * @returns heights and places, mm
 */
export function reliefOf(
  { setup, lengthMm }: SewInput,
  cloth: ClothProfile,
  state: State,
  measures: SewnMeasures,
  { next }: Rng,
): Relief {
  const growth = Math.max(0, (measures.afterMm / measures.overMm - 1) * 100);
  const { sharp, tears } = state;
  const knit = cloth.structure === 'knit';
  const pulls = knit || tears ? 0 : Math.max(0, sharp - 0.2);
  const light = setup.plate === 'standard' ? Math.max(0, (70 - cloth.massGsm.value) / 100) : 0;
  return {
    lengthMm,
    pucker: { heightMm: 0.32 * Math.max(0, 4.7 - measures.pucker), everyMm: 5 + 2 * next(), phase: 6 * next() },
    rays: Array.from({ length: pulls > 0 ? Math.round(lengthMm / 9) : 0 }, () => ({
      x: lengthMm * next(),
      slope: (next() < 0.5 ? -1 : 1) * (0.4 + 0.5 * next()),
      heightMm: 0.9 * Math.min(0.8, pulls),
    })),
    wave: { heightMm: 0.42 * Math.max(0, growth - 0.8), everyMm: 22 + 6 * next() },
    ridge: { heightMm: measures.ridgeMm, widthMm: isTwin(setup.needle.point) ? (setup.needle.gapMm ?? 2) : 0 },
    chewedMm: light >= 0.2 ? 14 * light : 0,
    track: cloth.traits.includes('napped') ? Math.max(0, state.press - 0.5) * 2 : 0,
    shiftMm: measures.shiftMm,
    holeMm: (setup.needle.nm / 200) * (knit ? 0.7 + Math.max(0, sharp - 0.2) * 2.4 : 0.75),
    tornMm: tears ? Math.max(0, 2.9 - state.lengthMm) * 0.9 : 0,
    ladders: knit && sharp >= 0.42,
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
export function heightAt({ pucker, rays, ridge, wave, lengthMm }: Relief, x: number, y: number): number {
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
  return ripple + folds + between + long;
}

/** How far the cloth is shoved sideways at a place along the line by the waves of a line that grew, mm. */
export const swayAt = ({ wave }: Relief, x: number): number =>
  0.8 * wave.heightMm * Math.sin((2 * Math.PI * x) / wave.everyMm);
