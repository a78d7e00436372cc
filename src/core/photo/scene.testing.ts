import { seeded, type Rng } from '../random';

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

/** What is true of the first seam of a scene. */
export interface Truth {
  pitchMm: number;
  spreadMm: number;
  count: number;
  skipped: number;
  widthMm: number;
  lengthMm: number;
  /** Penetrations, in pixels. */
  penetrations: At[];
  /** Corners of the card in pixels, before rounding. */
  card: At[] | null;
  mmToPx: (at: At) => At;
}

/** A picture as the gauge takes it: four bytes a pixel. */
export interface Rendered {
  width: number;
  height: number;
  data: Uint8ClampedArray<ArrayBuffer>;
  truth: Truth;
}

interface Dash {
  from: At;
  to: At;
  half: number;
  colour: Rgb;
}

const rad = (degrees: number) => (degrees * Math.PI) / 180;

/** Camera above the plane: focal length as of a phone, leaning by the tilt. */
function camera(scene: Scene) {
  const focal = 1.1 * scene.widthPx;
  const away = focal / scene.pxPerMm;
  const [tilt, side] = [rad(scene.tiltDeg), rad(scene.tiltTowardsDeg)];
  const [ca, sa, ct, st] = [Math.cos(side), Math.sin(side), Math.cos(tilt), Math.sin(tilt)];
  const middle = { x: scene.widthPx / 2, y: scene.heightPx / 2 };
  const mmToPx = ({ x, y }: At): At => {
    // Along and across the lean; what leans away from the lens is further off.
    const [a, b] = [x * ca + y * sa, -x * sa + y * ca];
    const depth = away + a * st;
    const [u, v] = [(focal * a * ct) / depth, (focal * b) / depth];
    return { x: middle.x + u * ca - v * sa, y: middle.y + u * sa + v * ca };
  };
  const pxToMm = (px: At): At => {
    const [p, q] = [px.x - middle.x, px.y - middle.y];
    const [u, v] = [p * ca + q * sa, -p * sa + q * ca];
    const a = (u * away) / (focal * ct - u * st);
    const b = (v * (away + a * st)) / focal;
    return { x: a * ca - b * sa, y: a * sa + b * ca };
  };
  return { mmToPx, pxToMm };
}

/** From along and across a seam to the plane. */
function placing({ middle, angleDeg, radiusMm }: SceneSeam): (s: number, v: number) => At {
  const [c, d] = [Math.cos(rad(angleDeg)), Math.sin(rad(angleDeg))];
  return (s, v) => {
    const turn = radiusMm === 0 ? 0 : s / radiusMm;
    const x = radiusMm === 0 ? s : (radiusMm - v) * Math.sin(turn);
    const y = radiusMm === 0 ? v : radiusMm - (radiusMm - v) * Math.cos(turn);
    return { x: middle.x + x * c - y * d, y: middle.y + x * d + y * c };
  };
}

