import { CURVES } from './curves';
import { FABRIC } from './fabric';
import { SEAMS } from './seams';
import { ZIPS } from './zips';
import { STITCHES_WORKED } from './stitches';
import { OF_SYSTEM, THREAD } from './thread';
import type { Calculation } from './types';

export { asksOf, calculate, type Calculated, knownFrom, sewnWith, usualAnswers } from './calculate';
export { OF_SYSTEM };
export {
  type Answers,
  type Calculation,
  CALCULATION_GROUPS,
  type CalculationAsk,
  type Result,
  type SewnAs,
} from './types';

/** Every calculation, in the order of its group. */
export const CALCULATIONS: readonly Calculation[] = [
  ...FABRIC,
  ...THREAD,
  ...STITCHES_WORKED,
  ...CURVES,
  ...SEAMS,
  ...ZIPS,
];

/** The calculations an operation is worked out with. */
export const calculationsFor = (procedure: string): readonly Calculation[] =>
  CALCULATIONS.filter(({ sewn = [] }) => sewn.some((one) => one.procedure === procedure));
