/** Pieces that sign drawings are put together from, as path data in a panel of 88 by 42 with its line at y 21. */

/** A sewn line: dashes of thread from x to x. */
export function stitches(from = 4, to = 84, y = 21, on = 8, gap = 4): string {
  const count = Math.floor((to - from + gap) / (on + gap));
  return Array.from({ length: count }, (_, i) => `M${from + i * (on + gap)} ${y} h${on}`).join(' ');
}

/** The same stroke again at every x. */
export const at = (xs: readonly number[], stroke: (x: number) => string): string => xs.map(stroke).join(' ');

/** A small round hole. */
export const ring = (x: number, y: number, r: number): string =>
  `M${x - r} ${y} a${r} ${r} 0 1 0 ${2 * r} 0 a${r} ${r} 0 1 0 ${-2 * r} 0`;

/** Small ripples, one after the other, along a level. */
export function wave(y: number, height: number, length: number, from = 2, to = 86): string {
  const count = Math.floor((to - from) / length);
  return `M${from} ${y} q${length / 4} ${-height} ${length / 2} 0 t${length / 2} 0 ${`t${length / 2} 0 t${length / 2} 0 `.repeat(count - 1)}`;
}
