import { useLiveQuery } from 'dexie-react-hooks';
import type { Card } from '@/core/card';
import type { ClothRecord, MachineRecord, OnMachine } from '@/core/file';
import type { Kit } from '@/core/kit';
import type { Line, Swatch } from '@/core/swatch';
import { readKit } from './kit';
import { type PreferenceKey, type PreferenceValue, readPreference } from './preferences';
import type { Unreadable } from './repository';
import { cards, cloths, lines, machines, onMachines, swatches } from './repositories';

/** Each hook follows its table: undefined while it is first read, then the value now, again after every change. */
export const useCloths = (): ClothRecord[] | undefined =>
  useLiveQuery(async () => (await cloths.all()).sort((a, b) => (a.addedAt < b.addedAt ? 1 : -1)));
export const useMachines = (): MachineRecord[] | undefined =>
  useLiveQuery(async () => (await machines.all()).sort((a, b) => (a.addedAt < b.addedAt ? -1 : 1)));
export const useOnMachine = (machineId: string | null): OnMachine | null | undefined =>
  useLiveQuery(async () => (machineId ? ((await onMachines.get(machineId)) ?? null) : null), [machineId]);
export const useSwatches = (): Swatch[] | undefined =>
  useLiveQuery(async () => (await swatches.all()).sort((a, b) => (a.startedAt < b.startedAt ? 1 : -1)));
export const useLines = (swatchId?: string): Line[] | undefined =>
  useLiveQuery(
    async () =>
      (await lines.all())
        .filter((line) => swatchId === undefined || line.swatchId === swatchId)
        .sort((a, b) => a.number - b.number),
    [swatchId],
  );
export const useCards = (): Card[] | undefined =>
  useLiveQuery(async () => (await cards.all()).sort((a, b) => (a.passedAt < b.passedAt ? 1 : -1)));
/** Wrapped, since null is a value of its own: everything may be chosen. */
export const useKit = (): { kit: Kit | null } | undefined => useLiveQuery(async () => ({ kit: await readKit() }));

/** One preference, live. */
export function usePreference<K extends PreferenceKey>(key: K): PreferenceValue<K> | undefined {
  return useLiveQuery(() => readPreference(key), [key]);
}

/** Stored things that could not be read, over all tables. */
export const useUnreadable = (): Unreadable[] | undefined =>
  useLiveQuery(async () =>
    (await Promise.all([cloths, machines, onMachines, swatches, lines, cards].map((r) => r.unreadable()))).flat(),
  );
