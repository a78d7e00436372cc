import { describe, expect, it } from 'vitest';
import { ringIn, withoutRings } from './ring';

const seam = (id: string, ...after: string[]) => ({
  id,
  name: id.toUpperCase(),
  after: after.map((seamId) => ({ seamId })),
});

describe('seams that wait for each other', () => {
  it('one that waits for itself is named by its place', () =>
    expect(ringIn([seam('a'), seam('b', 'a'), seam('c', 'a', 'c')])).toMatchObject({
      seam: 2,
      after: 1,
      message: 'waits for itself',
    }));

  it('a longer ring names the seams in it', () =>
    expect(ringIn([seam('a', 'c'), seam('b', 'a'), seam('c', 'b')])?.message).toBe(
      'waits for itself through “A” after “C” after “B” after “A”',
    ));

  it('what is only long, or leads together again, is no ring', () => {
    expect(ringIn([seam('a'), seam('b', 'a'), seam('c', 'a', 'b'), seam('d', 'b', 'c')])).toBeNull();
    expect(ringIn([])).toBeNull();
  });

  it('every ring is opened, and what is no part of one stays', () => {
    const open = withoutRings([seam('a', 'b'), seam('b', 'a', 'c'), seam('c', 'c'), seam('d', 'a')]);
    expect(ringIn(open)).toBeNull();
    expect(open[3].after).toEqual([{ seamId: 'a' }]);
    expect(open[1].after).toContainEqual({ seamId: 'c' });
  });
});
