import type { Rng } from '../random';

/** Red, green and blue, 0 … 255. */
export type Rgb = readonly [number, number, number];

/** A place: mm in the plane of the fabric from the middle of the picture, or pixels. */
export interface At {
  x: number;
  y: number;
}

/** A row of stitching to draw. */
export interface SceneSeam {
  kind: 'straight' | 'zigzag';
  /** Feed per penetration, mm. */
  pitchMm: number;
  /** Penetrations, with those that are skipped. */
  penetrations: number;
  widthMm: number;
  threadMm: number;
  thread: Rgb;
  /** Share of a stitch in which its thread has gone down, both ends together. */
  gap: number;
  /** Spread of one stitch's length, as a share of it. */
  jitter: number;
  /** Which penetrations are missing. */
  skips: readonly number[];
  /** Whether fabric shows where one is missing, or the thread floats over it. */
  skipLook: 'bare' | 'float';
  holes: boolean;
  /** Middle of the seam, mm, and its direction, degrees. */
  middle: At;
  angleDeg: number;
  /** Radius it is bent to, mm; 0 for straight. */
  radiusMm: number;
}

/** A card lying in the picture: where its middle is and how it is turned. */
export interface SceneCard {
  middle: At;
  angleDeg: number;
  colour: Rgb;
  /** A dark stripe and a light field, as on the back of a card. */
  printed: boolean;
  radiusMm: number;
  widthMm: number;
  heightMm: number;
}

/** What a test picture shows and how it is taken. */
export interface Scene {
  widthPx: number;
  heightPx: number;
  /** In the middle of the picture. */
  pxPerMm: number;
  /** How far the camera leans, and to which side. */
  tiltDeg: number;
  tiltTowardsDeg: number;
  ground: 'plain' | 'woven' | 'twill' | 'knit';
  /** How strongly the ground shows, as a share of its light. */
  groundDepth: number;
  cloth: Rgb;
  /** Half the size of the scrap, mm; null for fabric all over. */
  scrap: { halfX: number; halfY: number; table: Rgb } | null;
  seams: readonly SceneSeam[];
  card: SceneCard | null;
  /** Light at the darkest edge, as a share of that at the lightest, and where it comes from. */
  light: { least: number; fromDeg: number };
  /** Undulation of the light beside the seam, as a share of it. */
  pucker: number;
  blurPx: number;
  /** Standard deviation of the noise, of 255. */
  noise: number;
  seed: number;
}

interface Dash {
  from: At;
  to: At;
  half: number;
  colour: Rgb;
}

export const rad = (degrees: number) => (degrees * Math.PI) / 180;

/** From along and across a seam to the plane. */
export function placing({ middle, angleDeg, radiusMm }: SceneSeam): (s: number, v: number) => At {
  const [c, d] = [Math.cos(rad(angleDeg)), Math.sin(rad(angleDeg))];
  return (s, v) => {
    const turn = radiusMm === 0 ? 0 : s / radiusMm;
    const x = radiusMm === 0 ? s : (radiusMm - v) * Math.sin(turn);
    const y = radiusMm === 0 ? v : radiusMm - (radiusMm - v) * Math.cos(turn);
    return { x: middle.x + x * c - y * d, y: middle.y + x * d + y * c };
  };
}

