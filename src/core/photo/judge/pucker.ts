import { boxMeans } from '../picture/blur';
import type { Strip } from '../seam/strip';

/** Undulations so long are puckers: shorter is texture, longer is light; mm. */
const PUCKER_MM = { shortest: 3, longest: 20 };
/** Spread of the light at which a seam is a 5, and at which it is a 1: our own scale, held against no real seam. */
const SMOOTH = 0.006;
const ROUGH = 0.09;

/**
 * How smooth the fabric beside a seam looks, 5 smoothest to 1: an estimate from how the light goes up and down.
 *
 * The light of the fabric beside the stitching, of lengths between 3 and 20 mm along it; its spread goes to a grade on a
 * logarithmic scale. Light from the side shows puckers, light from the front hides them: this is no measurement.
 *
 * @param strip - along the seam, with fabric beside it
 * @param bandMm - how wide the stitching is
 * @returns the grade; null where too little fabric lies beside the seam
 */
export function puckerGrade({ width, height, pxPerMm, layers }: Strip, bandMm: number): number | null {
  const half = (height - 1) / 2;
  const near = (bandMm / 2 + 0.9) * pxPerMm;
  if (half - near < pxPerMm || width < 2 * PUCKER_MM.longest * pxPerMm) return null;
  const spreads = [-1, 1].map((side) => {
    const light = new Float32Array(width);
    let rows = 0;
    for (let j = 0; j < height; j += 1) {
      if ((j - half) * side < near) continue;
      rows += 1;
      for (let i = 0; i < width; i += 1)
        light[i] += (layers[0][j * width + i] + layers[1][j * width + i] + layers[2][j * width + i]) / 3;
    }
    for (let i = 0; i < width; i += 1) light[i] /= rows;
    const fine = boxMeans(light, width, 1, Math.round((PUCKER_MM.shortest * pxPerMm) / 4), 0);
    const coarse = boxMeans(light, width, 1, Math.round((PUCKER_MM.longest * pxPerMm) / 2), 0);
    let square = 0;
    for (let i = 0; i < width; i += 1) square += (fine[i] - coarse[i]) ** 2;
    return Math.sqrt(square / width);
  });
  const spread = Math.max(...spreads);
  const share = Math.log(Math.max(spread, 1e-6) / SMOOTH) / Math.log(ROUGH / SMOOTH);
  return Math.max(1, Math.min(5, Math.round(5 - 4 * share)));
}
