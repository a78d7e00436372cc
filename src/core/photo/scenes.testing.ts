import { seeded } from '../random';
import { easyScene, type Rgb, type Scene } from './scene.testing';

/** How hard a picture is to read: what may be at its worst, 0 … 1. */
export interface Difficulty {
  name: string;
  hard: number;
  /** Least contrast of thread to fabric, as a share of the light. */
  contrast: number;
}

export const DIFFICULTIES: readonly Difficulty[] = [
  { name: 'easy', hard: 0.15, contrast: 0.45 },
  { name: 'usual', hard: 0.5, contrast: 0.3 },
  { name: 'hard', hard: 1, contrast: 0.15 },
];

const GROUNDS = ['plain', 'woven', 'twill', 'knit'] as const;

/**
 * A picture out of everything that varies: perspective to 25°, light falling to a third, blur to 1.5 px, noise, contrast
 * down to 15 %, woven and knitted ground, pitch, zigzag, missing stitches, bends. The same seed gives the same scene.
 *
 * @param seed - any whole number
 * @param difficulty - how far all that may go
 * @param scale - 1 for 1600 × 1200 pixels
 */
export function randomScene(seed: number, { hard, contrast: least }: Difficulty, scale = 1): Scene {
  const rng = seeded(seed * 7919 + 3);
  const within = (a: number, b: number) => a + (b - a) * rng.next();
  const chance = (share: number) => rng.next() < share;
  const zigzag = chance(0.4);
  const cloth = [within(60, 235), within(60, 235), within(60, 235)] as const;
  const thread = threadFor(cloth, within(least, 0.7), chance(0.4), chance(0.5));
  // The smaller the picture, the longer the stitch must be to have its eight pixels.
  const pitchMm = zigzag ? within(1 / scale, 2.8) : within(1.3 / scale, 4.5);
  const penetrations = Math.min(zigzag ? 80 : 60, Math.floor(within(70, 95) / pitchMm));
  const skips: number[] = [];
  for (let left = chance(0.45) ? 1 + Math.floor(rng.next() * 3) : 0; left > 0; left -= 1) {
    const at = 3 + Math.floor(rng.next() * (penetrations - 6));
    if (!skips.some((one) => Math.abs(one - at) < 4)) skips.push(at);
  }
  const scene = easyScene(
    {
      seed,
      widthPx: Math.round(1600 * scale),
      heightPx: Math.round(1200 * scale),
      pxPerMm: within(8.2, 9.2) * scale,
      tiltDeg: within(0, 25 * hard),
      tiltTowardsDeg: within(0, 360),
      scrap: chance(0.4)
        ? { halfX: within(62, 80), halfY: within(54, 60), table: [within(20, 240), within(20, 240), within(20, 240)] }
        : null,
      light: { least: within(1 - 0.67 * hard, 1), fromDeg: within(0, 360) },
      blurPx: within(0, 1.5 * hard * Math.min(1, scale * 1.3)),
      noise: within(0, 8 * hard),
      groundDepth: within(0, 0.12 * hard),
      ground: GROUNDS[Math.abs(seed) % 4],
      cloth,
    },
    {
      kind: zigzag ? 'zigzag' : 'straight',
      pitchMm,
      widthMm: zigzag ? within(1.2, 6) : 0,
      penetrations,
      thread,
      gap: within(0.1, 0.35),
      jitter: within(0, 0.05 * hard),
      skips,
      skipLook: chance(0.5) ? 'bare' : 'float',
      holes: chance(0.4),
      threadMm: within(0.25, 0.45),
      angleDeg: within(-15, 15),
      radiusMm: chance(0.3) ? (chance(0.5) ? -1 : 1) * within(90, 300) : 0,
      middle: { x: within(-4, 4), y: within(-32, -24) },
    },
  );
  if (scene.card) {
    scene.card.angleDeg = within(-8, 8);
    scene.card.colour = [within(20, 250), within(20, 250), within(20, 250)];
    scene.card.printed = chance(0.6);
    scene.card.middle = { x: within(-12, 12), y: within(20, 23) };
  }
  return scene;
}

/** A thread darker or lighter than the fabric by so much, or of another colour as well. */
function threadFor(cloth: Rgb, contrast: number, coloured: boolean, lighter: boolean): Rgb {
  const bright = (cloth[0] + cloth[1] + cloth[2]) / 3;
  const sign = bright > 150 || !lighter ? -1 : 1;
  if (coloured) return [cloth[0] * (1 + sign * contrast), cloth[1] * (1 - sign * contrast * 0.3), cloth[2]];
  return [cloth[0] * (1 + sign * contrast), cloth[1] * (1 + sign * contrast), cloth[2] * (1 + sign * contrast)];
}
