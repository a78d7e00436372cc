import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { loftOf, stitchedThickness } from './loft';
import type { Structure } from './structures';
import type { Trait } from './words';

const body = (massGsm: number, mm: number, structure: Structure = 'woven', traits: readonly Trait[] = []) => ({
  structure,
  massGsm: { value: massGsm },
  thicknessMm: { value: mm },
  traits,
});

describe('loft', () => {
  it.each([
    [260, 0],
    [205, 0.5],
    [150, 1],
    [90, 1],
  ])('of %i kg/m³ is %f', (density, loft) => expect(loftOf(body(density, 1))).toBe(loft));

  it('is at least a half under a pile or an open weave, and none in what has no fibres to press', () => {
    expect(loftOf(body(400, 1, 'woven', ['napped']))).toBe(0.5);
    expect(loftOf(body(400, 1, 'knit', ['loose']))).toBe(0.5);
    expect(loftOf(body(120, 1, 'foam'))).toBe(0);
    expect(loftOf(body(100, 1, 'hide', ['napped']))).toBe(0);
    expect(loftOf(body(100, 1, 'coated'))).toBe(0);
  });

  it('has no cliff: a tenth of a millimetre never moves a coat by a twentieth', () => {
    fc.assert(
      fc.property(fc.double({ min: 1, max: 4, noNaN: true }), (mm) => {
        const [thin, thick] = [mm, mm + 0.1].map((t) => stitchedThickness(body(450, t), 2));
        expect(Math.abs(thick - thin)).toBeLessThan(0.25);
      }),
    );
  });

  it('makes a stitch press cloth down to two fifths at most, and a quilt to its own share', () => {
    expect(stitchedThickness(body(100, 1), 1)).toBeCloseTo(0.4);
    expect(stitchedThickness(body(400, 1), 1)).toBeCloseTo(0.9);
    expect(stitchedThickness(body(75, 1, 'layered'), 1)).toBeCloseTo(0.3);
  });
});
