import { boxMean } from '../picture/blur';
import { type Colours, planesOf } from '../picture/pixels';

/** The edges of a picture: how strong, and which way across, 0 where there is none. */
export interface Edges {
  width: number;
  height: number;
  /** Steepness of the light, kept on the crest of each edge. */
  strength: Float32Array;
  /** Direction across the edge, radians, 0 … π. */
  across: Float32Array;
  /** Steepness everywhere. */
  slope: Float32Array;
}

/** So dark a value that noise of the sensor rules, of 255. */
const DARK = 12;
/** Below this steepness there is no edge, change of the logarithm over two pixels. */
export const FAINTEST = 0.03;

/**
 * Edges of a picture, in whichever colour they are strongest.
 *
 * Logarithms of the light, so that an edge in the shade is as strong as one in the sun; a small blur against yarns and
 * noise; central differences; only the crest of each edge is kept (Canny 1986, non-maximum suppression).
 *
 * @param colours - the picture, reduced
 * @returns strength, direction and slope by pixel
 */
export function edgesOf(colours: Colours): Edges {
  const { width, height } = colours;
  const size = width * height;
  const [slope, right, down] = [new Float32Array(size), new Float32Array(size), new Float32Array(size)];
  for (const plane of planesOf(colours)) {
    const light = plane.map((value) => Math.log(value + DARK));
    const soft = boxMean(boxMean(light, width, height, 1), width, height, 1);
    for (let j = 1; j < height - 1; j += 1)
      for (let at = j * width + 1; at < (j + 1) * width - 1; at += 1) {
        const dx = soft[at + 1] - soft[at - 1];
        const dy = soft[at + width] - soft[at - width];
        const square = dx * dx + dy * dy;
        if (square <= slope[at]) continue;
        slope[at] = square;
        right[at] = dx;
        down[at] = dy;
      }
  }
  for (let at = 0; at < size; at += 1) slope[at] = Math.sqrt(slope[at]);
  return { width, height, slope, ...crests(slope, right, down, width, height) };
}

function crests(
  slope: Float32Array,
  right: Float32Array,
  down: Float32Array,
  width: number,
  height: number,
): Pick<Edges, 'strength' | 'across'> {
  const [strength, across] = [new Float32Array(slope.length), new Float32Array(slope.length)];
  for (let j = 1; j < height - 1; j += 1)
    for (let at = j * width + 1; at < (j + 1) * width - 1; at += 1) {
      const steep = slope[at];
      if (steep < FAINTEST) continue;
      const step = Math.round(right[at] / steep) + Math.round(down[at] / steep) * width;
      if (steep < slope[at + step] || steep <= slope[at - step]) continue;
      strength[at] = steep;
      const angle = Math.atan2(down[at], right[at]);
      across[at] = angle < 0 ? angle + Math.PI : angle;
    }
  return { strength, across };
}
