import { describe, expect, it } from 'vitest';
import { clothProfile, type ClothInput, clothSchema } from '../cloth';
import { requiredGive } from './requiredGive';
import { foldsOf, layersOf, sheetsUnder } from './sheets';

const profile = (more: Partial<ClothInput>) => clothProfile(clothSchema.parse({ structure: 'woven', ...more }));

describe('a hem', () => {
  it.each([
    ['poplin', { family: 'poplin' }, 3],
    ['denim', { family: 'denim' }, 3],
    ['velvet', { family: 'velvet' }, 2],
    ['terry', { family: 'terry' }, 2],
    ['woven lace', { family: 'lace' }, 2],
    ['jersey', { structure: 'knit', family: 'jersey' }, 2],
    ['wool of 349 g/m²', { family: 'wool', massGsm: 349 }, 3],
    ['wool of 350 g/m²', { family: 'wool', massGsm: 350 }, 2],
    ['a woven half of air', { massGsm: 205, thicknessMm: 1 }, 2],
    ['a denser one', { massGsm: 206, thicknessMm: 1 }, 3],
  ] as const)('in %s has its folds and one more layer', (_, cloth, layers) =>
    expect(layersOf(profile(cloth), { kind: 'hem' })).toBe(layers),
  );

  it('is folded as it was asked for, and has the layers that were asked for', () => {
    expect(foldsOf(profile({ family: 'poplin' }), { folds: 1 })).toBe(1);
    expect(layersOf(profile({ family: 'velvet' }), { kind: 'hem', folds: 2 })).toBe(3);
    expect(layersOf(profile({ family: 'poplin' }), { kind: 'hem', layers: 9 })).toBe(9);
    expect(sheetsUnder({ family: 'quilt-sandwich' }, 'join', 2)).toBe(2);
  });
});

describe('what a woven must give', () => {
  const give = (cloth: Partial<ClothInput>, operation: Parameters<typeof requiredGive>[1]) =>
    requiredGive(profile(cloth), operation).percent;

  it('is nothing on the grain and ten percent on the bias', () => {
    expect(give({ family: 'poplin' }, { kind: 'join' })).toBe(0);
    expect(give({ family: 'poplin' }, { kind: 'join', direction: 'bias' })).toBe(10);
    expect(give({ family: 'poplin' }, { kind: 'zip-centred', direction: 'bias' })).toBe(0);
  });

  it('is its own stretch where a stretch woven is worn across', () => {
    expect(give({ stretchAcross: 20 }, { kind: 'join', direction: 'across' })).toBe(20);
    expect(give({ stretchAcross: 8 }, { kind: 'band' })).toBe(8);
    expect(give({ stretchAcross: 7 }, { kind: 'band' })).toBe(0);
    expect(give({ stretchAcross: 20 }, { kind: 'join' })).toBe(0);
    expect(give({ stretchAcross: 20 }, { kind: 'band', direction: 'along' })).toBe(0);
  });
});
