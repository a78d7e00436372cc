import { seeded } from '../random';
import { type At, colourAt, rad, type Scene, type SceneSeam, stitched } from './sceneDrawing.testing';

export type { Rgb, Scene, SceneSeam } from './sceneDrawing.testing';

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

const cornersOf = ({ middle, angleDeg, widthMm, heightMm }: NonNullable<Scene['card']>): At[] =>
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
