import { useLiveQuery } from 'dexie-react-hooks';
import { useSyncExternalStore } from 'react';
import type { Card } from '@/core/card';
import type { OnMachine, PhotoRecord } from '@/core/file';
import type { Kit } from '@/core/kit';
import type { TestLine } from '@/core/swatch';
import { readKit, readKitRecord } from './kit';
import { type PreferenceKey, type PreferenceValue, readPreference } from './preferences';
import {
  cards,
  care,
  cloths,
  jobs,
  lines,
  linesOf,
  machines,
  needles,
  onMachines,
  photos,
  runs,
  swatches,
  threads,
  views,
} from './repositories';
import { listSetAside } from './setAside';
import { followed, sharedLive } from './sharedLive';

const newestFirst =
  <T>(of: (record: T) => string) =>
  (a: T, b: T) =>
    of(a) < of(b) ? 1 : -1;

/** Each hook follows its table: undefined while it is first read, then the value now, again after every change. */
export const useCloths = sharedLive(async () => (await cloths.all()).sort(newestFirst((c) => c.addedAt)));
export const useMachines = sharedLive(async () =>
  (await machines.all()).sort((a, b) => (a.addedAt < b.addedAt ? -1 : 1)),
);
export const useSwatches = sharedLive(async () => (await swatches.all()).sort(newestFirst((s) => s.startedAt)));
export const useCards = sharedLive(async (): Promise<Card[]> =>
  (await cards.all()).sort(newestFirst((c) => c.passedAt)),
);
export const useRuns = sharedLive(async () => (await runs.all()).sort(newestFirst((r) => r.startedAt)));
export const useJobs = sharedLive(async () => (await jobs.all()).sort(newestFirst((j) => j.addedAt)));
export const useViews = sharedLive(() => views.all());
export const useNeedles = sharedLive(() => needles.all());
export const useThreads = sharedLive(() => threads.all());
export const useCare = sharedLive(async () => (await care.all()).sort(newestFirst((c) => c.at)));
export const useOnMachines = sharedLive(() => onMachines.all());
export const useKitRecord = sharedLive(readKitRecord);
/** Wrapped, since null is a value of its own: everything may be chosen. */
export const useKit = sharedLive(async (): Promise<{ kit: Kit | null }> => ({ kit: await readKit() }));

/** What is on one machine: null where nothing was noted. */
export function useOnMachine(machineId: string | null): OnMachine | null | undefined {
  const all = useOnMachines();
  return all && (all.find((one) => one.machineId === machineId) ?? null);
}
export const usePhoto = (id: string | undefined): PhotoRecord | null | undefined =>
  useLiveQuery(async () => (id ? ((await photos.get(id)) ?? null) : null), [id]);
/** The lines of one swatch, live, in their order; no other line is read. */
export const useLinesOf = (swatchId: string): TestLine[] | undefined =>
  useLiveQuery(() => linesOf(swatchId), [swatchId]);
/** All lines, live, each swatch's in their order. */
export const useLines = sharedLive(async () => (await lines.all()).sort((a, b) => a.number - b.number));

/** All lines, live, without their settings and measures: there may be very many, and a list of them needs no more. */
export const useToldLines = () =>
  useLiveQuery(async () =>
    (await lines.all()).map(({ id, swatchId, number, status, findings, notes, sewnAt }) => ({
      id,
      swatchId,
      number,
      status,
      findings,
      notes,
      sewnAt,
    })),
  );

/** What the person measures in: read once for all screens, so that none shows the other units first. */
export const useUnitPreference = sharedLive(() => readPreference('units'));

/** One preference, live: read once for all who ask for it, so that none of them is behind the others. */
export function usePreference<K extends PreferenceKey>(key: K): PreferenceValue<K> | undefined {
  const { subscribe, now } = preferenceOf(key);
  return useSyncExternalStore(subscribe, now, () => undefined) as PreferenceValue<K> | undefined;
}

const preferences = new Map<PreferenceKey, ReturnType<typeof followed<unknown>>>();

function preferenceOf(key: PreferenceKey) {
  const known = preferences.get(key) ?? followed<unknown>(() => readPreference(key));
  preferences.set(key, known);
  return known;
}

/** Everything that was set aside, with its key here. */
export const useSetAside = sharedLive(listSetAside);
