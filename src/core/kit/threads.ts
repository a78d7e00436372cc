import * as z from 'zod';
import { above0, idsOf, oneOf, type Origin, tableOf } from '../result';

/** What a thread fibre is. Density in g/cm³; extension is the usable stretch as a share of length (model). */
interface FibreRow {
  name: string;
  densityGCm3: number;
  extension: number;
  /** Breaking force of sewing thread for each Tex, cN/tex (memory). */
  tenacityCnPerTex: number;
  /** Tex numbers sold for home machines (memory). */
  texes: readonly number[];
}

const SPOOL: Origin = {
  provenance: 'model',
  source:
    'Density: fibre tables of handbooks; Tex numbers: spools on sale; strength: from memory; usable stretch: set by us.',
};

/** Every thread fibre by its id. */
export const FIBRE = tableOf<FibreRow>()({
  polyester: {
    ...SPOOL,
    name: 'Polyester',
    densityGCm3: 1.38,
    extension: 0.1,
    tenacityCnPerTex: 36,
    texes: [18, 24, 27, 40, 60, 80],
  },
  cotton: {
    ...SPOOL,
    name: 'Cotton',
    densityGCm3: 1.54,
    extension: 0.05,
    tenacityCnPerTex: 24,
    texes: [20, 25, 30, 40, 60],
  },
  silk: { ...SPOOL, name: 'Silk', densityGCm3: 1.33, extension: 0.08, tenacityCnPerTex: 36, texes: [16, 25] },
  'elastic-polyester': {
    ...SPOOL,
    name: 'Elastic polyester',
    densityGCm3: 1.38,
    extension: 0.25,
    tenacityCnPerTex: 24,
    texes: [24, 30],
  },
  nylon: { ...SPOOL, name: 'Nylon', densityGCm3: 1.14, extension: 0.15, tenacityCnPerTex: 48, texes: [24, 45] },
});
export type ThreadFibre = keyof typeof FIBRE;
export type FibreFacts = (typeof FIBRE)[ThreadFibre];
export const THREAD_FIBRES = idsOf(FIBRE);

/** A thread: fibre and Tex (g per 1000 m). */
export const threadSchema = z.strictObject({ fibre: oneOf(THREAD_FIBRES), tex: above0('a Tex number', 400) });
export type Thread = z.infer<typeof threadSchema>;

/** A thread that is owned; `cheap` where it is known to be fuzzy and uneven. */
export const ownedThreadSchema = threadSchema.extend({ cheap: z.literal(true).optional() });
export type OwnedThread = z.infer<typeof ownedThreadSchema>;

/**
 * A thread in words.
 *
 * @param thread - the thread
 * @returns for example `Polyester, Tex 27`
 * @example
 * threadName({ fibre: 'polyester', tex: 27 }) // => 'Polyester, Tex 27'
 */
export function threadName({ fibre, tex }: Thread): string {
  return `${FIBRE[fibre].name}, Tex ${Math.round(tex * 10) / 10}`;
}

/** Every thread that is commonly sold. */
export const ALL_THREADS: readonly Thread[] = Object.values(FIBRE).flatMap(({ id, texes }) =>
  texes.map((tex) => ({ fibre: id, tex })),
);

/**
 * Whether two threads are of one kind: fibre, and size as a spool can tell it.
 *
 * @param a - one
 * @param b - the other
 * @example
 * sameThread({ fibre: 'polyester', tex: 27 }, { fibre: 'polyester', tex: 27.3 }) // => true
 * sameThread({ fibre: 'polyester', tex: 27 }, { fibre: 'cotton', tex: 27 }) // => false
 */
export const sameThread = (a: Thread, b: Thread): boolean => a.fibre === b.fibre && Math.abs(a.tex - b.tex) < 0.5;
