import { describe, expect, it } from 'vitest';
import { countChecks } from './checks.mjs';

const report = (name: string, groups: string[], status = 'passed') => ({
  testResults: [{ name, assertionResults: groups.map((group) => ({ ancestorTitles: [group], status })) }],
});

describe('checks are counted by what they say of their values', () => {
  it('counts outside what a standard, a handbook, a library or mathematics says', () => {
    const groups = ['published: paper', 'published: paper', 'handbook: thread', 'practice: jersey', 'own: give'];
    expect(countChecks(report('a.check.test.ts', groups))).toMatchObject({
      counts: { published: 2, handbook: 1, library: 0, practice: 1, own: 1 },
      outside: 3,
      untold: [],
    });
  });

  it('names a group that does not say, and counts neither other tests nor what failed', () => {
    expect(countChecks(report('a.check.test.ts', ['jersey'])).untold).toEqual(['a.check.test.ts: jersey']);
    expect(countChecks(report('a.test.ts', ['published: paper'])).outside).toBe(0);
    expect(countChecks(report('a.check.test.ts', ['published: paper'], 'failed')).outside).toBe(0);
  });
});
