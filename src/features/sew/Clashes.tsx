import { checkInterlocks } from '@/core/interlock';
import type { Setup } from '@/core/setup';
import { StopPlate } from '@/ui';
import type { RunNow } from './useRunNow';

/** What a step asks for that this machine cannot do, or that would strike the needle: said before it is sewn. */
export function Clashes({ now: { machine, how }, target }: { now: RunNow; target: Setup }) {
  if (!machine) return null;
  const closed = checkInterlocks({ setup: target, machine: machine.machine, thicknessMm: how.stitchedMm });
  if (closed.length === 0) return null;
  return (
    <StopPlate title="Not like this on your machine">
      {closed.map(({ code, text }) => (
        <p key={code}>{text}</p>
      ))}
    </StopPlate>
  );
}
