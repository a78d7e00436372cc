/** A place on a drawing, mm. */
export type ScenePoint = readonly [x: number, y: number];

/** Cloth seen from above, or a layer seen in section as a strip along a line. */
export interface SceneCloth {
  points: readonly ScenePoint[];
  /** Which side is seen from above; in section, on which hand of the line its right side lies. */
  side: 'right' | 'wrong';
  /** In section: drawn this thick. Absent: an area. */
  thickMm?: number;
}

/** A line on a drawing. Its id ties it to the step in which it is made. */
export interface SceneLine {
  id?: string;
  points: readonly ScenePoint[];
  role: 'stitch' | 'baste' | 'fold' | 'raw' | 'mark' | 'cut' | 'zip' | 'tape' | 'stop' | 'stripe';
}

/** A dimension with its length: drawn aside of what it measures. */
export interface SceneDim {
  from: ScenePoint;
  to: ScenePoint;
  mm: number;
  /** What it measures, when the length alone does not say. */
  name?: string;
}

/** A drawing computed from numbers; x to the right, y down, mm. */
export interface Scene {
  label: string;
  view: 'above' | 'section';
  cloths: readonly SceneCloth[];
  lines: readonly SceneLine[];
  dims: readonly SceneDim[];
  /** Said on the drawing; with `mm`, a length after it. */
  texts?: readonly { at: ScenePoint; text: string; mm?: number }[];
}

/** A rectangle as points. */
export const box = (x: number, y: number, width: number, height: number): ScenePoint[] => [
  [x, y],
  [x + width, y],
  [x + width, y + height],
  [x, y + height],
];

/** A straight line on a drawing. */
export const line = (role: SceneLine['role'], from: ScenePoint, to: ScenePoint, id?: string): SceneLine => ({
  ...(id !== undefined && { id }),
  points: [from, to],
  role,
});

/**
 * A drawing seen in a mirror: the other piece of a pair.
 *
 * @param scene - the drawing
 * @param label - what the mirrored one shows
 */
export function mirrored({ cloths, lines, dims, texts, ...rest }: Scene, label: string): Scene {
  const flip = ([x, y]: ScenePoint): ScenePoint => [-x, y];
  return {
    ...rest,
    label,
    cloths: cloths.map((cloth) => ({ ...cloth, points: cloth.points.map(flip) })),
    lines: lines.map((one) => ({ ...one, points: one.points.map(flip) })),
    dims: dims.map((dim) => ({ ...dim, from: flip(dim.from), to: flip(dim.to) })),
    ...(texts && { texts: texts.map((text) => ({ ...text, at: flip(text.at) })) }),
  };
}

/** In section a layer thinner than this could not be seen. */
const LEAST_THICK_MM = 2.4;
export const drawnThick = (thicknessMm: number): number => Math.max(LEAST_THICK_MM, thicknessMm);
