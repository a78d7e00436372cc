import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { wholeQuantities } from './lengthText';

describe('A number and its unit on one line', () => {
  it('are held together, fractions of an inch too', () => {
    expect(wholeQuantities('Sew 2.8 mm from the edge, 100 cm along.')).toBe(
      'Sew 2.8\u00a0mm from the edge, 100\u00a0cm along.',
    );
    expect(wholeQuantities('Trim to 1/4 in, or 3⅜ in.')).toBe('Trim to 1/4\u00a0in, or 3⅜\u00a0in.');
    expect(wholeQuantities('Iron at 150 °C.')).toBe('Iron at 150\u00a0°C.');
  });

  it('are not taken for one where another word follows', () =>
    expect(wholeQuantities('Sew 2 more rows, 4 inside the curve.')).toBe('Sew 2 more rows, 4 inside the curve.'));

  it('say the same as before, in as many letters', () =>
    fc.assert(
      fc.property(fc.array(fc.constantFrom('2.8', '¼', ' ', 'mm', 'in', 'side', 'm', '.')), (parts) => {
        const text = parts.join('');
        expect(wholeQuantities(text).replaceAll('\u00a0', ' ')).toBe(text);
      }),
    ));
});
