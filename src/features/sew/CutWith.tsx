'use client';

import { clothOf } from '@/core/cloth';
import { BLADE } from '@/core/kit';
import { bladeOf, cutWith } from '@/core/workroom';
import { changeKit, useKitRecord } from '@/data';
import { nowText, useUnits } from '@/parts/workspace';
import { Select } from '@/ui';
import { TEXT } from './text';
import type { RunNow } from './useRunNow';

const NOBODY_SAID = 'none';

/** Which blade it was cut with, so that its wear is counted. */
export function CutWith({ now: { run, cloth, worked } }: { now: RunNow }) {
  const kit = useKitRecord();
  const { metres } = useUnits();
  if (!kit || kit.blades.length === 0 || !worked.ok || !worked.numbers.cutLength) return null;
  const cutMm = worked.numbers.cutLength * run.pieces;
  const family = cloth ? clothOf(cloth).family : 'other';
  const told = (id: string) =>
    void changeKit((now) => ({
      blades: cutWith(now.blades, id === NOBODY_SAID ? null : id, {
        ...{ key: run.id, metres: cutMm / 1000, family, at: run.doneAt ?? nowText() },
      }),
    }));
  return (
    <Select
      label={TEXT.cutWith}
      value={bladeOf(kit.blades, run.id) ?? NOBODY_SAID}
      options={[[NOBODY_SAID, TEXT.cutWithNone], ...kit.blades.map(({ id, kind }) => [id, BLADE[kind].name] as const)]}
      onPick={told}
      help={TEXT.cutLength(metres(cutMm))}
    />
  );
}
