import type * as z from 'zod';
import {
  type Calibration,
  fallingPlace,
  lengthCountSchema,
  lengthCurve,
  widthCurve,
  widthMeasureSchema,
} from '../../kit';
import type { CheckUpProblem, Made, Told } from './answers';

/** Lengths and widths that were counted and measured, and what is wrong with them. */
export interface Counted {
  length: Calibration['length'];
  width: Calibration['width'];
  problems: CheckUpProblem[];
}

/**
 * The points of a machine's two dials, out of the lines sewn for them.
 *
 * @param told - all lines with what was said of each
 * @param made - new keys, the moment, and the marks
 */
export function countedOf(told: readonly Told[], { newId, at, marks }: Made): Counted {
  const length = told.flatMap(({ line, answer: { stitches } }) =>
    line.part === 'length' && stitches !== undefined
      ? [{ line: line.number, measure: { dialMm: line.lengthMm, stitches, overMm: marks.countedMm, at } }]
      : [],
  );
  const width = told.flatMap(({ line, answer: { widthMm } }) =>
    line.part === 'width' && widthMm !== undefined
      ? [{ line: line.number, measure: { dialMm: line.widthMm, trueMm: widthMm, at } }]
      : [],
  );
  const problems = [
    ...length.flatMap((one) => wrong(lengthCountSchema, one, 'stitches')),
    ...width.flatMap((one) => wrong(widthMeasureSchema, one, 'widthMm')),
  ];
  return {
    length: length.map(({ measure }) => ({ ...measure, id: newId() })),
    width: width.map(({ measure }) => ({ ...measure, id: newId() })),
    problems:
      problems.length > 0
        ? problems
        : [
            ...falling(length, fallingPlace(lengthCurve({ length: length.map(({ measure }) => measure) })), 'stitches'),
            ...falling(width, fallingPlace(widthCurve({ width: width.map(({ measure }) => measure) })), 'widthMm'),
          ],
  };
}

type Field = 'stitches' | 'widthMm';

/** A measure, and the line it was taken on. */
interface Taken {
  line: number;
  measure: { dialMm: number };
}

function wrong(schema: z.ZodType, { line, measure }: Taken, field: Field): CheckUpProblem[] {
  const found = schema.safeParse(measure).error?.issues[0].message;
  return found === undefined ? [] : [{ line, field, text: found }];
}

/** A dial that gives less where it stands higher: the higher line is to be looked at again. */
function falling(lines: readonly Taken[], pair: [number, number] | null, field: Field): CheckUpProblem[] {
  if (!pair) return [];
  const [lower, higher] = pair;
  const { line } = lines.find(({ measure }) => measure.dialMm === higher)!;
  return [{ line, field, text: `This would give less at ${higher} than at ${lower}: count both lines again.` }];
}
