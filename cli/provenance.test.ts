import { describe, expect, it } from 'vitest';
import { provenanceSchema } from '../src/core/result';
import { ASKED } from './asked.testing';
import { withProvenance } from './provenance';
import { runCommand } from './run';

/** Paths of all numbers in an answer. */
function numbersIn(value: unknown, path: string[] = []): string[] {
  if (typeof value === 'number') return [path.join('.')];
  if (typeof value !== 'object' || value === null) return [];
  return Object.entries(value).flatMap(([key, inner]) => numbersIn(inner, [...path, key]));
}

const isBelow = (path: string, entry: string) => path === entry || path.startsWith(`${entry}.`);

describe('where the numbers of an answer come from', () => {
  it.each(Object.entries(ASKED))(
    '%s: every number is told, and nothing is told that is not there',
    (name, question) => {
      const { out, error } = runCommand(name.split(' '), () => JSON.stringify(question));
      expect(error).toBe('');
      const answer = JSON.parse(out) as { provenance: Record<string, string> };
      const paths = numbersIn({ ...answer, provenance: undefined });
      const entries = Object.keys(answer.provenance);
      const untold = paths.filter((path) => !entries.some((entry) => isBelow(path, entry)));
      expect(untold).toEqual([]);
      for (const entry of entries) {
        const told = entry
          .split('.')
          .reduce<unknown>((inner, key) => (inner as Record<string, unknown>)?.[key], answer);
        expect(told, entry).toBeDefined();
        expect(provenanceSchema.safeParse(answer.provenance[entry]).success, entry).toBe(true);
      }
    },
  );

  it('measured give is told apart from what a model expects', () => {
    const give = { required: 20, estimate: [30, 50], measured: 41 };
    const told = { 'give.required': 'common-practice', 'give.estimate': 'model', 'give.measured': 'measured' } as const;
    expect(withProvenance(told, { give }).provenance).toEqual(told);
    expect(withProvenance(told, { give: { ...give, measured: undefined } }).provenance).not.toHaveProperty(
      'give.measured',
    );
  });

  it('a limit that stops a seam is told as well', () =>
    expect(withProvenance({}, { blocked: [{ code: 'x', limit: 5, actual: 7 }] }).provenance).toEqual({
      blocked: 'model',
    }));

  it('the schema of every answer has it', () => {
    for (const name of Object.keys(ASKED)) {
      const { out } = runCommand(['schema', ...name.split(' ')], () => '');
      expect(JSON.stringify(JSON.parse(out).output), name).toContain('"provenance"');
    }
  });
});
