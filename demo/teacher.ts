import type { Family } from '../src/core/cloth';
import type { Foot, NeedlePoint, ThreadFibre } from '../src/core/kit';
import type { SewingPlan } from '../src/core/match';
import type { OperationKind } from '../src/core/setup';
import type { StitchId } from '../src/core/stitch';

/** What a teacher would accept of each part of an answer. Ranges are closed; lists mean any of them. */
export interface Accepts {
  point: readonly NeedlePoint[];
  nm: readonly [number, number];
  fibre: readonly ThreadFibre[];
  /** Of the needle thread, and of the one below. */
  tex: readonly [number, number];
  bobbinTex: readonly [number, number];
  foot: readonly Foot[];
  stitch: readonly StitchId[];
  lengthMm: readonly [number, number];
  widthMm: readonly [number, number];
  tensionSteps: readonly [number, number];
  pressure: readonly [number, number];
  /** How the seam is built. */
  seam: RegExp;
  secure: readonly SewingPlan['secure'][];
  /** The hottest sole plate, °C. */
  pressC: readonly [number, number];
  steam: readonly SewingPlan['press']['steam'][];
}

/** What holds for a cloth in every seam of it, and what only for a plain one. Common practice, from the start of the trade. */
interface FamilyAccepts {
  kind: 'knit' | 'woven' | 'skin' | 'foam' | 'layered';
  point: readonly NeedlePoint[];
  nm: readonly [number, number];
  tex: readonly [number, number];
  pressure: readonly [number, number];
  tension: readonly [number, number];
  length: readonly [number, number];
  seam: RegExp;
  secure: readonly SewingPlan['secure'][];
  pressC: readonly [number, number];
  steam: readonly SewingPlan['press']['steam'][];
  fibre?: readonly ThreadFibre[];
  /** The knot, the lock and the like hold for every line in it. */
  fine?: true;
}

const FINE_POINTS = ['universal', 'sharp'] as const;
const ENDS = ['back-stitch', 'lock', 'short-stitch'] as const;
const KNOT = ['knot'] as const;
const ANY_STEAM = ['yes', 'little', 'no'] as const;
const COOL = ['little', 'no'] as const;
const DRY = ['no'] as const;
const NO_IRON: readonly [number, number] = [0, 0];

const knit = (nm: readonly [number, number], more: Partial<FamilyAccepts> = {}): FamilyAccepts => ({
  kind: 'knit',
  point: ['ballpoint', 'stretch'],
  nm,
  tex: [18, 30],
  pressure: [0, 0.4],
  tension: [-1, 0.5],
  length: [1.5, 3],
  seam: /^Plain seam/,
  secure: ENDS,
  pressC: [110, 150],
  steam: COOL,
  ...more,
});
const woven = (
  nm: readonly [number, number],
  length: readonly [number, number],
  more: Partial<FamilyAccepts> = {},
): FamilyAccepts => ({
  kind: 'woven',
  point: FINE_POINTS,
  nm,
  tex: [18, 30],
  pressure: [0.5, 0.5],
  tension: [-1, 1],
  length,
  seam: /^Plain seam/,
  secure: ENDS,
  pressC: [110, 200],
  steam: ANY_STEAM,
  ...more,
});
const fine = (nm: readonly [number, number], more: Partial<FamilyAccepts> = {}): FamilyAccepts =>
  woven(nm, [1.5, 2], {
    tex: [14, 27],
    seam: /^French seam/,
    secure: KNOT,
    pressC: [110, 150],
    steam: DRY,
    fine: true,
    ...more,
  });
const skin = (
  nm: readonly [number, number],
  length: readonly [number, number],
  more: Partial<FamilyAccepts>,
): FamilyAccepts => ({
  kind: 'skin',
  point: ['leather'],
  nm,
  tex: [24, 60],
  pressure: [0.2, 0.5],
  tension: [-1, 2],
  length,
  seam: /^Plain seam, finger-pressed open/,
  secure: KNOT,
  pressC: NO_IRON,
  steam: DRY,
  fine: true,
  ...more,
});

