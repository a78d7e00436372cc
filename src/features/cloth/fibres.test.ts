import { describe, expect, it } from 'vitest';
import { fibreText } from '@/core/cloth';
import { readFibres } from './fibres';

describe('fibres as people write them', () => {
  it.each<[string, object]>([
    ['cotton 95, elastane 5', { cotton: 95, elastane: 5 }],
    ['95% cotton, 5% elastane', { cotton: 95, elastane: 5 }],
    ['95% Cotton; 5% Elastane', { cotton: 95, elastane: 5 }],
    ['cotton', { cotton: 100 }],
    ['wool 97.5, elastane 2.5', { wool: 97.5, elastane: 2.5 }],
  ])('%s', (text, fibres) => {
    expect(readFibres(text)).toEqual({ ok: true, value: fibres });
  });

  it('nothing typed is nothing known', () => expect(readFibres(' ')).toEqual({ ok: true, value: undefined }));
  it('numbers alone are not fibres', () => expect(readFibres('95, 5').ok).toBe(false));
  it('what is printed is read back', () => {
    expect(readFibres(fibreText({ silk: 70, cotton: 30 }))).toEqual({ ok: true, value: { silk: 70, cotton: 30 } });
  });
});
