import { describe, expect, it } from 'vitest';
import { plainSetup } from '../setup/plainSetup.testing';
import { type Card, isOnMachine, isProofOf, proofOf } from '.';

const card = {
  id: 'k',
  clothId: 'c',
  machineId: 'm',
  secondId: null,
  operation: { kind: 'join' as const },
  simulated: false,
  setup: plainSetup(),
};
const ids = { clothId: 'c', machineId: 'm' };
const SECOND = { structure: 'woven', family: 'poplin', traits: [] } as const;

describe('a card', () => {
  it('is from this machine by its id, and from another one where no id is known', () => {
    expect(isOnMachine(card, ids)).toBe(true);
    expect(isOnMachine(card, { machineId: 'n' })).toBe(false);
    expect(isOnMachine(card, {})).toBe(false);
    expect(isOnMachine(card, { machineId: null })).toBe(false);
    expect(isOnMachine({}, {})).toBe(false);
  });

  it('proves the operation it was sewn for, on its own fabric and machine', () => {
    expect(isProofOf(card, ids, 'join')).toBe(true);
    expect(isProofOf(card, ids, 'hem')).toBe(false);
    expect(isProofOf(card, { ...ids, clothId: 'd' }, 'join')).toBe(false);
    expect(isProofOf(card, { ...ids, machineId: 'n' }, 'join')).toBe(false);
    expect(isProofOf(card, { machineId: 'm' }, 'join')).toBe(false);
    expect(isProofOf({ ...card, clothId: undefined }, { machineId: 'm' }, 'join')).toBe(false);
  });

  it('proves nothing when a simulated machine sewed it', () =>
    expect(isProofOf({ ...card, simulated: true }, ids, 'join')).toBe(false));

  it('of two fabrics proves that very pair', () => {
    const pair = { ...card, secondId: 'd', operation: { kind: 'join' as const, second: { ...SECOND, traits: [] } } };
    expect(isProofOf(pair, { ...ids, secondId: 'd' }, 'join')).toBe(true);
    expect(isProofOf(pair, { ...ids, secondId: 'e' }, 'join')).toBe(false);
    expect(isProofOf(pair, ids, 'join')).toBe(false);
    expect(isProofOf(card, { ...ids, secondId: 'd' }, 'join')).toBe(false);
    // Nobody knows which fabric the second one was.
    expect(isProofOf({ ...pair, secondId: null }, ids, 'join')).toBe(false);
  });
});

describe('the card that proves an operation', () => {
  const cards = [
    { ...card, id: 'other', clothId: 'd' },
    { ...card, id: 'twin', setup: plainSetup({ needle: { point: 'twin', nm: 80, gapMm: 2 } }) },
    { ...card, id: 'newest' },
    { ...card, id: 'older' },
  ] as unknown as Card[];
  it('is the newest that can be sewn that way', () => {
    expect(proofOf(cards, ids, 'join')?.id).toBe('twin');
    expect(proofOf(cards, ids, 'join', (setup) => setup.needle.point !== 'twin')?.id).toBe('newest');
    expect(proofOf(cards, ids, 'hem')).toBeNull();
    expect(proofOf([], ids, 'join')).toBeNull();
  });
});