/** Every family as a teacher starts it: from memory of what is taught, not from the rules of the program. */
export const TEACHER: Readonly<Record<Family, FamilyAccepts>> = {
  jersey: knit([70, 80]),
  'slinky-jersey': knit([65, 80], { pressure: [0, 0.25] }),
  rib: knit([75, 90], { pressure: [0, 0.25] }),
  'double-knit': knit([80, 90], { pressure: [0.2, 0.5] }),
  scuba: knit([75, 90], { pressure: [0.2, 0.5] }),
  fleece: knit([75, 90], { pressure: [0, 0.5], steam: DRY, pressC: [110, 110] }),
  'sweater-knit': knit([75, 90], { pressure: [0, 0.25] }),
  swim: knit([75, 90], {
    fibre: ['elastic-polyester'],
    point: ['stretch'],
    length: [1, 2.5],
    secure: ['short-stitch', 'lock'],
    steam: DRY,
    pressC: [110, 110],
  }),
  lace: knit([60, 75], { pressure: [0, 0.5] }),
  mesh: knit([60, 75], { secure: ['short-stitch', 'lock'] }),
  'faux-fur': knit([80, 100], {
    point: ['ballpoint', 'stretch', 'universal'],
    length: [2.5, 3.5],
    pressC: NO_IRON,
    steam: DRY,
  }),
  terry: woven([80, 100], [2.5, 3.5], { pressure: [0.2, 0.5], tex: [24, 40] }),
  lawn: woven([60, 75], [1.8, 2.5], { tex: [14, 27] }),
  poplin: woven([70, 80], [2.2, 3]),
  linen: woven([75, 90], [2, 3], { pressC: [200, 200] }),
  'viscose-woven': woven([65, 80], [1.8, 2.8], { pressC: [150, 150], steam: COOL }),
  wool: woven([80, 100], [2.2, 3.5], { tex: [24, 40], pressC: [110, 150], steam: ANY_STEAM }),
  denim: woven([90, 110], [2.5, 3.5], {
    point: ['jeans'],
    tex: [24, 60],
    seam: /^Plain seam, then flat-felled/,
    tension: [-0.5, 1.5],
    pressC: [110, 200],
  }),
  canvas: woven([80, 110], [2.5, 3.5], { point: ['jeans'], tex: [24, 60], tension: [-0.5, 1.5] }),
  corduroy: woven([75, 90], [2, 3], { pressure: [0, 0.3], steam: COOL, pressC: [110, 150] }),
  silk: fine([60, 70]),
  satin: fine([60, 75]),
  chiffon: fine([60, 65]),
  lining: fine([60, 70], { seam: /both allowances pressed to one side/ }),
  velvet: woven([70, 90], [2, 3], { pressure: [0, 0.3], steam: COOL, pressC: [110, 150], tex: [18, 40] }),
  'double-gauze': woven([70, 80], [2, 2.8], { point: ['universal'] }),
  ripstop: woven([60, 70], [2, 3], {
    point: ['sharp'],
    tex: [14, 27],
    secure: ['knot', 'short-stitch'],
    pressC: [110, 110],
    steam: DRY,
    fine: true,
  }),
  neoprene: {
    kind: 'foam',
    point: ['jeans'],
    nm: [90, 100],
    tex: [24, 60],
    pressure: [0.3, 0.5],
    tension: [0.5, 3],
    length: [3, 3.5],
    seam: /^Edges abutted/,
    secure: KNOT,
    pressC: [0, 110],
    steam: DRY,
    fine: true,
  },
  leather: skin([90, 110], [3, 4], {}),
  suede: skin([80, 110], [2.5, 4], {}),
  vinyl: skin([80, 110], [3, 4], { point: ['jeans', 'sharp'] }),
  waterproof: skin([70, 90], [2.5, 3.5], { point: ['sharp', 'jeans'], tex: [18, 40] }),
  sequins: {
    kind: 'layered',
    point: ['sharp', 'universal'],
    nm: [75, 90],
    tex: [18, 30],
    pressure: [0, 0.5],
    tension: [-1, 0.5],
    length: [2.5, 3.5],
    seam: /finger-pressed/,
    secure: ENDS,
    pressC: NO_IRON,
    steam: DRY,
  },
  'hand-woven': woven([80, 100], [2.2, 2.8], { point: ['universal'], tex: [18, 40] }),
  'quilt-sandwich': {
    kind: 'layered',
    point: ['quilting', 'sharp'],
    nm: [75, 90],
    tex: [20, 40],
    pressure: [0.2, 0.5],
    tension: [-1, 1],
    length: [2.5, 3.5],
    seam: /^Tops joined first/,
    secure: ENDS,
    pressC: [0, 110],
    steam: DRY,
  },
  other: woven([70, 90], [2, 2.8]),
};

