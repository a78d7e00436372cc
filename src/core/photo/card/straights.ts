import { quantileOf } from '../picture/quantile';
import { type Edges, FAINTEST } from './edges';

/** A straight line: every place with x · cos + y · sin = off, pixels. */
export interface Straight {
  angleRad: number;
  off: number;
}

/** Degrees between two directions that are voted for. */
const STEP_DEG = 1;
const ANGLES = 180 / STEP_DEG;
/** How far the slope of a pixel may point off the line it votes for, in steps. */
const SPREAD = 3;
const BIN_PX = 1.5;
/** An edge this steep votes even where most edges are steeper, change of the logarithm of the light. */
const WEAKEST = 0.12;

/**
 * The straight lines that the edges of a picture lie along, the strongest first.
 *
 * Hough transform in normal form (Duda and Hart 1972); a pixel votes only for the directions its own slope allows
 * (Ballard 1981), and a line found takes its neighbours out.
 *
 * @param edges - of the picture
 * @param most - how many lines at most
 * @returns lines, pixels
 */
export function straightLines({ width, height, strength, across }: Edges, most: number): Straight[] {
  const reach = Math.hypot(width, height);
  const bins = Math.ceil((2 * reach) / BIN_PX) + 2;
  const votes = new Float32Array(ANGLES * bins);
  const cos = Float64Array.from({ length: ANGLES }, (_, i) => Math.cos((i * STEP_DEG * Math.PI) / 180));
  const sin = Float64Array.from({ length: ANGLES }, (_, i) => Math.sin((i * STEP_DEG * Math.PI) / 180));
  const limit = weakest(strength);
  for (let j = 0; j < height; j += 1)
    for (let i = 0; i < width; i += 1) {
      const at = j * width + i;
      if (strength[at] < limit) continue;
      // The root: a faint long edge counts for more than a strong short one.
      const weight = Math.sqrt(Math.min(1, strength[at]));
      const middle = Math.round((across[at] * 180) / Math.PI / STEP_DEG);
      for (let k = middle - SPREAD; k <= middle + SPREAD; k += 1) {
        const angle = ((k % ANGLES) + ANGLES) % ANGLES;
        votes[angle * bins + Math.round((i * cos[angle] + j * sin[angle] + reach) / BIN_PX)] += weight;
      }
    }
  return peaks(votes, bins, reach, most);
}

/** Where edges begin: above what most of the picture has. */
function weakest(strength: Float32Array): number {
  const some: number[] = [];
  for (let i = 0; i < strength.length; i += 7) if (strength[i] > 0) some.push(strength[i]);
  if (some.length === 0) return Infinity;
  return Math.max(FAINTEST, Math.min(WEAKEST, quantileOf(some, 0.8)));
}

function peaks(votes: Float32Array, bins: number, reach: number, most: number): Straight[] {
  const found: Straight[] = [];
  for (let n = 0; n < most; n += 1) {
    let best = 0;
    for (let i = 1; i < votes.length; i += 1) if (votes[i] > votes[best]) best = i;
    if (votes[best] <= 0) break;
    const [angle, bin] = [Math.floor(best / bins), best % bins];
    found.push({ angleRad: (angle * STEP_DEG * Math.PI) / 180, off: bin * BIN_PX - reach });
    for (let a = angle - 4; a <= angle + 4; a += 1)
      for (let b = bin - 3; b <= bin + 3; b += 1) {
        // Past a half turn the same line has its other sign.
        const turned = a < 0 || a >= ANGLES;
        const at = turned ? Math.round((2 * reach) / BIN_PX) - b : b;
        if (at >= 0 && at < bins) votes[(((a % ANGLES) + ANGLES) % ANGLES) * bins + at] = 0;
      }
  }
  return found;
}
