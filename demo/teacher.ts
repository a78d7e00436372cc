import type { Family } from '../src/core/cloth';
import type { OperationKind } from '../src/core/setup';
import { FEED, KINDS, LINE, SHARPER } from './teacherKinds';
import type { Accepts, FamilyAccepts } from './teacherTypes';

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
    seam: /edges side by side/,
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
    seam: /^Join the tops first/,
    secure: ENDS,
    pressC: [0, 110],
    steam: DRY,
  },
  other: woven([70, 90], [2, 2.8]),
};

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