const FEED: readonly Foot[] = ['standard', 'walking', 'dual-feed', 'glide', 'knit', 'straight', 'roller'];
const LINE: readonly [number, number] = [0, 0];

/** What the operation changes of that, by the kind of cloth. */
type Change = (of: FamilyAccepts) => Partial<Accepts>;
const line = (more: Partial<Accepts>): Partial<Accepts> => ({ stitch: ['straight'], widthMm: LINE, ...more });
const zip =
  (seam: RegExp): Change =>
  () =>
    line({ foot: ['zip'], lengthMm: [1.8, 3.5], seam });
const shown: readonly SewingPlan['secure'][] = ['tails-to-back'];

const KINDS: Readonly<Partial<Record<OperationKind, Change>>> = {
  join: ({ kind }) =>
    kind === 'knit'
      ? { stitch: ['zigzag', 'three-step-zigzag', 'triple-straight', 'lightning', 'overlock-like'], widthMm: [0, 6] }
      : kind === 'foam'
        ? { stitch: ['zigzag', 'bridging'], widthMm: [3, 6] }
        : line({}),
  hem: ({ kind, tex }) =>
    kind === 'knit'
      ? {
          point: ['twin-stretch', 'twin', 'ballpoint', 'stretch'],
          stitch: ['straight', 'zigzag', 'triple-straight', 'three-step-zigzag'],
          lengthMm: [2, 3.5],
          widthMm: [0, 4],
          seam: /fold|edge/i,
        }
      : kind === 'woven'
        ? {
            stitch: ['straight', 'blind', 'zigzag'],
            lengthMm: [1.5, 4],
            widthMm: [0, 4],
            foot: [...FEED, 'blind-hem'],
            seam: /^Fold twice|^Turned once|edge/,
            tex,
          }
        : line({ lengthMm: [2.5, 4], seam: /fold|edge/i }),
  topstitch: ({ kind, tex, fine: tender }) => ({
    ...(kind === 'knit'
      ? {
          point: ['twin-stretch', 'twin', 'ballpoint', 'stretch'] as const,
          stitch: ['straight', 'zigzag'] as const,
          widthMm: [0, 3] as const,
          lengthMm: [1, 4] as const,
        }
      : line({
          lengthMm: tender ? [1.8, 4] : [1.8, 4],
          point: ['sharp', 'universal', 'topstitch', 'jeans', 'leather', 'quilting'],
        })),
    seam: /one distance/,
    secure: shown,
    tex: [tex[0], 80],
    bobbinTex: [14, 60],
  }),
  'rolled-hem': () => ({
    foot: ['rolled-hem'],
    stitch: ['straight', 'zigzag'],
    lengthMm: [1.5, 2.5],
    widthMm: [0, 3],
    seam: /rolled/,
  }),
  'blind-hem': ({ kind }) => ({
    foot: ['blind-hem'],
    stitch: kind === 'knit' ? ['stretch-blind', 'blind'] : ['blind'],
    lengthMm: [1.5, 3],
    widthMm: [2, 4],
    seam: /bite catches/,
  }),
  'edge-finish': ({ kind }) =>
    kind === 'skin' || kind === 'foam'
      ? line({ seam: /None needed/, lengthMm: [2.5, 4] })
      : {
          stitch: ['zigzag', 'three-step-zigzag', 'overlock-like'],
          lengthMm: [0.8, 3],
          widthMm: [2, 7],
          seam: /raw edge|overlocker/i,
        },
  band: ({ kind }) => ({
    seam: /only the band stretched/,
    ...(kind === 'knit'
      ? { stitch: ['zigzag', 'lightning', 'three-step-zigzag', 'triple-straight'] as const, widthMm: [0, 6] as const }
      : line({})),
  }),
  elastic: () => ({
    stitch: ['three-step-zigzag', 'zigzag'],
    lengthMm: [1, 3.5],
    widthMm: [3, 7],
    seam: /Elastic in quarters/,
  }),
  casing: ({ kind }) => ({
    stitch: kind === 'knit' ? ['zigzag', 'straight', 'three-step-zigzag'] : ['straight'],
    lengthMm: [1.8, 4],
    widthMm: [0, 4],
    seam: /gap left/,
  }),
  binding: ({ kind }) => ({
    foot: ['binding', 'standard', 'walking'],
    stitch: kind === 'knit' ? ['zigzag', 'three-step-zigzag'] : ['straight'],
    lengthMm: [2, 3.5],
    widthMm: [0, 5],
    seam: /the back is caught/,
  }),
  'zip-centred': zip(/zip face down/),
  'zip-concealed': () => line({ foot: ['concealed-zip', 'zip'], lengthMm: [1.8, 3], seam: /12 mm above the pull/ }),
  'zip-exposed': zip(/window/),
  'zip-lapped': zip(/lapped/),
  piping: zip(/Cord in bias/),
  ditch: () => line({ foot: ['ditch', 'standard', 'walking'], lengthMm: [2.2, 3], seam: /low side/ }),
  'quilt-lines': () => line({ foot: ['walking', 'dual-feed'], lengthMm: [2.5, 3.5], seam: /every line the same way/ }),
  baste: ({ tex }) => line({ lengthMm: [4, 6], tensionSteps: [-2, 0], secure: ['none'], seam: /pulled out/, tex }),
  stay: () => line({ lengthMm: [1.5, 2.5], seam: /inside the seam line/ }),
  understitch: ({ kind }) =>
    kind === 'knit' ? { seam: /through both/ } : line({ lengthMm: [2, 3], seam: /through both/ }),
  gather: () => line({ lengthMm: [4, 5], tensionSteps: [-2.5, -1], secure: ['none'], seam: /Two rows/ }),
  dart: () => line({ lengthMm: [1.8, 2.8], secure: KNOT, seam: /wide end to the point/ }),
  reinforce: () => line({ lengthMm: [0.5, 1.6], seam: /Very short/ }),
  'bar-tack': ({ kind }) =>
    kind === 'skin' || kind === 'foam'
      ? line({ foot: ['grooved', 'standard'], lengthMm: [2.5, 4], secure: shown, seam: /bar/ })
      : {
          foot: ['grooved', 'standard'],
          stitch: ['satin', 'zigzag'],
          lengthMm: [0.3, 0.6],
          widthMm: [1.5, 4],
          tensionSteps: [-2, 0.5],
          secure: shown,
          seam: /bar/,
        },
  buttonhole: ({ kind }) =>
    kind === 'skin' || kind === 'foam'
      ? line({
          foot: ['buttonhole', 'standard', 'grooved'],
          lengthMm: [2.5, 4],
          tensionSteps: [-2, 2],
          secure: shown,
          seam: /cut slit/,
        })
      : {
          foot: ['buttonhole'],
          stitch: ['buttonhole'],
          lengthMm: [0.3, 0.6],
          widthMm: [4, 6],
          tensionSteps: [-2, 0],
          secure: shown,
          seam: /stabiliser/,
        },
  'strip-join': () =>
    line({ foot: ['quarter-inch', 'walking', 'standard', 'straight'], lengthMm: [1.5, 2.2], seam: /narrow allowance/ }),
};

