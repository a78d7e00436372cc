import { expect, it } from 'vitest';
import { countOf } from './count';

it('says one of a thing and several of it', () => {
  expect([0, 1, 2].map((count) => countOf(count, 'test'))).toEqual(['0 tests', '1 test', '2 tests']);
  expect(countOf(2, 'patch', 'patches')).toBe('2 patches');
});
