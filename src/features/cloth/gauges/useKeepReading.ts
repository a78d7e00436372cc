'use client';

import type { ClothReading, KeptReading } from '@/core/cloth';
import { newId, nowText } from '@/parts/workspace';
import type { GaugeProps } from './GaugeProps';

/** A reading whose moment is not known yet. */
type Undated = ClothReading extends infer R ? (R extends ClothReading ? Omit<R, 'at'> : never) : never;

/** Keeps a reading that was picked from pictures, at once. */
export function useKeepReading({ onSave }: GaugeProps): (reading: Undated) => void {
  return (reading) => {
    const kept = { ...reading, id: newId(), at: nowText() } as KeptReading;
    onSave((now) => ({ readings: [...now.readings, kept] }));
  };
}