export function stitched(seam: SceneSeam, rng: Rng): { dashes: Dash[]; holes: At[]; seen: At[]; gaps: number[] } {
  const place = placing(seam);
  const steps = Array.from({ length: seam.penetrations - 1 }, () =>
    Math.max(0.3, 1 + seam.jitter * Math.max(-2.5, Math.min(2.5, rng.normal()))),
  );
  const all = [0];
  for (const step of steps) all.push(all[all.length - 1] + step * seam.pitchMm);
  const half = all[all.length - 1] / 2;
  const side = (i: number) => (seam.kind === 'zigzag' ? ((i % 2 === 0 ? -1 : 1) * seam.widthMm) / 2 : 0);
  const kept = all.map((s, i) => ({ i, s: s - half, v: side(i) })).filter(({ i }) => !seam.skips.includes(i));
  const dashes: Dash[] = [];
  const gaps: number[] = [];
  kept.slice(1).forEach((to, k) => {
    const from = kept[k];
    gaps.push(to.i - from.i);
    if (to.i - from.i > 1 && seam.skipLook === 'bare') return;
    // The round end of a thread that goes down does not fill the gap; at the corner of a zigzag it is seen to turn.
    const end = seam.kind === 'straight' ? seam.threadMm / 2 : 0;
    const off = ((seam.gap * seam.pitchMm) / 2 + end) / Math.max(1e-9, Math.hypot(to.s - from.s, to.v - from.v));
    const at = (t: number) => place(from.s + t * (to.s - from.s), from.v + t * (to.v - from.v));
    // In pieces, so that it follows a bend.
    const pieces = Math.max(1, to.i - from.i) * 2;
    for (let p = 0; p < pieces; p += 1) {
      const t = (share: number) => off + share * (1 - 2 * off);
      dashes.push({
        from: at(t(p / pieces)),
        to: at(t((p + 1) / pieces)),
        half: seam.threadMm / 2,
        colour: seam.thread,
      });
    }
  });
  const seen = kept.map(({ s, v }) => place(s, v));
  return { dashes, holes: seam.holes ? seen : [], seen, gaps };
}

/** Value noise: smooth, the same at the same place. */
function grain(seed: number): (x: number, y: number) => number {
  const hash = (i: number, j: number) => {
    let h = Math.imul(i, 0x27d4eb2d) ^ Math.imul(j, 0x165667b1) ^ seed;
    h = Math.imul(h ^ (h >>> 15), 0x85ebca6b);
    return ((h ^ (h >>> 13)) >>> 0) / 4294967296;
  };
  return (x, y) => {
    const [i, j] = [Math.floor(x), Math.floor(y)];
    const [u, v] = [x - i, y - j];
    const top = hash(i, j) + u * (hash(i + 1, j) - hash(i, j));
    const low = hash(i, j + 1) + u * (hash(i + 1, j + 1) - hash(i, j + 1));
    return top + v * (low - top) - 0.5;
  };
}

function groundAt(scene: Scene): (x: number, y: number) => number {
  const own = grain(scene.seed);
  const d = scene.groundDepth;
  const tri = (t: number) => Math.abs((t - Math.floor(t)) * 2 - 1) * 2 - 1;
  switch (scene.ground) {
    case 'woven':
      // Yarns over and under, 0.55 mm apart, each with slubs of its own.
      return (x, y) => {
        const over = (Math.floor(x / 0.55) + Math.floor(y / 0.55)) % 2 === 0;
        const yarn = over ? tri(y / 0.55) : tri(x / 0.55);
        return 1 - d * (0.5 + 0.5 * yarn) + d * own(x * (over ? 0.6 : 3), y * (over ? 3 : 0.6));
      };
    case 'twill':
      return (x, y) => 1 + d * 0.6 * Math.sin((2 * Math.PI * (x + 1.9 * y)) / 1.7) + d * own(x * 2.5, y * 2.5);
    case 'knit':
      // Columns of V, 1.3 mm wide, 1 mm high.
      return (x, y) => 1 + d * 0.7 * tri(y / 1 + Math.abs(tri(x / 1.3)) * 0.4) - d * 0.4 * (tri(x / 1.3) > 0.7 ? 1 : 0);
    default:
      return (x, y) => 1 + d * own(x * 2, y * 2);
  }
}

/** Dashes by the cells of 2 mm they touch. */
function cells(dashes: readonly Dash[]): (x: number, y: number) => readonly Dash[] {
  const grid = new Map<number, Dash[]>();
  const key = (i: number, j: number) => (i + 4096) * 8192 + (j + 4096);
  for (const dash of dashes) {
    const [x0, x1] = [Math.min(dash.from.x, dash.to.x) - 1, Math.max(dash.from.x, dash.to.x) + 1];
    const [y0, y1] = [Math.min(dash.from.y, dash.to.y) - 1, Math.max(dash.from.y, dash.to.y) + 1];
    for (let i = Math.floor(x0 / 2); i <= Math.floor(x1 / 2); i += 1)
      for (let j = Math.floor(y0 / 2); j <= Math.floor(y1 / 2); j += 1) {
        const list = grid.get(key(i, j)) ?? [];
        list.push(dash);
        grid.set(key(i, j), list);
      }
  }
  const none: Dash[] = [];
  return (x, y) => grid.get(key(Math.floor(x / 2), Math.floor(y / 2))) ?? none;
}

