import fc from 'fast-check';
import { expect, it } from 'vitest';
import { firstColour } from './colour';
import { FAMILIES } from './families';

const blueOver = (hex: string) => parseInt(hex.slice(5, 7), 16) - parseInt(hex.slice(1, 3), 16);

it('denim is blue until somebody says otherwise', () => {
  expect(blueOver(firstColour('12 oz denim', 'denim'))).toBeGreaterThan(30);
  expect(firstColour('Black denim', 'denim')).toBe(firstColour('black jersey', 'jersey'));
  expect(firstColour('Ecru denim', 'denim')).not.toBe(firstColour('denim', 'denim'));
});

it('takes no letters of another word for a colour', () => {
  expect(firstColour('tandem denim', 'denim')).toBe(firstColour('denim', 'denim'));
  expect(firstColour('constructor', 'poplin')).toBe(firstColour('poplin', 'poplin'));
});

it('is a colour for any name of any family', () =>
  fc.assert(
    fc.property(fc.string(), fc.constantFrom(...FAMILIES), (name, family) => {
      expect(firstColour(name, family)).toMatch(/^#[0-9a-f]{6}$/);
    }),
  ));
