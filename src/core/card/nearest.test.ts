import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type Cloth, clothProfile } from '../cloth';
import type { Operation } from '../setup';
import { plainSetup } from '../setup/plainSetup.testing';
import { cardDistance, nearestCards, type TestedCard } from '.';

const JERSEY: Cloth = {
  structure: 'knit',
  family: 'jersey',
  traits: [],
  massGsm: 180,
  thicknessMm: 0.6,
  stretchAcross: 60,
  fibres: { cotton: 95, elastane: 5 },
};
const SEAM: Operation = { kind: 'join' };
const card = (cloth: Partial<Cloth> = {}, operation: Operation = SEAM, more: Partial<TestedCard> = {}): TestedCard => ({
  cloth: { ...JERSEY, ...cloth },
  operation,
  setup: plainSetup(),
  ...more,
});
const far = (cloth: Partial<Cloth>, operation?: Operation) =>
  cardDistance(card(cloth, operation), clothProfile(JERSEY), SEAM);

describe('how far a card is', () => {
  it('the same fabric and seam are no way apart', () => expect(far({})).toBe(0));

  it('half as heavy again is half the way, and half as thick again nearly a third', () => {
    expect(far({ massGsm: 270 })).toBeCloseTo(0.5, 5);
    expect(far({ massGsm: 120 })).toBeCloseTo(0.5, 5);
    expect(far({ thicknessMm: 0.9 })).toBeCloseTo(0.3, 5);
  });

  it('40 points of stretch are half the way, 15 of elastane nearly a third', () => {
    expect(far({ stretchAcross: 100 })).toBeCloseTo(0.5, 5);
    expect(far({ stretchAcross: 20 })).toBeCloseTo(0.5, 5);
    expect(far({ fibres: { cotton: 80, elastane: 20 } })).toBeCloseTo(0.3, 5);
    // None is told: as none.
    expect(far({ fibres: { cotton: 100 } })).toBeCloseTo(0.1, 5);
  });

  it('another family, another seam and a layer more each add their step', () => {
    expect(far({ family: 'double-knit' })).toBeGreaterThanOrEqual(0.5);
    expect(far({}, { kind: 'zip-exposed', layers: 2 })).toBeCloseTo(0.8, 5);
    expect(far({}, { kind: 'join', layers: 3 })).toBeCloseTo(0.25, 5);
    expect(far({}, { kind: 'join', layers: 1 })).toBeCloseTo(0.25, 5);
    expect(far({}, { kind: 'join', layers: 2 })).toBe(0);
  });

  it('a woven says nothing about a knit', () =>
    expect(cardDistance(card({ structure: 'woven', family: 'poplin' }), clothProfile(JERSEY), SEAM)).toBe(Infinity));
});

describe('the cards that say something', () => {
  const near = (cards: TestedCard[], ids = {}) => nearestCards(cards, clothProfile(JERSEY), SEAM, ids);

  it('count whole from this machine and half from any other', () => {
    const mine = card({}, SEAM, { id: 'a', machineId: 'm' });
    expect(near([mine], { machineId: 'm' })[0]).toMatchObject({
      distance: 0,
      weight: 1,
      sameMachine: true,
      alikePercent: 100,
    });
    expect(near([mine])[0]).toMatchObject({ weight: 0.5, sameMachine: false });
  });

  it('are those nearer than one whole step, the nearest of this machine first', () => {
    const cards = [
      card({ massGsm: 270 }, SEAM, { id: 'other-far', machineId: 'n' }),
      card({}, SEAM, { id: 'other', machineId: 'n' }),
      card({ massGsm: 270 }, SEAM, { id: 'mine-far', machineId: 'm' }),
      card({}, { kind: 'join', layers: 3 }, { id: 'mine', machineId: 'm' }),
      card({ massGsm: 405 }, SEAM, { id: 'too-far', machineId: 'm' }),
      card({ structure: 'woven', family: 'poplin' }, SEAM, { id: 'woven', machineId: 'm' }),
    ];
    const found = near(cards, { machineId: 'm' });
    expect(found.map((one) => one.card.id)).toEqual(['mine', 'mine-far', 'other', 'other-far']);
    expect(found.map((one) => one.alikePercent)).toEqual([75, 50, 100, 50]);
  });

  it('weigh the less the further they are', () => {
    fc.assert(
      fc.property(fc.integer({ min: 60, max: 500 }), fc.integer({ min: 60, max: 500 }), (a, b) => {
        const weigh = (massGsm: number) => near([card({ massGsm })])[0]?.weight ?? 0;
        const off = (massGsm: number) => Math.abs(Math.log(massGsm / 180));
        if (off(a) <= off(b)) expect(weigh(a)).toBeGreaterThanOrEqual(weigh(b) - 1e-6);
      }),
    );
  });
});
