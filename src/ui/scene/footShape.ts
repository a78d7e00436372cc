import type { Foot } from '@/core/kit';
import type { ScenePoint } from '@/core/procedure';

/** The foot on the machine, as far as it shows in a drawing. */
export interface ShownFoot {
  foot: Foot;
  footSide?: 'left' | 'right';
}

/** A foot from above, sewing downwards, the needle at 0,0: its outline, and what else tells it from others. */
interface Shape {
  outline: readonly ScenePoint[];
  /** Lines on it, as a path. */
  marks?: string;
}

const box = (left: number, top: number, right: number, bottom: number): ScenePoint[] => [
  [left, top],
  [right, top],
  [right, bottom],
  [left, bottom],
];
const TWO_TOES: readonly ScenePoint[] = [
  [-15, -20],
  [15, -20],
  [15, 18],
  [5, 18],
  [5, -4],
  [-5, -4],
  [-5, 18],
  [-15, 18],
];
const CLOSED = box(-15, -20, 15, 18);
const ONE_BAR = { left: box(-17, -20, -3, 18), right: box(3, -20, 17, 18) };

const SHAPES: Readonly<Partial<Record<Foot, Shape>>> = {
  'concealed-zip': { outline: CLOSED, marks: 'M-6 -20 V18 M6 -20 V18' },
  straight: { outline: CLOSED },
  'quarter-inch': { outline: CLOSED, marks: 'M15 -20 V26' },
  walking: { outline: TWO_TOES, marks: 'M-15 -12 H15 M-15 -6 H-5 M5 -6 H15' },
  'dual-feed': { outline: TWO_TOES, marks: 'M-15 -12 H15' },
  ditch: { outline: TWO_TOES, marks: 'M0 4 V30' },
  'blind-hem': { outline: TWO_TOES, marks: 'M7 -20 V30' },
  'rolled-hem': { outline: CLOSED, marks: 'M-8 18 C-8 4 6 8 4 -6' },
  binding: { outline: CLOSED, marks: 'M-10 18 L0 2 L10 18' },
  grooved: { outline: TWO_TOES, marks: 'M0 -20 V-6' },
  buttonhole: { outline: box(-15, -30, 15, 26), marks: 'M-6 -22 H6 V20 H-6 Z' },
};

const shapeOf = ({ foot, footSide = 'left' }: ShownFoot): Shape =>
  foot === 'zip' ? { outline: ONE_BAR[footSide] } : (SHAPES[foot] ?? { outline: TWO_TOES });

/** A foot as paths: its outline, and the marks on it. */
export function footPaths(shown: ShownFoot): { outline: string; marks: string | undefined } {
  const { outline, marks } = shapeOf(shown);
  return { outline: `M${outline.map(([x, y]) => `${x} ${y}`).join(' L')} Z`, marks };
}

/**
 * A foot where it stands.
 *
 * @param shown - which foot
 * @param at - the needle, in drawing units
 * @param headingRad - which way it sews; a quarter turn is down
 * @returns the corners of its sole, in drawing units
 */
export function footOutline(shown: ShownFoot, [x, y]: ScenePoint, headingRad: number): ScenePoint[] {
  const turn = headingRad - Math.PI / 2;
  const [cos, sin] = [Math.cos(turn), Math.sin(turn)];
  return shapeOf(shown).outline.map(([px, py]) => [x + px * cos - py * sin, y + px * sin + py * cos]);
}