/** An operation that has to be looked for beside a seam takes a sharper point, and a bar or a hole a finer thread. */
const SHARPER: readonly OperationKind[] = ['strip-join', 'buttonhole', 'quilt-lines'];

/**
 * What a teacher would accept of a seam, part by part.
 *
 * @param family - the cloth
 * @param kind - what is sewn
 * @returns something for every part of the answer
 */
export function teacherAccepts(family: Family, kind: OperationKind): Accepts {
  const of = TEACHER[family];
  const base: Accepts = {
    point: SHARPER.includes(kind) ? [...of.point, 'sharp', 'quilting'] : of.point,
    nm: of.nm,
    fibre: of.fibre ?? [
      'polyester',
      ...(of.kind === 'woven' || of.kind === 'layered' ? (['cotton', 'silk'] as const) : []),
    ],
    tex: of.tex,
    bobbinTex: of.tex,
    foot: FEED,
    stitch: ['straight'],
    lengthMm: of.length,
    widthMm: LINE,
    tensionSteps: of.tension,
    pressure: of.pressure,
    seam: of.seam,
    secure: of.secure,
    pressC: of.pressC,
    steam: of.steam,
  };
  return { ...base, ...KINDS[kind]?.(of) };
}

/** The wrong answer that a row would refute, by its cloth. */
const WRONG_BY_FAMILY: Readonly<Record<Family, string>> = {
  jersey: 'A straight seam, which pops, or a sharp point, which cuts the loops',
  'slinky-jersey': 'Normal pressure, under which it comes out long',
  rib: 'A narrow zigzag at normal pressure',
  'double-knit': 'The lightest pressure and a wide zigzag, as on jersey',
  scuba: 'Needle and stitch for foam',
  fleece: 'A hot iron, and pieces cut both ways',
  'sweater-knit': 'A fine needle by its open look, at normal pressure',
  swim: 'Plain polyester and a ballpoint, which skip and pop',
  lace: 'A needle by its weight alone, without tissue',
  mesh: 'A knot of back-stitches that is felt',
  'faux-fur': 'Pile left in the allowances, and an iron',
  terry: 'Short stitches that drown in the loops',
  lawn: 'A needle 80 and thick thread',
  poplin: 'A short stitch that crowds its yarns',
  linen: 'A cool iron, for want of a fibre',
  'viscose-woven': 'The standard foot, under which it creeps',
  wool: 'A dry hot iron without a cloth',
  denim: 'A universal needle, and cotton thread because its number is nearer',
  canvas: 'A universal 80',
  corduroy: 'Normal pressure, and a needle by grams of pile',
  silk: 'Back-stitching, and a plain seam that frays',
  satin: 'Pins across the seam, whose holes stay',
  chiffon: 'A needle 75 and 2.5 mm',
  lining: 'A French seam inside a coat, or the walking foot',
  velvet: 'Normal pressure under a plain foot: the piles walk',
  'double-gauze': 'A sharp point that splits its yarns',
  ripstop: 'Short stitches and pins, whose holes leak',
  neoprene: 'A plain seam with allowances, pinned',
  leather: 'A ballpoint, short stitches, and an iron',
  suede: 'Pieces cut both ways, and stitches of 2 mm',
  vinyl: 'A cutting point, which leaves slits',
  waterproof: 'A thick needle: every hole leaks',
  sequins: 'An iron, and pins that bend',
  'hand-woven': 'A sharp point, and narrow allowances',
  'quilt-sandwich': 'A seam pressed open through two waddings',
  other: 'An iron at 200 °C on a fibre that nobody knows',
};

