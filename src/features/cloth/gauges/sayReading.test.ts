import { describe, expect, it } from 'vitest';
import type { ClothReading } from '@/core/cloth';
import { printingIn } from '@/core/units';
import { sayReading } from './sayReading';

const [metric, inch] = [printingIn('metric'), printingIn('inch')];
const at = '2026-01-01T00:00:00Z';

describe('a reading says what was read and what it means', () => {
  it.each<[ClothReading, string, string]>([
    [
      { gauge: 'stretch', direction: 'across', marks: { rest: 100, stretched: 150, relaxed: 104 }, at },
      'across: 10 cm → 15 cm → 10.4 cm',
      '50%, back 92%',
    ],
    [
      { gauge: 'stretch', direction: 'along', marks: { rest: 100, stretched: 125 }, at },
      'along: 10 cm → 12.5 cm',
      '25%',
    ],
    [{ gauge: 'weight', piece: { widthMm: 100, lengthMm: 100 }, grams: 1.6, at }, '10 cm × 10 cm, 1.6 g', '160 g/m²'],
    [{ gauge: 'thickness', layers: 8, stackMm: 4.8, at }, '8 layers, 4.8 mm', '0.6 mm'],
    [{ gauge: 'thickness', layers: 1, stackMm: 0.6, at }, '1 layer, 0.6 mm', '0.6 mm'],
    [
      { gauge: 'shrink', wash: 2, beforeMm: 500, acrossMm: 495, alongMm: 480, at },
      'wash 2: 50 cm → 49.5 cm across, 48 cm along',
      '4% along',
    ],
    [{ gauge: 'stiffness', direction: 'along', overhangMm: 62, at }, 'strip cut along', '6.2 cm over the edge'],
    [{ gauge: 'fray', looseMm: 3, at }, 'ten rubs', '3 mm loose'],
    [{ gauge: 'pin-hole', stays: true, at }, 'a pin, in and out', 'the hole stays'],
    [{ gauge: 'bleed', rinse: 1, shows: 'nothing', at }, 'rinse 1', 'clear'],
    [{ gauge: 'heat', soleC: 150, seen: 'water-mark', at }, '150 °C', 'water mark'],
  ])('%j', (reading, what, means) => expect(sayReading(reading, metric)).toEqual([what, means]));

  it('in inches where the person counts in inches', () => {
    const reading: ClothReading = {
      gauge: 'stretch',
      direction: 'across',
      marks: { rest: 101.6, stretched: 152.4 },
      at,
    };
    expect(sayReading(reading, inch)[0]).toBe('across: 4 in → 6 in');
  });

  it('a traced scrap says how many corners it had', () => {
    const outline = [
      { x: 0, y: 0 },
      { x: 100, y: 0 },
      { x: 0, y: 100 },
    ];
    expect(sayReading({ gauge: 'weight', piece: { outline }, grams: 1, at }, metric)).toEqual([
      'traced, 3 corners, 1 g',
      '200 g/m²',
    ]);
  });
});
