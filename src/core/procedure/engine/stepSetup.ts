import type { Machine } from '../../kit';
import { type Setup, withPart } from '../../setup';
import { stitchFacts } from '../../stitch';
import { rowOfStep } from './rows';
import { MAIN_ROW, type Numbers, type Step } from './types';

/** What each row is sewn with, by its id; a row without one is sewn like the main row. */
export type RowSetups = Readonly<Record<string, Setup>>;

/** Onto the machine's own steps. What lies beyond its dial stays there, for the interlocks to say so. */
const onDial = (mm: number, step: number) => Math.max(step, Math.round(Math.round(mm / step) * step * 1000) / 1000);

/** What rounds and bounds what a step asks for. */
type Dials = Pick<Machine, 'lengthStepMm' | 'widthStepMm' | 'needlePositions' | 'straightHoleMm'>;

/**
 * What should be on the machine for a step: the setting of its row, with what this step changes.
 *
 * A step that is not sewn is for getting ready: it already asks for what the next sewn one needs, unless it says what to
 * set itself; after the last
 * nothing more is changed. A swing under a straight-stitch plate
 * or foot would strike the needle, so those are changed with it.
 *
 * @param steps - those that are taken
 * @param index - the current step, from 0
 * @param numbers - of `workOut`
 * @param setups - the setting of each row, lengths in mm
 * @param machine - its dials round what is asked for
 * @returns a setting; look it over for interlocks before it is sewn
 */
export function stepSetup(
  steps: readonly Step[],
  index: number,
  numbers: Numbers,
  setups: RowSetups,
  machine: Dials,
): Setup {
  const sets = ({ sews, row, atMm, machine: differs }: Step) => (sews ?? row ?? atMm ?? differs) !== undefined;
  const ahead = steps.findIndex((step, i) => i >= index && sets(step));
  const at = ahead < 0 ? steps.findLastIndex(sets) : ahead;
  if (at < 0) return setups[MAIN_ROW];
  const step = steps[at];
  const setup = setups[rowOfStep(steps, at)] ?? setups[MAIN_ROW];
  const { stitch, widthMm, foot, footSide, needleAsideMm = 0 } = step.machine ?? {};
  let made = foot && foot !== setup.foot ? withPart(setup, 'foot', foot) : setup;
  if (footSide && made.foot === 'zip') {
    const aside = machine.needlePositions > 1 ? needleAsideMm : 0;
    made = { ...made, footSide, needlePositionMm: footSide === 'left' ? aside : -aside };
  }
  if (made.plate === 'straight') made = { ...made, needlePositionMm: machine.straightHoleMm };
  if (stitch) made = withSwing(withPart(made, 'stitch', stitch));
  if (widthMm && stitchFacts(made.stitch).swings)
    made = { ...made, widthMm: onDial(numbers[widthMm], machine.widthStepMm) };
  if (step.atMm) made = { ...made, lengthMm: onDial(numbers[step.atMm], machine.lengthStepMm) };
  return made;
}

function withSwing(setup: Setup): Setup {
  const { stitch, plate, foot } = setup;
  const sideways = stitchFacts(stitch).swings || stitchFacts(stitch).feedsBackwards;
  if (!sideways) return setup;
  return { ...setup, plate: plate === 'straight' ? 'standard' : plate, foot: foot === 'straight' ? 'standard' : foot };
}
