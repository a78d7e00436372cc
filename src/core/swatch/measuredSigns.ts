import { atMost, isBelow } from '../numbers';
import { lineFacts } from '../card';
import type { SeamContext } from '../physics';
import { accepted } from './accepted';
import { signsToLookFor } from './signsToLookFor';
import type { Finding, Judged, TestLine } from './swatch';

/** The grade of a seam without a pucker. */
const SMOOTH = 5;
/** From twice what is accepted on a fault is bad. */
const BAD = 2;

/**
 * The signs that the measures of a line show, whether or not an eye picked them.
 *
 * Longer than cut is wavy, a top layer behind is uneven layers, a low grade is puckers, a high ridge is a tunnel, popped
 * before the give it has to prove is popped; each plain from what is accepted on, bad from twice that.
 *
 * @param seam - cloth and operation
 * @param line - the line
 * @returns signs with severity 2 or 3; none where nothing was measured or all is within what is accepted
 */
export function measuredSigns(seam: SeamContext, line: Pick<TestLine, 'measures'>): Finding[] {
  const { growthPercent, give } = lineFacts(line.measures);
  const { shiftMm, pucker, ridgeMm } = line.measures;
  const most = accepted(seam, line.measures);
  const graded = (sign: Finding['sign'], value: number, limit: number): Finding[] =>
    atMost(value, limit) ? [] : [{ sign, severity: value >= limit * BAD ? 3 : 2 }];
  const needed = most.givePercent;
  return [
    ...graded('wavy', growthPercent ?? 0, most.growthPercent),
    ...graded('uneven-layers', Math.abs(shiftMm ?? 0), most.shiftMm),
    ...graded('pucker-line', SMOOTH - (pucker ?? SMOOTH), SMOOTH - most.puckerGrade),
    ...graded('tunnel', ridgeMm ?? 0, most.ridgeMm),
    ...(give?.popped && isBelow(give.percent, needed)
      ? [{ sign: 'popped' as const, severity: give.percent < needed / BAD ? 3 : 2 }]
      : []),
  ];
}

/**
 * What was seen and what was measured of a line, together: of one sign the worse.
 *
 * @param seam - cloth and operation
 * @param line - the line
 * @returns one finding for each sign
 */
export function allSigns(seam: SeamContext, line: Judged<'measures'>): Finding[] {
  const worst = new Map<Finding['sign'], Finding>();
  for (const finding of [...line.findings, ...measuredSigns(seam, line)]) {
    const before = worst.get(finding.sign);
    if (!before || before.severity < finding.severity) worst.set(finding.sign, finding);
  }
  return [...worst.values()];
}

/**
 * Everything a line says for a diagnosis: what it shows, and what its owner looked for among the usual signs and did not see.
 *
 * @param seam - cloth and operation
 * @param line - the line
 * @returns findings with severity 0 for what is not there; those only when someone looked
 */
export function findingsOf(
  seam: SeamContext,
  line: Judged<'measures' | 'looked' | 'setup'>,
): { sign: Finding['sign']; severity: number }[] {
  const seen = allSigns(seam, line).map(({ sign, severity }) => ({ sign, severity }));
  if (!line.looked) return seen;
  const absent = signsToLookFor(seam, line.setup).usual.filter((sign) => !seen.some((f) => f.sign === sign));
  return [...seen, ...absent.map((sign) => ({ sign, severity: 0 }))];
}
