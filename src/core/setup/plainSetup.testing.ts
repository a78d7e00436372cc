import { type Setup, setupSchema } from './setup';

/**
 * The setting tests begin with: a universal 80 needle, Tex 27 polyester, a straight stitch of 2.5 mm, all else normal.
 *
 * @param more - what is different in this test
 */
export const plainSetup = (more: Partial<Setup> = {}): Setup =>
  setupSchema.parse({
    needle: { point: 'universal', nm: 80 },
    thread: { fibre: 'polyester', tex: 27 },
    foot: 'standard',
    plate: 'standard',
    stitch: 'straight',
    lengthMm: 2.5,
    widthMm: 0,
    ...more,
  });
