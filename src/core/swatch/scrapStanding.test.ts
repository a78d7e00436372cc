import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { isHalfTested, LINE_STATES, scrapStanding } from '.';

type State = (typeof LINE_STATES)[number];
const lines = (...states: State[]) => states.map((status, i) => ({ number: i + 1, status }));

describe('how far a scrap is tested', () => {
  it.each<[State[], object, boolean]>([
    [[], { state: 'not started' }, true],
    [['planned', 'planned'], { state: 'not started' }, true],
    [['sewing', 'planned'], { state: 'begun', number: 1 }, true],
    [['failed', 'failed', 'sewing'], { state: 'begun', number: 3 }, true],
    [['failed'], { state: 'none passed', sewn: 1 }, true],
    [['failed', 'failed', 'planned'], { state: 'none passed', sewn: 2 }, true],
    [['abandoned', 'failed'], { state: 'none passed', sewn: 1 }, true],
    [['failed', 'passed'], { state: 'passed' }, false],
    [['passed', 'abandoned'], { state: 'passed' }, false],
    [['passed', 'sewing'], { state: 'begun', number: 2 }, true],
    [['failed', 'abandoned'], { state: 'skipped' }, false],
  ])('%j', (states, standing, half) => {
    expect(scrapStanding(lines(...states))).toEqual(standing);
    expect(scrapStanding(lines(...states).reverse())).toEqual(standing);
    expect(isHalfTested(lines(...states))).toBe(half);
  });

  it('with a line in hand it always waits; without one, a pass settles it', () => {
    fc.assert(
      fc.property(fc.array(fc.constantFrom(...LINE_STATES)), (states) => {
        if (states.includes('sewing')) expect(isHalfTested(lines(...states))).toBe(true);
        else if (states.includes('passed')) expect(isHalfTested(lines(...states))).toBe(false);
      }),
    );
  });
});
