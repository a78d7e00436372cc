import { describe, expect, it } from 'vitest';
import { extremeNumber } from './extreme';

describe('a number no sewing comes to', () => {
  it('lies below a millionth or above a thousand million', () => {
    const found = (value: number) => extremeNumber({ cloth: { massGsm: value } })?.path ?? null;
    expect([2e-6, 9e-7, 9e8, 2e9].map(found)).toEqual([null, 'cloth.massGsm', null, 'cloth.massGsm']);
    expect(found(0)).toBeNull();
  });
  it('is the one furthest from one, where there are several', () => {
    expect(extremeNumber({ a: 1e10, b: [{ c: 1e-300 }] })?.path).toBe('b[0].c');
  });
});
