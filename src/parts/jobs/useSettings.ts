'use client';

import { useMemo } from 'react';
import { type Card, isAbout } from '@/core/card';
import { clothOf } from '@/core/cloth';
import type { ClothRecord, MachineRecord } from '@/core/file';
import { isMachined, type Job, type JobSeam, kindOf, proofNeeded, type SeamSetting } from '@/core/job';
import { needlesFit, procedureOf } from '@/core/procedure';
import type { Operation } from '@/core/setup';
import { useCards, useCloths } from '@/data';
import { useFromWorker } from '../asking';
import { useAskOf } from '../learned';
import { useStale } from '../staleness';

const NONE: SeamSetting = { setup: null, proof: 'none', cardId: null };

/**
 * The setting of every seam of a job: of the newest card of its cloth, machine and operation; without one, what Match
 * answers. Undefined while the workroom is read; settings that are still worked out are null.
 */
export function useSettings(
  job: Job | undefined,
  machine: MachineRecord | null,
): ((seam: JobSeam) => SeamSetting) | undefined {
  const cards = useCards();
  const cloths = useCloths();
  const stale = useStale();
  const askOf = useAskOf(machine);
  const cardOf = (seam: JobSeam) => (cards && machine ? provenBy(cards, seam, machine.id) : null);
  const open = job && cards && cloths && askOf ? job.seams.filter((s) => asks(s) && !cardOf(s)) : [];
  const groups = [...new Map(open.map((seam) => [groupOf(seam), seam])).entries()];
  const inputs =
    askOf && cloths
      ? groups.flatMap(([key, seam]) => {
          const cloth = cloths.find((c) => c.id === seam.clothId);
          return cloth
            ? [{ key, input: askOf(cloth, operationOf(seam, cloths), schoolsOf(seam), seam.secondClothId) }]
            : [];
        })
      : [];
  const key = inputs.length > 0 ? JSON.stringify(inputs) : null;
  const found = useFromWorker(key, (worker) =>
    Promise.all(inputs.map(async (one) => [one.key, (await worker.answer(one.input)).setup] as const)),
  );
  const byGroup = useMemo(() => new Map(found ?? []), [found]);
  if (!cards || !cloths || !stale) return undefined;
  return (seam) => {
    const proof = proofNeeded(seam.procedureId);
    if (proof === 'hand') return { ...NONE, proof };
    const card = cardOf(seam);
    if (card) {
      const held = stale(card).length === 0;
      // What needs no proof does not come to need one because there was a card.
      return { setup: card.setup, proof: held ? 'proven' : proof === 'free' ? proof : 'stale', cardId: card.id };
    }
    return { ...NONE, proof, setup: byGroup.get(groupOf(seam)) ?? null };
  };
}

const asks = (seam: JobSeam) => seam.clothId !== null && isMachined(seam.procedureId);

/** Seams that are asked about together: same cloths, same operation, same answers to what a school is for. */
const groupOf = (seam: JobSeam) =>
  JSON.stringify([seam.clothId, seam.secondClothId, kindOf(seam.procedureId), schoolsOf(seam)]);

const schoolsOf = (seam: JobSeam) => procedureOf(seam.procedureId)?.schools?.(seam.answers);

/** What is matched and proven for a seam: where two cloths meet, the pair. */
export function operationOf(seam: JobSeam, cloths: readonly ClothRecord[]): Operation {
  const second = cloths.find((c) => c.id === seam.secondClothId);
  return { kind: kindOf(seam.procedureId), ...(second && { second: clothOf(second) }) };
}

/** The newest card that is about this seam; cards come newest first. */
function provenBy(cards: readonly Card[], seam: JobSeam, machineId: string): Card | null {
  const procedure = procedureOf(seam.procedureId);
  const ids = { clothId: seam.clothId, machineId, secondId: seam.secondClothId };
  const about = (card: Card) =>
    isAbout(card, ids, kindOf(seam.procedureId)) && (!procedure || needlesFit(procedure, card.setup));
  return cards.find(about) ?? null;
}
