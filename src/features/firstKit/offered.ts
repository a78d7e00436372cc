import { ASKED_FEET, type FirstSpool } from '@/core/workroom';
import { FIBRE, FOOT, type Needle, needleName } from '@/core/kit';

/** Needle packs that nearly every sewing room has, the commonest first: common practice. */
const PACKS: readonly Needle[] = [
  { point: 'universal', nm: 80 },
  { point: 'universal', nm: 90 },
  { point: 'ballpoint', nm: 80 },
  { point: 'stretch', nm: 75 },
  { point: 'jeans', nm: 100 },
  { point: 'universal', nm: 70 },
  { point: 'sharp', nm: 70 },
  { point: 'topstitch', nm: 90 },
  { point: 'leather', nm: 90 },
  { point: 'twin', nm: 80, gapMm: 2.5 },
];
/** Spools that nearly every sewing room has, with what is printed on them: common practice. */
const SPOOLS: readonly FirstSpool[] = [
  { thread: { fibre: 'polyester', tex: 27 }, printed: 'No. 120', colour: '#8a929b' },
  { thread: { fibre: 'polyester', tex: 40 }, printed: 'No. 75', colour: '#8a929b' },
  { thread: { fibre: 'polyester', tex: 100 }, printed: 'No. 30', colour: '#c98b2b' },
  { thread: { fibre: 'cotton', tex: 35 }, printed: 'No. 50', colour: '#e8e2d4' },
];

export const PACK_OPTIONS = PACKS.map((needle) => ({ id: needleName(needle), name: needleName(needle), needle }));
export const SPOOL_OPTIONS = SPOOLS.map((spool) => ({
  id: `${spool.thread.fibre} ${spool.printed}`,
  name: `${FIBRE[spool.thread.fibre].name} ${spool.printed}`,
  plain: `Tex ${spool.thread.tex}`,
  spool,
}));
export const FEET_OPTIONS = ASKED_FEET.map((id) => ({ id, name: FOOT[id].name, plain: FOOT[id].plain }));
