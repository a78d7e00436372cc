import type { Card } from '../card';
import { FOOT, type Kit, type Machine, PLATE, tensionReading } from '../kit';
import { READING_TEXT, type Reading, READINGS, settingReadings } from '../setup';
import { STITCH } from '../stitch';
import { formatNumber } from '../units';
import { tensionLine } from './saidParts';

/** One reading of a card, said without any machine and as this machine's dial shows it. */
export interface ReadingOnMine {
  reading: Reading;
  name: string;
  /** From the machine's normal, where it has one. */
  said: string;
  mine: string;
  /** The dial ends before it: this is as near as it gets. */
  isNearest?: true;
}

/** A pressure in words: the mark of one machine is no mark of another. */
function pressureSaid(share: number): string {
  if (share === 0.5) return 'normal';
  if (share < 0.1) return 'lightest';
  if (share > 0.9) return 'heaviest';
  return share < 0.5 ? 'lighter than normal' : 'heavier than normal';
}

/** Further off than this from the dial's own steps, the card asks for more than the dial has: steps. */
const HALF_A_STEP = 0.5;

/**
 * A card's setting as one's own machine shows it.
 *
 * @param card - of any machine
 * @param machine - one's own
 * @returns a row for each reading, in the order they are set
 * @example a tension one step above normal reads 5 on a dial whose normal is 4
 */
export function cardOnMine({ setup }: Pick<Card, 'setup'>, machine: Machine): ReadingOnMine[] {
  const mine = settingReadings(machine, setup);
  const offset = machine.offsets?.tensionSteps ?? 0;
  const reached = tensionReading(machine, setup.tensionSteps) - machine.tensionDial.normal - offset;
  return READINGS.filter((reading) => reading !== 'position' || setup.needlePositionMm !== 0).map((reading) => {
    const said =
      reading === 'tension'
        ? tensionLine(setup.tensionSteps)
        : reading === 'pressure'
          ? pressureSaid(setup.pressure)
          : reading === 'stitch'
            ? STITCH[setup.stitch].name
            : reading === 'length'
              ? `${formatNumber(setup.lengthMm, 2)} mm`
              : mine[reading];
    const isNearest = reading === 'tension' && Math.abs(reached - setup.tensionSteps) > HALF_A_STEP;
    return { reading, name: READING_TEXT[reading], said, mine: mine[reading], ...(isNearest && { isNearest }) };
  });
}

/**
 * What a card's setting needs and one's own machine or box of feet has not.
 *
 * @returns sentences; none when all of it is there
 */
export function lackedFor(
  { setup }: Pick<Card, 'setup'>,
  machine: Machine,
  kit: Pick<Kit, 'feet' | 'plates'>,
): string[] {
  const foot = FOOT[setup.foot];
  const plate = PLATE[setup.plate];
  const owns = (own: readonly string[] | undefined | null, id: string) => !own || own.includes(id);
  const lacked: (string | false)[] = [
    !machine.stitches.includes(setup.stitch) &&
      `Your machine has no ${STITCH[setup.stitch].name.toLowerCase()} stitch.`,
    setup.lengthMm > machine.maxLengthMm &&
      `Your machine sews up to ${formatNumber(machine.maxLengthMm, 1)} mm long; this is ${formatNumber(setup.lengthMm, 1)} mm.`,
    setup.widthMm > machine.maxWidthMm &&
      `Your machine sews up to ${formatNumber(machine.maxWidthMm, 1)} mm wide; this is ${formatNumber(setup.widthMm, 1)} mm.`,
    !owns(machine.feet, setup.foot) && `No ${foot.name.toLowerCase()} foot fits your machine.`,
    owns(machine.feet, setup.foot) && !owns(kit.feet, setup.foot) && `You have no ${foot.name.toLowerCase()} foot.`,
    !machine.plates.includes(setup.plate) && `Your machine has no ${plate.name.toLowerCase()} plate.`,
  ];
  return lacked.filter((one) => one !== false);
}
