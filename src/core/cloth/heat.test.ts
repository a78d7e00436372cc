import { describe, expect, it } from 'vitest';
import { type Cloth, clothSchema } from './cloth';
import { fibreManners, fibresNamed } from './fibres';
import { heatOf, traitsByFibre } from './heat';
import { clothProfile } from './profile';

const cloth = (more: Partial<Cloth>) => clothSchema.parse({ structure: 'woven', ...more });
const ceiling = (more: Partial<Cloth>) => heatOf(cloth(more)).ceilingC;

describe('how hot a cloth is ironed', () => {
  it.each([
    ['cotton', 200],
    ['linen', 200],
    ['viscose', 150],
    ['wool', 150],
    ['silk', 150],
    ['polyester', 150],
    ['acetate', 110],
    ['nylon', 110],
    ['acrylic', 110],
  ])('%s: %i °C', (fibre, celsius) => expect(ceiling({ fibres: { [fibre]: 100 } })).toBe(celsius));

  it('starts at one dot where nobody knows the fibre, and follows a name that says it', () => {
    expect(heatOf(cloth({ family: 'poplin' }))).toEqual({ ceilingC: 110, from: 'unknown', fibre: null });
    expect(ceiling({ family: 'poplin', name: 'Cotton poplin' })).toBe(200);
    expect(ceiling({ family: 'denim' })).toBe(200);
    expect(ceiling({ family: 'denim', fibres: { polyester: 100 } })).toBe(150);
  });

  it('takes a blend’s most delicate fibre from a twentieth on', () => {
    expect(ceiling({ fibres: { cotton: 95, nylon: 5 } })).toBe(110);
    expect(ceiling({ fibres: { cotton: 96, nylon: 4 } })).toBe(200);
    expect(ceiling({ fibres: { cotton: 94, elastane: 6 } })).toBe(150);
  });

  it('gives polyester one dot where it is smooth or sheer, two through a cloth', () => {
    expect(ceiling({ family: 'satin', fibres: { polyester: 100 } })).toBe(110);
    expect(ceiling({ family: 'other', fibres: { polyester: 100 }, traits: ['sheer'] })).toBe(110);
    expect(ceiling({ family: 'poplin', fibres: { polyester: 100 } })).toBe(150);
  });

  it('believes a scrap before any label', () =>
    expect(heatOf({ ...cloth({ fibres: { nylon: 100 } }), ceilingC: 150 })).toMatchObject({
      ceilingC: 150,
      from: 'scrap',
    }));
});

describe('what a fibre does to the traits of its family', () => {
  it('silk satin does not melt, and water marks it; polyester habotai melts, and water does not', () => {
    expect(clothProfile(cloth({ family: 'satin', fibres: { silk: 100 } })).traits).toEqual(
      expect.arrayContaining(['water-marks']),
    );
    expect(clothProfile(cloth({ family: 'satin', fibres: { silk: 100 } })).traits).not.toContain('heat-sensitive');
    const habotai = clothProfile(cloth({ family: 'silk', fibres: { polyester: 100 } })).traits;
    expect(habotai).toContain('heat-sensitive');
    expect(habotai).not.toContain('water-marks');
  });

  it('water marks viscose in a pile only', () => {
    const velvet = cloth({ family: 'velvet', fibres: { viscose: 100 } });
    expect(traitsByFibre(velvet, ['napped', 'water-marks'])).toContain('water-marks');
    expect(traitsByFibre({ ...velvet, fibres: { cotton: 100 } }, ['napped', 'water-marks'])).toEqual(['napped']);
    expect(traitsByFibre({ ...velvet, family: 'viscose-woven' }, [])).toEqual([]);
  });

  it('says nothing of leather, foam and coats, nor of fibres it does not know', () => {
    expect(traitsByFibre(cloth({ structure: 'coated', fibres: { cotton: 100 } }), ['heat-sensitive'])).toEqual([
      'heat-sensitive',
    ]);
    expect(fibreManners({ moonbeam: 100 })).toBeNull();
    expect(fibresNamed('Grey remnant')).toBeUndefined();
  });
});

it('denim is a chambray below 170 g/m²', () => {
  expect(clothProfile(cloth({ family: 'denim', massGsm: 169 })).family).toBe('poplin');
  expect(clothProfile(cloth({ family: 'denim', massGsm: 170 })).family).toBe('denim');
});
