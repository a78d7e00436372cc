import { describe, expect, it } from 'vitest';
import { procedure, SEWN_SO } from './procedure';
import { rowScene } from './rowScene';

const facts = {
  ...SEWN_SO,
  name: 'A seam',
  group: 'seam' as const,
  kind: 'join' as const,
  asks: [],
  work: () => ({ seam: 600, allowance: 15, slits: 0 }),
  views: { above: () => rowScene({ label: 'From above', edge: 'raw', side: 'wrong', rows: [] }) },
  ready: [],
  faults: [],
};

describe('an operation speaks only of numbers it works out', () => {
  it('which are found by their names', () => {
    const made = procedure('a-seam', {
      ...facts,
      steps: [
        {
          do: 'Sew {allowance} from the edge, {10 mm} at least, and {slits:n slit|slits}.',
          check: 'It is {= 15 mm} wide.',
          view: 'above',
          sews: 'seam',
          when: '!slits',
        },
      ],
    });
    expect([made.id, made.steps.length]).toEqual(['a-seam', 1]);
  });

  it('and a slip in one does not compile', () => {
    const step = { check: 'It holds.', view: 'above' } as const;
    // @ts-expect-error a length that is not there
    procedure('a', { ...facts, steps: [{ ...step, do: 'Sew {alowance} from the edge.' }] });
    // @ts-expect-error a count that is not there
    procedure('a', { ...facts, steps: [{ ...step, do: 'Snip {slit:n slit|slits}.' }] });
    // @ts-expect-error a seam that is not there
    procedure('a', { ...facts, steps: [{ ...step, do: 'Sew.', sews: 'seem' }] });
    // @ts-expect-error a condition that is not there
    procedure('a', { ...facts, steps: [{ ...step, do: 'Snip.', when: '!slit' }] });
    // @ts-expect-error a width that is not there
    procedure('a', { ...facts, steps: [{ ...step, do: 'Sew.', machine: { widthMm: 'swing' } }] });
    expect(step.view).toBe('above');
  });
});
