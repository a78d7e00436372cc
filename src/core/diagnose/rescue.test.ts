import { describe, expect, it } from 'vitest';
import type { Cloth } from '../cloth';
import { SIGNS } from '../stitch';
import { lengthWords, withLengths } from '../units';
import { rescueOf, RESCUE_WAYS } from '.';

const poplin: Cloth = { structure: 'woven', family: 'poplin', traits: [] };
const jersey: Cloth = { structure: 'knit', family: 'jersey', traits: [] };
const vinyl: Cloth = { structure: 'coated', family: 'vinyl', traits: [], ceilingC: 60 };

describe('a seam that is wrong in the garment', () => {
  it.each(SIGNS)('%s can be answered on every kind of fabric, the least first', (sign) => {
    for (const cloth of [null, poplin, jersey, vinyl]) {
      const ways = rescueOf(sign, cloth).map(({ way }) => way);
      expect(ways.length).toBeGreaterThan(0);
      // Leaving and pressing, in either order, come before what takes the seam apart.
      const steps = ways.map((way) => Math.max(1, RESCUE_WAYS.indexOf(way)));
      expect(steps).toEqual([...steps].sort((a, b) => a - b));
    }
  });

  it('is never pressed where the fabric takes no heat', () => {
    expect(SIGNS.flatMap((sign) => rescueOf(sign, vinyl)).filter(({ way }) => way === 'press')).toEqual([]);
    expect(rescueOf('pucker-line', poplin)[0].way).toBe('press');
  });

  it('writes every length so that it follows the units', () => {
    const texts = SIGNS.flatMap((sign) => [poplin, jersey, vinyl].flatMap((cloth) => rescueOf(sign, cloth)));
    expect(texts.filter(({ text }) => /(?<![{\d.])\d+(\.\d+)? (mm|cm)/.test(text))).toEqual([]);
    const metric = texts.map(({ text }) => withLengths(text, lengthWords('metric')));
    const inch = texts.map(({ text }) => withLengths(text, lengthWords('inch')));
    expect([...metric, ...inch].filter((text) => /[{}]/.test(text))).toEqual([]);
    // Below a sixteenth of an inch a length stays in millimetres.
    expect(inch.filter((text) => /(?<!\b1) (mm|cm)\b/.test(text))).toEqual([]);
  });

  it('says that holes stay before it lets a seam be unpicked', () => {
    const unpicked = (cloth: Cloth) => rescueOf('wandering', cloth).find(({ way }) => way === 'unpick')!.text;
    expect(unpicked(vinyl)).toContain('Every hole stays');
    expect(unpicked(poplin)).toContain('every third stitch');
  });

  it('draws a thread back only in a knit', () => {
    const drawn = (cloth: Cloth) => rescueOf('wavy', cloth).some(({ text }) => text.includes('bobbin thread'));
    expect([drawn(jersey), drawn(poplin)]).toEqual([true, false]);
  });
});
