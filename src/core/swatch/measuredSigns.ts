import { lineFacts } from '../card';
import { FEED_TOLERANCE, type SeamContext, SHIFT_OVER_MM } from '../physics';
import type { Finding, Line } from './swatch';

/** From twice what is accepted on a fault is bad. */
const BAD = 2;
/** A shift up to this, mm, cannot be told from how the layers were cut and laid, however short the line (common practice). */
const SURE_SHIFT_MM = 1;

/**
 * The signs that the measures of a line show, whether or not an eye picked them.
 *
 * Longer than cut is wavy, a top layer behind is uneven layers, popped before the give it needs is popped; each plain from
 * what is accepted on, bad from twice that.
 *
 * @param seam - cloth and operation
 * @param line - the line
 * @returns signs with severity 2 or 3; none where nothing was measured or all is within what is accepted
 */
export function measuredSigns(seam: SeamContext, line: Pick<Line, 'measures'>): Finding[] {
  const { growthPercent, give } = lineFacts(line.measures);
  const { shiftMm, markedMm } = line.measures;
  const graded = (sign: Finding['sign'], value: number, accepted: number): Finding[] =>
    value <= accepted + 1e-9 ? [] : [{ sign, severity: value >= accepted * BAD ? 3 : 2 }];
  const needed = seam.required.percent;
  return [
    ...graded('wavy', growthPercent ?? 0, FEED_TOLERANCE.growthPercent),
    ...graded('uneven-layers', Math.abs(shiftMm ?? 0), acceptedShift(markedMm)),
    ...(give?.popped && give.percent < needed - 1e-9
      ? [{ sign: 'popped' as const, severity: give.percent < needed / BAD ? 3 : 2 }]
      : []),
  ];
}

/** The shift in mm accepted over a line of this length, never less than what can be told. */
const acceptedShift = (markedMm: number) =>
  Math.max(SURE_SHIFT_MM, (FEED_TOLERANCE.shiftMm * markedMm) / SHIFT_OVER_MM);

/**
 * What was seen and what was measured of a line, together: of one sign the worse.
 *
 * @param seam - cloth and operation
 * @param line - the line
 * @returns one finding for each sign
 */
export function allSigns(seam: SeamContext, line: Pick<Line, 'measures' | 'findings'>): Finding[] {
  const worst = new Map<Finding['sign'], Finding>();
  for (const finding of [...line.findings, ...measuredSigns(seam, line)]) {
    const before = worst.get(finding.sign);
    if (!before || before.severity < finding.severity) worst.set(finding.sign, finding);
  }
  return [...worst.values()];
}
