import { quantileOf } from '../picture/quantile';
import type { Pixels } from '../picture/pixels';

/** Every so many pixels are looked at, and how far an edge may reach, pixels. */
const STRIDE = 3;
const REACH = 14;

/**
 * How wide the sharpest edges of a picture are: what tells a picture out of focus.
 *
 * At the steepest places the light changes by so much over so many pixels; how much it changes altogether, divided by how
 * steep it is in the middle, is the width of the edge (edge width after Marziliano et al. 2002).
 *
 * @param pixels - the picture
 * @returns pixels: about 2 for a sharp picture, 2.5 times the spread of a blur; null where there is no edge at all
 */
export function edgeWidthPx({ width, height, data }: Pixels): number | null {
  const light = (x: number, y: number) => {
    const at = (y * width + x) * 4;
    return 0.3 * data[at] + 0.59 * data[at + 1] + 0.11 * data[at + 2];
  };
  const steep: { x: number; y: number; slope: number; down: boolean }[] = [];
  for (let y = REACH; y < height - REACH; y += STRIDE)
    for (let x = REACH; x < width - REACH; x += STRIDE) {
      const dx = light(x + 1, y) - light(x - 1, y);
      const dy = light(x, y + 1) - light(x, y - 1);
      const down = Math.abs(dy) > Math.abs(dx);
      const slope = (down ? dy : dx) / 2;
      if (Math.abs(slope) > 3) steep.push({ x, y, slope, down });
    }
  if (steep.length < 30) return null;
  steep.sort((a, b) => Math.abs(b.slope) - Math.abs(a.slope));
  const best = steep.slice(0, Math.max(30, Math.min(600, Math.floor(steep.length * 0.15))));
  const widths = best.map(({ x, y, slope, down }) => {
    const sign = Math.sign(slope);
    const at = (k: number) => (down ? light(x, y + k) : light(x + k, y)) * sign;
    let [a, b] = [0, 0];
    while (a > -REACH && at(a - 1) < at(a)) a -= 1;
    while (b < REACH && at(b + 1) > at(b)) b += 1;
    return (at(b) - at(a)) / Math.abs(slope);
  });
  return quantileOf(widths, 0.5);
}
