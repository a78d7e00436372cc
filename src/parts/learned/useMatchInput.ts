'use client';

import { nearestCards } from '@/core/card';
import { clothOf, clothProfile } from '@/core/cloth';
import type { ClothRecord, MachineRecord } from '@/core/file';
import { asLearned, type MatchInput } from '@/core/match';
import type { Operation, Schools } from '@/core/setup';
import { useKit, usePreference } from '@/data';
import { useMachineOffsets, useTeachingCards } from './useLearned';

/** More cards than match looks at need not travel to the worker. */
const CARDS = 5;

/** A question as the worker takes it, for one machine; `more` are schools the work itself has settled. */
export type AskOf = (
  cloth: ClothRecord,
  operation: Operation,
  more?: Partial<Schools>,
  secondId?: string | null,
) => MatchInput;

/**
 * Makes questions for one machine with everything the workroom knows: kit, schools, the nearest cards and what they taught
 * of the machine. Null while there is no machine, the workroom is read, or what its cards taught is worked out.
 */
export function useAskOf(machine: MachineRecord | null): AskOf | null {
  const schools = usePreference('schools');
  const kit = useKit();
  const cards = useTeachingCards();
  const offsets = useMachineOffsets(machine);
  if (!machine || !schools || !kit || !cards || !offsets) return null;
  const learned = asLearned(offsets);
  return (cloth, operation, more = {}, secondId = null) => {
    const known = clothOf(cloth);
    const ids = { clothId: cloth.id, machineId: machine.id, ...(secondId !== null && { secondId }) };
    const near = nearestCards(cards, clothProfile(known), operation, ids).slice(0, CARDS);
    return {
      ...ids,
      cloth: known,
      operation,
      machine: machine.machine,
      ...(kit.kit && { kit: kit.kit }),
      schools: { ...schools, ...more },
      ...(learned && { learned }),
      ...(near.length > 0 && { tested: near.map(({ card }) => card) }),
    };
  };
}

/** The question of one cloth on one machine; null while either is missing, or the workroom is read. */
export function useMatchInput(
  cloth: ClothRecord | null,
  machine: MachineRecord | null,
  operation: Operation,
  more: Partial<Schools> = {},
  secondId: string | null = null,
): MatchInput | null {
  const askOf = useAskOf(machine);
  return askOf && cloth ? askOf(cloth, operation, more, secondId) : null;
}
