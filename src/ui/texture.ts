import type { Family, Structure } from '@/core/cloth';

/** A tile of drawn cloth: its size and the strokes on it. */
export interface Tile {
  width: number;
  height: number;
  /** Path data of dark strokes and of light ones. */
  dark: string;
  light: string;
  stroke: number;
}

const TILES = {
  loops: {
    width: 10,
    height: 10,
    stroke: 1.6,
    dark: 'M0 9 L5 3 L10 9',
    light: 'M0 5 L5 -1 L10 5 M0 15 L5 9 L10 15',
  },
  ribs: {
    width: 14,
    height: 10,
    stroke: 1.6,
    dark: 'M1 9 L4.5 4 L8 9 M11 0 V10',
    light: 'M1 4 L4.5 -1 L8 4',
  },
  plain: {
    width: 8,
    height: 8,
    stroke: 1.1,
    dark: 'M0 2 H4 M4 6 H8 M2 4 V8 M6 0 V4',
    light: 'M0 3 H4 M4 7 H8',
  },
  twill: {
    width: 8,
    height: 8,
    stroke: 1.6,
    dark: 'M-2 2 L2 -2 M-2 10 L10 -2 M6 10 L10 6',
    light: 'M-2 6 L6 -2 M2 10 L10 2',
  },
  satin: { width: 22, height: 9, stroke: 0.8, dark: 'M0 2 H15 M7 6.5 H22', light: 'M0 4.2 H10 M12 8.6 H22' },
  pile: {
    width: 7,
    height: 9,
    stroke: 1,
    dark: 'M1 8 L2.4 3 M4.5 6 L5.8 1',
    light: 'M2.8 9 L4 4.6 M6 8.6 L6.8 5',
  },
  foam: {
    width: 12,
    height: 12,
    stroke: 0.9,
    dark: 'M3 3 m-1.4 0 a1.4 1.4 0 1 0 2.8 0 a1.4 1.4 0 1 0 -2.8 0 M9 8.5 m-1.8 0 a1.8 1.8 0 1 0 3.6 0 a1.8 1.8 0 1 0 -3.6 0',
    light: 'M3.5 9 m-.9 0 a.9 .9 0 1 0 1.8 0 a.9 .9 0 1 0 -1.8 0',
  },
  hide: {
    width: 16,
    height: 14,
    stroke: 0.9,
    dark: 'M0 4 Q4 1 7 4 T13 3 M2 10 Q6 7 9 10 T16 9 M7 4 L9 10',
    light: 'M0 5 Q4 2 7 5 M2 11 Q6 8 9 11',
  },
  coated: { width: 20, height: 20, stroke: 0.9, dark: 'M-2 8 L8 -2', light: 'M-2 22 L22 -2 M4 24 L24 4' },
  quilted: {
    width: 28,
    height: 28,
    stroke: 1.2,
    dark: 'M0 14 L14 0 L28 14 L14 28 Z',
    light: 'M0 16 L14 2 L28 16',
  },
} satisfies Record<string, Tile>;

/** Families drawn unlike the rest of their structure. */
const BY_FAMILY: Partial<Record<Family, keyof typeof TILES>> = {
  denim: 'twill',
  canvas: 'plain',
  satin: 'satin',
  silk: 'satin',
  chiffon: 'plain',
  velvet: 'pile',
  corduroy: 'ribs',
  fleece: 'pile',
  'faux-fur': 'pile',
  terry: 'pile',
  rib: 'ribs',
  wool: 'twill',
};

const BY_STRUCTURE: Record<Structure, keyof typeof TILES> = {
  knit: 'loops',
  woven: 'plain',
  foam: 'foam',
  hide: 'hide',
  coated: 'coated',
  layered: 'quilted',
};

/** How a cloth is drawn. */
export function tileFor(structure: Structure, family: Family): Tile {
  return TILES[BY_FAMILY[family] ?? BY_STRUCTURE[structure]];
}
