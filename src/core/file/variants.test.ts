import { readFileSync } from 'node:fs';
import path from 'node:path';
import { describe, expect, it } from 'vitest';
import { seeded } from '../random';
import { readWorkroom } from '.';
import { tried, variants } from './variants.testing';

const demo = readFileSync(path.join(import.meta.dirname, '../../../demo/tansy-wren.json'), 'utf8');

describe('a file broken in any way', () => {
  it('is never half read, never throws, and is told what is wrong', () => {
    const outcomes = new Set<string>();
    for (const variant of variants(demo, 340, seeded(7))) {
      const { outcome, wrong } = tried(variant);
      expect(wrong, `${variant.how}: ${wrong}`).toBeNull();
      outcomes.add(outcome);
      // What the strict reading takes is just what has nothing set aside.
      expect(readWorkroom(variant.text).ok, variant.how).toBe(outcome === 'whole');
    }
    expect([...outcomes].sort()).toEqual(['refused', 'set aside', 'whole']);
  });
});