function inCard(card: SceneCard, x: number, y: number): Rgb | null {
  const [c, s] = [Math.cos(rad(card.angleDeg)), Math.sin(rad(card.angleDeg))];
  const [dx, dy] = [x - card.middle.x, y - card.middle.y];
  const [u, v] = [dx * c + dy * s, -dx * s + dy * c];
  const [a, b] = [Math.abs(u) - card.widthMm / 2 + card.radiusMm, Math.abs(v) - card.heightMm / 2 + card.radiusMm];
  if (Math.hypot(Math.max(a, 0), Math.max(b, 0)) + Math.min(Math.max(a, b), 0) > card.radiusMm) return null;
  if (card.printed && v < -card.heightMm / 2 + 17 && v > -card.heightMm / 2 + 5) return [52, 48, 50];
  if (card.printed && v > -3 && v < 6 && Math.abs(u) < 28) return [238, 238, 232];
  return card.colour;
}

export function colourAt(scene: Scene, dashes: Dash[], holes: At[]) {
  const ground = groundAt(scene);
  const near = cells(dashes);
  const nearHoles = cells(holes.map((at) => ({ from: at, to: at, half: 0.22, colour: scene.cloth })));
  const seam = scene.seams[0];
  const ripple = grain(scene.seed + 7);
  return (x: number, y: number): Rgb => {
    const onCard = scene.card ? inCard(scene.card, x, y) : null;
    if (onCard) return onCard;
    const { scrap } = scene;
    if (scrap && (Math.abs(x) > scrap.halfX || Math.abs(y) > scrap.halfY)) return scrap.table;
    let light = ground(x, y);
    if (scene.pucker > 0 && seam) {
      const v =
        -(x - seam.middle.x) * Math.sin(rad(seam.angleDeg)) + (y - seam.middle.y) * Math.cos(rad(seam.angleDeg));
      const s = (x - seam.middle.x) * Math.cos(rad(seam.angleDeg)) + (y - seam.middle.y) * Math.sin(rad(seam.angleDeg));
      light *=
        1 + scene.pucker * Math.exp(-((v / 9) ** 2)) * Math.sin((2 * Math.PI * s) / 8 + 5 * ripple(s / 15, v / 15));
    }
    let [r, g, b] = [scene.cloth[0] * light, scene.cloth[1] * light, scene.cloth[2] * light];
    for (const hole of nearHoles(x, y)) {
      const cover = Math.max(0, Math.min(1, (hole.half - Math.hypot(x - hole.from.x, y - hole.from.y)) / 0.06 + 0.5));
      [r, g, b] = [r * (1 - 0.6 * cover), g * (1 - 0.6 * cover), b * (1 - 0.6 * cover)];
    }
    for (const dash of near(x, y)) {
      const [dx, dy] = [dash.to.x - dash.from.x, dash.to.y - dash.from.y];
      const long2 = dx * dx + dy * dy || 1e-9;
      const t = Math.max(0, Math.min(1, ((x - dash.from.x) * dx + (y - dash.from.y) * dy) / long2));
      const off = Math.hypot(x - dash.from.x - t * dx, y - dash.from.y - t * dy) / dash.half;
      if (off >= 1) {
        if (off < 1.5) [r, g, b] = [r * 0.93, g * 0.93, b * 0.93];
        continue;
      }
      const lit = 1.08 - 0.28 * off * off;
      [r, g, b] = [dash.colour[0] * lit, dash.colour[1] * lit, dash.colour[2] * lit];
    }
    return [r, g, b];
  };
}
