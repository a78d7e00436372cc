// @vitest-environment jsdom
import { act, cleanup, renderHook } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { MachineRecord } from '@/core/file';
import type { MachineOffsets } from '@/core/match';
import { useMachineOffsets } from './useLearned';

const asked: { cards: string[]; answer: (offsets: MachineOffsets) => void }[] = [];

vi.mock('@/workers/matchClient', () => ({
  matchWorker: () => ({
    machineOffsets: (cards: { id: string }[]) =>
      new Promise((answer) => asked.push({ cards: cards.map(({ id }) => id), answer })),
  }),
}));
const SAME = vi.hoisted(
  () =>
    <T,>(value: T): T =>
      value,
);
vi.mock('../workspace', () => ({ useSay: () => () => {}, useUnits: () => ({ printed: SAME }) }));
vi.mock('@/data', () => ({
  useCards: () => [
    { id: 'a', machineId: 'green', passedAt: '1', setup: {}, simulated: false },
    { id: 'b', machineId: 'boat', passedAt: '2', setup: {}, simulated: false },
    { id: 'c', machineId: 'boat', passedAt: '3', setup: {}, simulated: true },
  ],
  usePreference: () => 'own',
}));

const record = (id: string) => ({ id, forgotten: {} }) as unknown as MachineRecord;
const taught = (mean: number): MachineOffsets => ({
  tensionSteps: { mean, spread: 0, count: 1 },
  pressure: null,
  lengthFactor: null,
});
const offsetsOf = (first: string | null) =>
  renderHook(({ id }: { id: string | null }) => useMachineOffsets(id === null ? null : record(id)), {
    initialProps: { id: first },
  });

beforeEach(() => void asked.splice(0));
afterEach(cleanup);

describe('what the cards of a machine taught', () => {
  it('is of that machine’s own cards, and of no simulated one in a real workroom', async () => {
    const { result } = offsetsOf('boat');
    expect(result.current).toBeNull();
    expect(asked.map(({ cards }) => cards)).toEqual([['b']]);
    await act(async () => asked[0].answer(taught(0.5)));
    expect(result.current).toEqual(taught(0.5));
  });

  it('is never that of the machine before', async () => {
    const { result, rerender } = offsetsOf('green');
    await act(async () => asked[0].answer(taught(-1)));
    rerender({ id: 'boat' });
    expect(result.current).toBeNull();
    await act(async () => asked[1].answer(taught(0.5)));
    expect(result.current).toEqual(taught(0.5));
  });

  it('is nothing, at once, of a machine without cards', () => {
    expect(offsetsOf('new').result.current).toEqual({ tensionSteps: null, pressure: null, lengthFactor: null });
    expect(offsetsOf(null).result.current).toBeNull();
    expect(asked).toEqual([]);
  });
});