/** The same by what is sewn, where that counts for more than the cloth. */
const WRONG_BY_KIND: Readonly<Partial<Record<OperationKind, string>>> = {
  hem: 'One single line on a knit, or two folds where one is a ridge',
  topstitch: 'Back-stitches that show, and thick thread below as well',
  'zip-centred': 'A standard foot beside the coil',
  'zip-concealed': 'Any foot that cannot get into the groove',
  'zip-exposed': 'A seam where a window is meant',
  baste: 'Ends that are knotted and have to be cut',
  gather: 'Normal tension and secured ends: nothing can be drawn up',
  buttonhole: 'Dense columns where holes stay, and full tension',
  'bar-tack': 'A line instead of a dense bar, or a dense bar in leather',
  dart: 'Back-stitches at the point',
  'quilt-lines': 'A standard foot, which pushes the top ahead',
  'strip-join': 'A stitch of 2.5 mm that opens where strips are cut across',
  elastic: 'A straight stitch, or a refusal because the fabric does not stretch',
};

/**
 * The wrong answer that a case would refute.
 *
 * @param family - the cloth
 * @param kind - what is sewn
 */
export const wrongAnswer = (family: Family, kind: OperationKind): string =>
  WRONG_BY_KIND[kind] ?? WRONG_BY_FAMILY[family];
