import { type RemedyId, REMEDIES } from './remedies';
import type { DiagnoseInput } from './input';

/** A line as far as its outcome goes: what was changed for it, and how bad what it showed was. */
export interface TriedLine {
  change?: string;
  findings: readonly { severity: number }[];
}

/**
 * How every change that was tried went: each line against the one before it.
 *
 * @param lines - in the order they were sewn
 * @returns changes with better, same or worse by the sum of severities; lines that changed nothing by name are left out
 * @example
 * outcomesOf([{ findings: [{ severity: 2 }] }, { change: 'pressure-down', findings: [] }]) // => [{ change: 'pressure-down', result: 'better' }]
 */
export function outcomesOf(lines: readonly TriedLine[]): DiagnoseInput['history'] {
  const bad = (line: TriedLine) => line.findings.reduce((sum, f) => sum + f.severity, 0);
  return lines.flatMap((line, i) => {
    const before = lines[i - 1];
    if (!before || !isChange(line.change)) return [];
    const by = bad(line) - bad(before);
    return [{ change: line.change, result: by < 0 ? 'better' : by > 0 ? 'worse' : 'same' } as const];
  });
}

const isChange = (text: string | undefined): text is RemedyId => REMEDIES.includes(text as RemedyId);
