import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { describe, expect, it } from 'vitest';
import { BLOCKED_CODES, type Blocked, blockedSchema } from './blocked';

const core = path.join(import.meta.dirname, '..');
const sources = readdirSync(core, { recursive: true, encoding: 'utf8' })
  .filter((file) => file.endsWith('.ts') && !/\.(test|check)\./.test(file) && !file.endsWith('blocked.ts'))
  .map((file) => readFileSync(path.join(core, file), 'utf8'))
  .join('\n');

describe('the names of what cannot be', () => {
  it('are each used by something that answers so', () => {
    const made = (code: string) =>
      sources.includes(`'${code}'`) || /^kit\.(needles|threads|feet|plates)-empty$/.test(code);
    expect(BLOCKED_CODES.filter((code) => !made(code))).toEqual([]);
  });

  it('are the only ones there are', () => {
    expect(blockedSchema.safeParse({ code: 'interlock.made-up', text: '' }).success).toBe(false);
    // @ts-expect-error no such name
    const made: Blocked = { code: 'interlock.made-up', text: '' };
    expect(made.text).toBe('');
  });
});
