'use client';

import { checkInterlocks } from '@/core/interlock';
import { FULL_KIT, type Kit, type Machine } from '@/core/kit';
import type { SeamContext } from '@/core/physics';
import { type ChosenPart, partChoices, type Setup } from '@/core/setup';
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
  const options = partChoices(part, kit ?? FULL_KIT, machine, setup);
  return (
    <InlineEdit text={text} name={part}>
      {(close) => (
        <OptionList
          value={options.find((o) => o.now)?.text ?? null}
          options={options.map(({ text: name, plain, setup: next }) => {
            const [closed] = checkInterlocks({ setup: next, machine, thicknessMm: seam.underFootMm });
            return { id: name, name, note: closed ? PART_CHOICE_TEXT.notWithTheRest(closed.text) : plain };
          })}
          onPick={(name) => {
            onTake(options.find((o) => o.text === name)!.setup);
            close();
          }}
        />
      )}
    </InlineEdit>
  );
}
