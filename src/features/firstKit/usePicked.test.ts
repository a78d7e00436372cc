import { describe, expect, it } from 'vitest';
import { pickedBefore } from './usePicked';

describe('what was picked before the page was left', () => {
  const nothing = { kind: null, name: '', feet: [], packs: [], spools: [] };

  it('is there again as it was', () => {
    const picked = { kind: 'basic', name: 'the old one', feet: ['walking'], packs: ['Universal 80/12'], spools: [] };
    expect(pickedBefore(JSON.stringify(picked))).toEqual(picked);
  });

  it.each([
    ['nothing was kept', undefined],
    ['it is not readable', '{"kind":'],
    ['a foot is not known any more', JSON.stringify({ ...nothing, feet: ['flying'] })],
    ['it is of another shape', JSON.stringify({ feet: [] })],
  ])('is nothing where %s', (_, text) => expect(pickedBefore(text)).toEqual(nothing));
});
