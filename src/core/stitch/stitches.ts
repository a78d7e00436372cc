import { idsOf, type Origin, tableOf } from '../result';

/** A needle penetration: x along the seam in stitch lengths, y across it in widths (−0.5 left … 0.5 right). */
export type Penetration = readonly [x: number, y: number];

/** A stitch kind as the needle draws it. Everything else about it is derived from this polyline. */
interface StitchRow {
  name: string;
  /** What it is for, in a few plain words. */
  plain: string;
  /** Penetrations of one repeat, in sewing order. */
  path: readonly Penetration[];
  /** How far one repeat moves the cloth, in stitch lengths. */
  advance: number;
}

const ISO_301: Origin = { provenance: 'standard', source: 'ISO 4915, stitch type 301.' };
const ISO_304: Origin = { provenance: 'standard', source: 'ISO 4915, stitch type 304.' };
const AS_SEWN: Origin = { provenance: 'memory', source: 'How home machines sew it.' };

/** The stitches a home machine may have, by their ids. */
// prettier-ignore
export const STITCH = tableOf<StitchRow>()({
  straight: { ...ISO_301, name: 'Straight', plain: 'one line, hardly stretches', path: [[0, 0]], advance: 1 },
  zigzag: { ...ISO_304, name: 'Zigzag', plain: 'stretches, opens a little', path: [[0, -0.5], [1, 0.5]], advance: 2 },
  'triple-straight': { ...AS_SEWN, name: 'Triple straight', plain: 'forward, back, forward: strong, bold', path: [[0, 0], [1, 0], [0, 0]], advance: 1 },
  lightning: { ...AS_SEWN, name: 'Slanted stretch', plain: 'narrow and slanted: looks like a line, stretches', path: [[0, -0.5], [1, 0.5]], advance: 0.5 },
  'three-step-zigzag': { ...AS_SEWN, name: 'Three-step zigzag', plain: 'three small steps each way: elastic', path: [[0, -0.5], [1, -1 / 6], [2, 1 / 6], [3, 0.5], [4, 1 / 6], [5, -1 / 6]], advance: 6 },
  'step-cross': { ...AS_SEWN, name: 'Step and cross', plain: 'three steps, then across: looks straight from outside', path: [[0, -0.5], [1, -0.5], [2, -0.5], [3, 0.5]], advance: 4 },
  'overlock-like': { ...AS_SEWN, name: 'Overlock-like', plain: 'back and forth over the edge', path: [[0, -0.5], [1, -0.5], [0, 0.5]], advance: 1 },
  bridging: { ...AS_SEWN, name: 'Bridging', plain: 'joins two edges laid side by side', path: [[0, -0.5], [0, 0.5], [1, 0.5], [1, -0.5]], advance: 2 },
  blind: { ...AS_SEWN, name: 'Blind hem', plain: 'straight steps and one small bite', path: [[0, -0.5], [1, -0.5], [2, -0.5], [3, -0.5], [4, 0.5]], advance: 5 },
  'stretch-blind': { ...AS_SEWN, name: 'Stretch blind hem', plain: 'small zigzags and one bite', path: [[0, -0.5], [1, -0.3], [2, -0.5], [3, -0.3], [4, 0.5]], advance: 5 },
  satin: { ...AS_SEWN, name: 'Satin', plain: 'zigzag so close that it fills', path: [[0, -0.5], [1, 0.5]], advance: 2 },
  buttonhole: { ...AS_SEWN, name: 'Buttonhole', plain: 'dense narrow columns and bars', path: [[0, -0.5], [1, 0.5]], advance: 2 },
});
export type StitchId = keyof typeof STITCH;
export type Stitch = (typeof STITCH)[StitchId];
export const STITCHES = idsOf(STITCH);
