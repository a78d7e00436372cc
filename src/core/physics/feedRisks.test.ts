import { describe, expect, it } from 'vitest';
import type { Cloth } from '../cloth';
import { feedRisks } from './feedRisks';
import { seamContext } from './seamContext';

const marks = (cloth: Cloth, pressure: number) =>
  feedRisks(seamContext(cloth, { kind: 'join' }), 'standard', 'standard', 'straight', pressure).find(
    ({ sign }) => sign === 'marks',
  )!.level;
const VELVET: Cloth = { structure: 'woven', family: 'velvet', traits: ['napped'], massGsm: 250 };
const FLEECE: Cloth = { structure: 'knit', family: 'fleece', traits: ['napped'], massGsm: 250 };
const POPLIN: Cloth = { structure: 'woven', family: 'poplin', traits: [], massGsm: 120 };

describe('marks of the feed', () => {
  it('come on a woven pile from light pressure on, on a knitted one later, on smooth cloth only above normal', () => {
    const from = (cloth: Cloth, pressure: number) => [
      marks(cloth, pressure - 0.02) > 0,
      marks(cloth, pressure + 0.02) > 0,
    ];
    expect(from(VELVET, 0.3)).toEqual([false, true]);
    expect(from(FLEECE, 0.5)).toEqual([false, true]);
    expect(from(POPLIN, 0.62)).toEqual([false, true]);
  });
  it('are the clearer the harder the foot presses', () => {
    expect(marks(VELVET, 0.5)).toBeCloseTo(0.352, 6);
    expect(marks(VELVET, 1)).toBe(1);
  });
});
