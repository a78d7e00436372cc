import { type OutlinePart, type Point, walkParts } from '../geometry';
import type { Outline } from './outlineTypes';

/** One size of a shape: a question with one usual answer. */
export interface ShapeSize {
  key: string;
  label: string;
  unit: 'mm' | 'count' | 'percent' | 'degrees';
  usual: number;
  least: number;
  most: number;
}

/** A common shape of a seam line: its sizes, and the line they make. */
export interface OutlineShape {
  id: string;
  name: string;
  sizes: readonly ShapeSize[];
  make: (sizes: Readonly<Record<string, number>>) => Outline;
}

const size = (key: string, label: string, usual: number, least: number, most: number): ShapeSize => ({
  key,
  label,
  unit: 'mm',
  usual,
  least,
  most,
});

/** Half an ellipse that hangs from a straight line: from its left end round to its right one. */
function hanging(width: number, depth: number): Point[] {
  return Array.from({ length: 61 }, (_, i) => {
    const angle = Math.PI * (1 - i / 60);
    return { x: (width / 2) * (1 + Math.cos(angle)), y: depth * Math.sin(angle) };
  });
}
const turn = (radiusMm: number, turnDeg: number): OutlinePart => ({ radiusMm, turnDeg });
const straight = (straightMm: number): OutlinePart => ({ straightMm });

/** A box whose corners are rounded, walked clockwise: its allowance lies outside, on the left. */
const rounded = (width: number, height: number, radius: number): OutlinePart[] => {
  const r = Math.min(radius, width / 2, height / 2);
  return [width, height, width, height].flatMap((side) => [straight(side - 2 * r), turn(r, 90)]);
};

/** Shapes to pick from; sizes at the seam line (common practice). */
export const OUTLINE_SHAPES: readonly OutlineShape[] = [
  {
    id: 'neckline',
    name: 'Round neckline',
    sizes: [size('width', 'Across', 180, 60, 500), size('depth', 'Deep', 90, 20, 400)],
    make: ({ width, depth }) => ({ points: hanging(width, depth), closed: false, allowanceOn: 'left' }),
  },
  {
    id: 'armhole',
    name: 'Armhole',
    sizes: [size('height', 'High', 220, 80, 500), size('depth', 'Deep', 90, 20, 250)],
    make: ({ height, depth }) => ({
      points: hanging(height, depth).map(({ x, y }) => ({ x: y, y: x })),
      closed: false,
      allowanceOn: 'right',
    }),
  },
  {
    id: 'pocket',
    name: 'Pocket, lower corners rounded',
    sizes: [
      size('width', 'Wide', 140, 40, 600),
      size('height', 'High', 160, 40, 600),
      size('radius', 'Radius of the corners', 20, 0, 120),
    ],
    make: ({ width, height, radius }) => {
      const r = Math.min(radius, width / 2, height);
      const parts = [turn(0, 90), straight(height - r), turn(r, -90), straight(width - 2 * r), turn(r, -90)];
      return { points: walkParts([...parts, straight(height - r)]), closed: false, allowanceOn: 'right' };
    },
  },
  {
    id: 'scallop',
    name: 'Scallops',
    sizes: [
      size('width', 'Width of each', 60, 15, 300),
      size('depth', 'Deep', 20, 5, 100),
      { key: 'count', label: 'How many', unit: 'count', usual: 4, least: 1, most: 40 },
    ],
    make: ({ width, depth, count }) => ({ points: scallops(width, depth, count), closed: false, allowanceOn: 'right' }),
  },
  {
    id: 'collar',
    name: 'Collar point',
    sizes: [
      size('edge', 'Long edge', 180, 30, 500),
      size('end', 'Short edge', 75, 20, 200),
      { key: 'angle', label: 'Angle of the point', unit: 'degrees', usual: 70, least: 25, most: 140 },
    ],
    make: ({ edge, end, angle }) => ({
      points: walkParts([straight(edge), turn(0, 180 - angle), straight(end)]),
      closed: false,
      allowanceOn: 'left',
    }),
  },
  {
    id: 'round',
    name: 'Round cushion',
    sizes: [size('across', 'Across', 360, 30, 1200)],
    make: ({ across }) => ({ points: walkParts([turn(across / 2, 360)]), closed: true, allowanceOn: 'left' }),
  },
  {
    id: 'box',
    name: 'Rectangle, corners rounded or sharp',
    sizes: [
      size('width', 'Wide', 400, 30, 2000),
      size('height', 'High', 300, 30, 2000),
      size('radius', 'Radius of the corners, 0 for sharp', 0, 0, 300),
    ],
    make: ({ width, height, radius }) => ({
      points: walkParts(rounded(width, height, radius)),
      closed: true,
      allowanceOn: 'left',
    }),
  },
];

/**
 * A shape in its usual sizes.
 *
 * @param id - of one of the shapes
 * @throws when there is none of that name
 */
export function usualShape(id: string): Outline {
  const shape = OUTLINE_SHAPES.find((one) => one.id === id);
  if (!shape) throw new Error(`usualShape: expected a known shape, got ${id}`);
  return shape.make(Object.fromEntries(shape.sizes.map(({ key, usual }) => [key, usual])));
}

/** Arcs that hang side by side, each as wide and deep as asked; where they meet the line turns sharply. */
function scallops(width: number, depth: number, count: number): Point[] {
  const half = width / 2;
  const deep = Math.min(depth, half);
  const radius = (half * half + deep * deep) / (2 * deep);
  const sweep = (2 * Math.asin(Math.min(1, half / radius)) * 180) / Math.PI;
  const parts = Array.from({ length: Math.round(count) }, () => [
    turn(0, sweep / 2),
    turn(radius, -sweep),
    turn(0, sweep / 2),
  ]);
  return walkParts(parts.flat());
}
