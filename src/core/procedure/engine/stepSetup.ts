import type { Machine } from '../../kit';
import { type Setup, withPart } from '../../setup';
import { stitchFacts } from '../../stitch';
import type { Numbers, Step } from './types';

/** Onto the machine's own steps. What lies beyond its dial stays there, for the interlocks to say so. */
const onDial = (mm: number, step: number) => Math.max(step, Math.round(Math.round(mm / step) * step * 1000) / 1000);

/** What rounds and bounds what a step asks for. */
type Dials = Pick<Machine, 'lengthStepMm' | 'widthStepMm' | 'needlePositions' | 'straightHoleMm'>;

/**
 * What should be on the machine for a step: the setting of the operation, with what this step changes.
 *
 * A step that is not sewn is for getting ready: it already asks for what the next sewn one needs, unless it says what to
 * set itself; after the last the setting of the operation comes back. A swing under a straight-stitch plate
 * or foot would strike the needle, so those are changed with it.
 *
 * @param steps - those that are taken
 * @param index - the step in hand, from 0
 * @param numbers - of `workOut`
 * @param setup - the setting of the operation, lengths in mm
 * @param machine - its dials round what is asked for
 * @returns a setting; look it over for interlocks before it is sewn
 */
export function stepSetup(
  steps: readonly Step[],
  index: number,
  numbers: Numbers,
  setup: Setup,
  machine: Dials,
): Setup {
  const step = steps.slice(index).find(({ sews, atMm, machine: differs }) => sews ?? atMm ?? differs);
  if (!step) return setup;
  const { stitch, widthMm, tension, foot, footSide, needleAsideMm = 0 } = step.machine ?? {};
  let made = foot && foot !== setup.foot ? withPart(setup, 'foot', foot) : setup;
  if (footSide && made.foot === 'zip') {
    const aside = machine.needlePositions > 1 ? needleAsideMm : 0;
    made = { ...made, footSide, needlePositionMm: footSide === 'left' ? aside : -aside };
  }
  if (made.plate === 'straight') made = { ...made, needlePositionMm: machine.straightHoleMm };
  if (stitch) made = withSwing(withPart(made, 'stitch', stitch));
  if (widthMm) made = { ...made, widthMm: onDial(numbers[widthMm], machine.widthStepMm) };
  if (step.atMm) made = { ...made, lengthMm: onDial(numbers[step.atMm], machine.lengthStepMm) };
  return tension === 'normal' ? { ...made, tensionSteps: 0 } : made;
}

function withSwing(setup: Setup): Setup {
  const { stitch, plate, foot } = setup;
  const sideways = stitchFacts(stitch).swings || stitchFacts(stitch).feedsBackwards;
  if (!sideways) return setup;
  return { ...setup, plate: plate === 'straight' ? 'standard' : plate, foot: foot === 'straight' ? 'standard' : foot };
}
