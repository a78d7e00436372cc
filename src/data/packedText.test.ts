import fc from 'fast-check';
import { deflateSync } from 'fflate';
import { describe, expect, it } from 'vitest';
import { askedByLink, codeLink, MOST_UNPACKED, packText, takeLink, unpackText } from './packedText';

const packed = (bytes: Uint8Array) => Buffer.from(deflateSync(bytes, { level: 9 })).toString('base64url');

describe('own: texts packed for a link', () => {
  it('come back as they were, through a link and a scanner', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'grapheme' }), (text) => {
        expect(unpackText(packText(text))).toBe(text);
        const asked = askedByLink(takeLink('https://sewing.example', text));
        expect(asked && 'take' in asked && unpackText(asked.take)).toBe(text);
      }),
    );
    for (const address of ['', 'https://sewing.example/bobbet'])
      expect(askedByLink(codeLink(address, 'K7Q4MD'))).toEqual({ code: 'K7Q4MD' });
    for (const other of ['', 'https://elsewhere.example', 'BOBBET', 'take=x', '#take=a b'])
      expect(askedByLink(other)).toBeNull();
  });

  it('a bomb is stopped at the limit; what is just under it is not', () => {
    expect(unpackText(packed(new Uint8Array(MOST_UNPACKED).fill(97)))).toHaveLength(MOST_UNPACKED);
    expect(unpackText(packed(new Uint8Array(MOST_UNPACKED + 1).fill(97)))).toBeNull();
    expect(unpackText(packed(new Uint8Array(30 * MOST_UNPACKED)))).toBeNull();
  });

  it('two thousand broken ones are refused or are texts, and none throws', () => {
    const whole = packText('Bobbet settings card K7Q4MD: Merino\nLength: 2.5 mm\n');
    let refused = 0;
    fc.assert(
      fc.property(
        fc.nat(whole.length - 1),
        fc.constantFrom('cut', 'swap', 'add', 'noise'),
        fc.string(),
        (at, how, noise) => {
          const broken = {
            cut: whole.slice(0, at),
            swap: `${whole.slice(0, at)}${whole[at] === 'A' ? 'B' : 'A'}${whole.slice(at + 1)}`,
            add: `${whole.slice(0, at)}!${whole.slice(at)}`,
            noise,
          }[how];
          const text = unpackText(broken);
          if (text === null) refused += 1;
          if (how === 'cut' || how === 'add') expect(text).toBeNull();
        },
      ),
      { numRuns: 2000 },
    );
    expect(refused).toBeGreaterThan(1000);
  });

  it('bytes that are no text are refused', () => {
    expect(unpackText(packed(new Uint8Array([0xff, 0xfe, 0x80])))).toBeNull();
  });
});
