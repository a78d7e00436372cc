import type * as z from 'zod';
import {
  type Calibration,
  type DialCurve,
  fallingPlace,
  lengthCountSchema,
  lengthCurve,
  type Machine,
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
 * @param machine - with what was measured on it before
 * @param made - new keys, the moment, and the marks
 */
export function countedOf(told: readonly Told[], { calibration }: Pick<Machine, 'calibration'>, made: Made): Counted {
  const { newId, at, marks } = made;
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
            ...falling(
              length,
              lengthCurve({ length: [...(calibration?.length ?? []), ...measuresOf(length)] }),
              'stitches',
            ),
            ...falling(width, widthCurve({ width: [...(calibration?.width ?? []), ...measuresOf(width)] }), 'widthMm'),
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

const measuresOf = <M>(taken: readonly { measure: M }[]): M[] => taken.map(({ measure }) => measure);

/** A dial that would give less where it stands higher, with what was measured before: the line that says so is to be looked at again. */
function falling(lines: readonly Taken[], curve: DialCurve, field: Field): CheckUpProblem[] {
  const pair = fallingPlace(curve);
  const at = lines.findLast(({ measure }) => pair?.includes(measure.dialMm));
  if (!pair || !at) return [];
  const [lower, higher] = pair;
  return [
    { line: at.line, field, text: `With this, the dial would give less at ${higher} than at ${lower}: count again.` },
  ];
}
