import { tableOf } from '../../result';
import { HEM_ROWS } from './hemRows';
import { MAKING_ROWS } from './makingRows';
import { SEAM_ROWS } from './seamRows';
import { SHAPING_ROWS } from './shapingRows';
import type { SuitabilityFacts } from './types';
import { ZIP_ROWS } from './zipRows';

/** Everything that speaks against an operation on a fabric. A "not this" outweighs a "with care"; of two alike the first is said. */
export const SUITABILITY = tableOf<SuitabilityFacts>()({
  ...SEAM_ROWS,
  ...ZIP_ROWS,
  ...HEM_ROWS,
  ...SHAPING_ROWS,
  ...MAKING_ROWS,
});
