import { describe, expect, it } from 'vitest';
import { countSlots, pitchOf } from './slots';

const evenly = (n: number) => Array.from({ length: n + 1 }, (_, i) => i * 10);
const all = (n: number, value = 1) => Array.from({ length: n }, () => value);

describe('what is sewn and what is missing', () => {
  it('ten stitches are ten', () => {
    expect(countSlots({ at: evenly(10), levels: all(10), marks: all(11) })).toMatchObject({ stitches: 10, skipped: 0 });
  });

  it('fabric for one pitch is one stitch missing', () => {
    const levels = all(10);
    levels[4] = 0.1;
    expect(countSlots({ at: evenly(10), levels, marks: all(11) })).toMatchObject({ stitches: 9, skipped: 1 });
  });

  it('fabric for two pitches is one penetration missing, for three two', () => {
    const levels = all(12);
    levels[4] = levels[5] = 0.1;
    expect(countSlots({ at: evenly(12), levels, marks: all(13) })).toMatchObject({ stitches: 11, skipped: 1 });
    levels[6] = 0;
    expect(countSlots({ at: evenly(12), levels, marks: all(13) })).toMatchObject({ stitches: 10, skipped: 2 });
  });

  it('thread that goes on over a penetration floats', () => {
    const marks = all(11);
    marks[5] = 0.1;
    expect(countSlots({ at: evenly(10), levels: all(10), marks })).toMatchObject({ stitches: 9, skipped: 1 });
  });

  it.each([
    [0.44, 1],
    [0.46, 0],
  ])('thread of %f of the usual: %i missing', (level, skipped) => {
    const levels = all(10);
    levels[4] = level;
    expect(countSlots({ at: evenly(10), levels, marks: all(11) }).skipped).toBe(skipped);
  });

  it.each([
    [0.32, 1],
    [0.34, 0],
  ])('a penetration seen to %f of the usual: %i missing', (mark, skipped) => {
    const marks = all(11);
    marks[5] = mark;
    expect(countSlots({ at: evenly(10), levels: all(10), marks }).skipped).toBe(skipped);
  });

  it('what lies before and after the seam does not count, and no thread is no stitch', () => {
    const levels = [0, 0, 1, 1, 1, 0];
    expect(countSlots({ at: evenly(6), levels, marks: all(7) })).toMatchObject({ stitches: 3, skipped: 0 });
    expect(countSlots({ at: evenly(6), levels: all(6, 0), marks: all(7) }).stitches).toBe(0);
  });

  it('a pitch is taken from end to end, over places put wrongly between', () => {
    const at = [0, 10, 20, 36, 40, 50, 60];
    const even: [number, number][] = [
      [1, 2],
      [4, 5],
      [5, 6],
    ];
    expect(pitchOf(at, even).pitch).toBeCloseTo(10, 6);
  });
});