function stitched(seam: SceneSeam, rng: Rng): { dashes: Dash[]; holes: At[]; seen: At[]; gaps: number[] } {
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

function colourAt(scene: Scene, dashes: Dash[], holes: At[]) {
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

function blurred(plane: Float32Array, width: number, height: number, sigma: number): Float32Array {
  if (sigma < 0.05) return plane;
  const reach = Math.ceil(3 * sigma);
  const weights = Array.from({ length: 2 * reach + 1 }, (_, i) => Math.exp(-((i - reach) ** 2) / (2 * sigma * sigma)));
  const sum = weights.reduce((a, b) => a + b, 0);
  const pass = (from: Float32Array, step: number, length: number, lines: number, stride: number) => {
    const to = new Float32Array(from.length);
    for (let line = 0; line < lines; line += 1)
      for (let i = 0; i < length; i += 1) {
        let total = 0;
        for (let k = -reach; k <= reach; k += 1) {
          const j = Math.max(0, Math.min(length - 1, i + k));
          total += weights[k + reach] * from[line * stride + j * step];
        }
        to[line * stride + i * step] = total / sum;
      }
    return to;
  };
  return pass(pass(plane, 1, width, height, width), width, height, width, 1);
}

/** Draws a scene as a camera would see it, with what is true of its first seam. */
export function renderScene(scene: Scene): Rendered {
  const rng = seeded(scene.seed);
  const { widthPx: width, heightPx: height } = scene;
  const { mmToPx, pxToMm } = camera(scene);
  const sewn = scene.seams.map((seam) => stitched(seam, rng));
  const colour = colourAt(
    scene,
    sewn.flatMap((s) => s.dashes),
    sewn.flatMap((s) => s.holes),
  );
  const planes = [0, 1, 2].map(() => new Float32Array(width * height));
  const [lx, ly] = [Math.cos(rad(scene.light.fromDeg)), Math.sin(rad(scene.light.fromDeg))];
  const span = Math.abs(lx) * width + Math.abs(ly) * height;
  const parts = [0.25, 0.75];
  for (let j = 0; j < height; j += 1)
    for (let i = 0; i < width; i += 1) {
      const share = 0.5 + ((i - width / 2) * lx + (j - height / 2) * ly) / span;
      const light = scene.light.least + (1 - scene.light.least) * share;
      const sum = [0, 0, 0];
      for (const a of parts)
        for (const b of parts) {
          const at = pxToMm({ x: i + a, y: j + b });
          const rgb = colour(at.x, at.y);
          for (let c = 0; c < 3; c += 1) sum[c] += rgb[c] / 4;
        }
      for (let c = 0; c < 3; c += 1) planes[c][j * width + i] = sum[c] * light;
    }
  const data = new Uint8ClampedArray(width * height * 4);
  planes.forEach((plane, c) => {
    const soft = blurred(plane, width, height, scene.blurPx);
    for (let i = 0; i < soft.length; i += 1) data[i * 4 + c] = soft[i] + scene.noise * rng.normal();
  });
  for (let i = 3; i < data.length; i += 4) data[i] = 255;
  return { width, height, data, truth: truthOf(scene, sewn[0], mmToPx) };
}

function truthOf(scene: Scene, sewn: ReturnType<typeof stitched> | undefined, mmToPx: (at: At) => At): Truth {
  const seam = scene.seams[0];
  const seen = sewn?.seen ?? [];
  // Measured along the seam, so that a bend or a zigzag does not lengthen it.
  const along = !sewn || !seam ? [] : alongOf(seam, seen);
  const single = along.slice(1).flatMap((s, i) => (sewn!.gaps[i] === 1 ? [s - along[i]] : []));
  const pitchMm = single.reduce((a, b) => a + b, 0) / Math.max(1, single.length);
  const variance = single.reduce((a, b) => a + (b - pitchMm) ** 2, 0) / Math.max(1, single.length - 1);
  return {
    pitchMm,
    spreadMm: Math.sqrt(variance),
    count: seen.length - 1,
    skipped: seam?.skips.length ?? 0,
    widthMm: seam?.kind === 'zigzag' ? seam.widthMm : 0,
    lengthMm: along.length > 1 ? along[along.length - 1] - along[0] : 0,
    penetrations: seen.map(mmToPx),
    card: scene.card ? cornersOf(scene.card).map(mmToPx) : null,
    mmToPx,
  };
}

function alongOf({ middle, angleDeg, radiusMm }: SceneSeam, seen: readonly At[]): number[] {
  const [c, s] = [Math.cos(rad(angleDeg)), Math.sin(rad(angleDeg))];
  return seen.map(({ x, y }) => {
    const [u, v] = [(x - middle.x) * c + (y - middle.y) * s, -(x - middle.x) * s + (y - middle.y) * c];
    const sign = Math.sign(radiusMm);
    return radiusMm === 0 ? u : radiusMm * Math.atan2(sign * u, sign * (radiusMm - v));
  });
}

const cornersOf = ({ middle, angleDeg, widthMm, heightMm }: SceneCard): At[] =>
  [
    [-1, -1],
    [1, -1],
    [1, 1],
    [-1, 1],
  ].map(([i, j]) => {
    const [u, v] = [(i * widthMm) / 2, (j * heightMm) / 2];
    const [c, s] = [Math.cos(rad(angleDeg)), Math.sin(rad(angleDeg))];
    return { x: middle.x + u * c - v * s, y: middle.y + u * s + v * c };
  });

/** A scene with nothing hard about it: 2.5 mm stitches in red on a light fabric, a card beside them. */
export function easyScene(over: Partial<Scene> = {}, seam: Partial<SceneSeam> = {}): Scene {
  return {
    widthPx: 1400,
    heightPx: 1050,
    pxPerMm: 9,
    tiltDeg: 0,
    tiltTowardsDeg: 0,
    ground: 'woven',
    groundDepth: 0.06,
    cloth: [206, 203, 190],
    scrap: null,
    seams: [
      {
        kind: 'straight',
        pitchMm: 2.5,
        penetrations: 41,
        widthMm: 0,
        threadMm: 0.35,
        thread: [150, 30, 45],
        gap: 0.25,
        jitter: 0.02,
        skips: [],
        skipLook: 'bare',
        holes: false,
        middle: { x: 0, y: -28 },
        angleDeg: 0,
        radiusMm: 0,
        ...seam,
      },
    ],
    card: {
      middle: { x: -8, y: 22 },
      angleDeg: 4,
      colour: [120, 150, 170],
      printed: true,
      radiusMm: 3.18,
      widthMm: 85.6,
      heightMm: 53.98,
    },
    light: { least: 1, fromDeg: 0 },
    pucker: 0,
    blurPx: 0.6,
    noise: 3,
    seed: 1,
    ...over,
  };
}
