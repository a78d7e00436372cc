import { describe, expect, it } from 'vitest';
import { colourParts, isSeen } from './colour';
import { outline } from './outline';

const said = (d: string) => outline(d, 100).map(String);

describe('an outline to cut out by', () => {
  it('counts from the bottom, in points', () => {
    expect(said('M0 0 h25.4 v25.4 h-25.4 Z')).toEqual(['0 100 m', '72 100 l', '72 28 l', '0 28 l', 'h']);
    expect(said('M0 0 L25.4 0 25.4 25.4')).toEqual(['0 100 m', '72 100 l', '72 28 l']);
  });

  it('keeps its curves: with two handles, with one, and rounded', () => {
    expect(said('M0 0 C0 25.4 25.4 25.4 25.4 0')).toEqual(['0 100 m', '0 28 72 28 72 100 c']);
    const curve = said('M0 0 Q12.7 25.4 25.4 0')[1].split(' ');
    const places = curve.slice(0, 6).map((n) => Number(Number(n).toFixed(6)));
    expect(places).toEqual([(2 / 3) * 36, 100 - 48, 48, 52, 72, 100].map((n) => Number(n.toFixed(6))));
    expect(curve[6]).toBe('c');
    expect(
      said('M0 0 A5 5 0 0 1 10 0')
        .slice(1)
        .every((one) => one.endsWith(' c')),
    ).toBe(true);
  });
});

it('sees black, and not what lets everything through', () => {
  expect(['rgb(0, 0, 0)', 'rgba(0, 0, 0, 0.5)', 'rgb(255, 255, 0)', 'color(srgb 0 0 0)'].filter(isSeen)).toHaveLength(
    4,
  );
  expect(['transparent', 'rgba(0, 0, 0, 0)', 'color(srgb 1 1 1 / 0)'].filter(isSeen)).toEqual([]);
});

describe('the parts of a colour', () => {
  it.each([
    ['rgb(255, 0, 51)', [1, 0, 0.2]],
    ['rgba(0, 0, 0, 0.5)', [0, 0, 0]],
    ['color(srgb 0.5 0.25 1)', [0.5, 0.25, 1]],
    ['rgb(300, -5, 0)', [1, 0, 0]],
    ['no colour', [0, 0, 0]],
  ])('%s', (text, parts) => expect(colourParts(text)).toEqual(parts));
});
