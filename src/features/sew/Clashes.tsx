import { checkInterlocks, type Closed } from '@/core/interlock';
import { type Numbers, stepSetup } from '@/core/procedure';
import type { Setup } from '@/core/setup';
import { StopAlert } from '@/ui';
import type { RunNow } from './useRunNow';
import { CLASHES_TEXT } from './text';

/** What of a setting this machine cannot do, or what would strike its needle. */
export function clashesOf({ machine, how }: RunNow, setup: Setup): Closed[] {
  if (!machine) return [];
  return checkInterlocks({ setup, machine: machine.machine, thicknessMm: how.stitchedMm });
}

/** The same for every step of an operation, each once: known before the first stitch. */
export function clashesOfAll(now: RunNow, numbers: Numbers): Closed[] {
  const { steps, setups, machine } = now;
  if (!setups || !machine) return [];
  const all = steps.flatMap((_, i) => clashesOf(now, stepSetup(steps, i, numbers, setups, machine.machine)));
  return all.filter(({ code }, i) => all.findIndex((other) => other.code === code) === i);
}

/** Said before it is sewn. */
export function Clashes({ closed }: { closed: readonly Closed[] }) {
  if (closed.length === 0) return null;
  return (
    <StopAlert title={CLASHES_TEXT.notLikeThisOn}>
      {closed.map(({ code, text }) => (
        <p key={code}>{text}</p>
      ))}
    </StopAlert>
  );
}
