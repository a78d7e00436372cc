import { clamp } from '../numbers';
import type { ClothProfile } from '../cloth';

/** A smooth bump of noise that is the same at the same place, 0 … 1. */
function noise(x: number, y: number): number {
  const at = (i: number, j: number) => {
    const mixed = Math.imul(i * 374761393 + j * 668265263, 1274126177);
    return ((mixed ^ (mixed >>> 13)) >>> 0) / 2 ** 32;
  };
  const [i, j] = [Math.floor(x), Math.floor(y)];
  const [u, v] = [x - i, y - j];
  const mix = (a: number, b: number, t: number) => a + (b - a) * t * t * (3 - 2 * t);
  return mix(mix(at(i, j), at(i + 1, j), u), mix(at(i, j + 1), at(i + 1, j + 1), u), v);
}

const wave = (phase: number) => Math.cos(2 * Math.PI * phase);

/** How light the ground is at a place in mm, about 1. */
export type Ground = (x: number, y: number) => number;

/** Yarns to the mm in a plain weave, fewer in a heavy one. */
const yarns = (massGsm: number) => clamp(3.4 - massGsm / 160, 1, 3);

/**
 * What a cloth looks like close by: loops, yarns, pile, cells or grain.
 *
 * @param cloth - the cloth
 * @param side - which side is looked at: a knit shows its loops in front and their backs behind
 * @returns lightness by place
 */
export function groundOf(cloth: ClothProfile, side: 'front' | 'back'): Ground {
  const grain: Ground = (x, y) => 0.94 + 0.12 * noise(x * 3.1, y * 3.1);
  if (cloth.traits.includes('napped')) return (x, y) => 0.86 + 0.28 * noise(x * 5, y * 1.6);
  switch (cloth.structure) {
    case 'knit':
      return side === 'front'
        ? (x, y) => 1 + 0.07 * wave(x / 1.1) + 0.06 * wave(y / 1.2 + Math.abs(((((x / 1.1) % 1) + 1) % 1) - 0.5))
        : (x, y) => 1 + 0.09 * wave(y / 0.9 + 0.18 * wave(x / 1.3));
    case 'woven': {
      const per = yarns(cloth.massGsm.value);
      const twill = cloth.family === 'denim' || cloth.family === 'wool';
      return twill
        ? (x, y) => 1 + 0.08 * wave(((x + y) * per) / 2) + 0.03 * noise(x * 4, y * 4)
        : (x, y) => 1 + 0.05 * wave(x * per) * wave(y * per) + 0.04 * noise(x * 2, y * 8);
    }
    case 'foam':
      return (x, y) => 0.97 + 0.07 * noise(x * 4, y * 4);
    case 'layered':
      return (x, y) => grain(x, y) + 0.04 * wave((x + y) / 18);
    default:
      return grain;
  }
}
