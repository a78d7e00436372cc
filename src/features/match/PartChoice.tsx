'use client';

import { checkInterlocks } from '@/core/interlock';
import { FOOT, FULL_KIT, type Kit, type Machine, needleName, PLATE, stitchReading, threadName } from '@/core/kit';
import type { SeamContext } from '@/core/physics';
import { type ChosenPart, type Setup, withPart } from '@/core/setup';
import { STITCH } from '@/core/stitch';
import { InlineEdit, OptionList } from '@/ui';
import { PART_CHOICE_TEXT } from './text';

interface Props {
  part: ChosenPart;
  text: string;
  setup: Setup;
  seam: SeamContext;
  machine: Machine;
  kit: Kit | null;
  onTake: (setup: Setup) => void;
}

/** What may stand in for a part of the setting: everything owned, and what each would run into. */
export function PartChoice({ part, text, setup, seam, machine, kit, onTake }: Props) {
  const options = optionsFor(part, kit ?? FULL_KIT, machine, setup);
  return (
    <InlineEdit text={text} name={part}>
      {(close) => (
        <OptionList
          value={options.find((o) => o.now)?.name ?? null}
          options={options.map(({ name, plain, next }) => {
            const [closed] = checkInterlocks({ setup: next, machine, thicknessMm: seam.underFootMm });
            return { id: name, name, note: closed ? PART_CHOICE_TEXT.notWithTheRest(closed.text) : plain };
          })}
          onPick={(name) => {
            onTake(options.find((o) => o.name === name)!.next);
            close();
          }}
        />
      )}
    </InlineEdit>
  );
}

interface Option {
  name: string;
  plain?: string;
  now: boolean;
  next: Setup;
}

const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b);

function optionsFor(part: ChosenPart, kit: Kit, machine: Machine, setup: Setup): Option[] {
  const option = <P extends ChosenPart>(key: P, value: Setup[P], name: string, plain?: string): Option => ({
    name,
    plain,
    now: same(setup[key], value),
    next: withPart(setup, key, value, kit),
  });
  const lists: Record<ChosenPart, () => Option[]> = {
    needle: () => kit.needles.map((needle) => option('needle', needle, needleName(needle))),
    thread: () => kit.threads.map((thread) => option('thread', thread, threadName(thread))),
    foot: () => kit.feet.map((foot) => option('foot', foot, FOOT[foot].name, FOOT[foot].plain)),
    plate: () => kit.plates.map((plate) => option('plate', plate, PLATE[plate].name, PLATE[plate].plain)),
    stitch: () => machine.stitches.map((id) => option('stitch', id, stitchReading(machine, id), STITCH[id].plain)),
  };
  return lists[part]();
}
