import type { Sign } from '../stitch';
import { type RemedyId, REMEDIES } from './remedies';
import type { DiagnoseInput } from './input';

/** A line as far as its outcome goes: what was changed for it, and how bad what it showed was. */
export interface TriedLine {
  change?: string;
  findings: readonly { sign: Sign; severity: number }[];
}

type SignResult = NonNullable<DiagnoseInput['history'][number]['signs']>[Sign];

/**
 * How every change that was tried went, sign by sign: each line against the one it went on from.
 *
 * @param lines - in the order they were sewn
 * @returns changes with better, same or worse by the sum of severities, and how each sign went; lines that changed nothing by name are left out
 * @example
 * outcomesOf([{ findings: [{ sign: 'wavy', severity: 2 }] }, { change: 'pressure-down', findings: [] }]) // => [{ change: 'pressure-down', result: 'better', signs: { wavy: 'gone' } }]
 */
export function outcomesOf(lines: readonly TriedLine[]): DiagnoseInput['history'] {
  const bad = (line: TriedLine) => line.findings.reduce((sum, f) => sum + f.severity, 0);
  return lines.flatMap((line, i) => {
    if (i === 0 || !isChange(line.change)) return [];
    const before = lines[lineToGoOnFrom(lines.slice(0, i))];
    const by = bad(line) - bad(before);
    const result = by < 0 ? 'better' : by > 0 ? 'worse' : 'same';
    return [{ change: line.change, result, signs: signsOf(before, line) } as const];
  });
}

/**
 * The line to go on from: the last one, or, where its change made it worse, the one before that change.
 *
 * @param lines - in the order they were sewn; at least one
 * @returns its place in the list
 * @example
 * lineToGoOnFrom([{ findings: [{ sign: 'wavy', severity: 2 }] }, { change: 'longer', findings: [{ sign: 'wavy', severity: 3 }] }]) // => 0
 */
export function lineToGoOnFrom(lines: readonly TriedLine[]): number {
  const bad = ({ findings }: TriedLine) => findings.reduce((sum, f) => sum + f.severity, 0);
  let at = 0;
  for (let i = 1; i < lines.length; i += 1) if (!isChange(lines[i].change) || bad(lines[i]) <= bad(lines[at])) at = i;
  return at;
}

function signsOf(before: TriedLine, after: TriedLine): Partial<Record<Sign, SignResult>> {
  const of = ({ findings }: TriedLine, sign: Sign) => findings.find((f) => f.sign === sign)?.severity ?? 0;
  const signs = new Set([...before.findings, ...after.findings].map(({ sign }) => sign));
  return Object.fromEntries(
    [...signs].flatMap((sign): [Sign, SignResult][] => {
      const [was, is] = [of(before, sign), of(after, sign)];
      if (was === 0 && is === 0) return [];
      return [[sign, was === 0 ? 'new' : is === 0 ? 'gone' : is < was ? 'better' : is > was ? 'worse' : 'same']];
    }),
  );
}

const isChange = (text: string | undefined): text is RemedyId => REMEDIES.includes(text as RemedyId);
