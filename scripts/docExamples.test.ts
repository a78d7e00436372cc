import { readFileSync } from 'node:fs';
import path from 'node:path';
import { describe, expect, it } from 'vitest';

/** Every module of the core, with its source, so that the examples in docstrings are run. */
const modules = import.meta.glob<Record<string, unknown>>('../src/core/**/*.ts');

interface Example {
  code: string;
  wanted: string;
}

function examplesIn(source: string): Example[] {
  return [...source.matchAll(/^ \* (.+?) \/\/ => (.+)$/gm)].map(([, code, wanted]) => ({ code, wanted }));
}

/** Numbers agree to the decimals the example prints; everything else agrees exactly. */
function closeTo(got: unknown, wanted: unknown): unknown {
  if (typeof got === 'number' && typeof wanted === 'number') {
    return Math.abs(got - wanted) <= 0.006 * Math.max(1, Math.abs(wanted) / 100) ? wanted : got;
  }
  if (Array.isArray(got) && Array.isArray(wanted)) return got.map((item, i) => closeTo(item, wanted[i]));
  if (got && wanted && typeof got === 'object' && typeof wanted === 'object') {
    const other = wanted as Record<string, unknown>;
    return Object.fromEntries(Object.entries(got).map(([key, value]) => [key, closeTo(value, other[key])]));
  }
  return got;
}

function evaluate(expression: string, scope: Record<string, unknown>): unknown {
  return new Function(...Object.keys(scope), `return (${expression});`)(...Object.values(scope));
}

describe('the examples in the docstrings hold', () => {
  for (const [file, load] of Object.entries(modules)) {
    if (file.includes('.test.')) continue;
    const examples = examplesIn(readFileSync(path.join(import.meta.dirname, file), 'utf8'));
    for (const { code, wanted } of examples) {
      it(`${file.replace('../src/core/', '')}: ${code.slice(0, 80)}`, async () => {
        const scope = { ...(await load()) };
        const [result, where] = wanted.split(' where ');
        if (where) {
          const [name, value] = where.split(/ = (.*)/);
          scope[name] = evaluate(value, scope);
        }
        const expected = evaluate(result, scope);
        expect(closeTo(evaluate(code, scope), expected)).toEqual(expected);
      });
    }
  }
});
