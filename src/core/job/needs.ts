import { FIBRE, FOOT, type Needle, needleName, PLATE, type Thread, threadName } from '../kit';
import type { Setup } from '../setup';
import { STITCH } from '../stitch';
import type { Needs } from './order';

/**
 * What a setting wants on the machine, for the order of work: each part by its id, never by what a screen calls it.
 *
 * @param setup - the setting; null wants nothing
 * @param colours - what colour stands on the spool and in the bobbin
 * @returns needs with everything in it
 */
export function needsOf(setup: Setup | null, colours: { needle: string; bobbin: string }): Needs {
  if (!setup) return {};
  const { needle, foot, footSide, plate, stitch, lengthMm, widthMm, tensionSteps, pressure } = setup;
  return {
    needle,
    thread: spoolId(setup.thread, colours.needle),
    bobbin: spoolId(setup.bobbin ?? setup.thread, colours.bobbin),
    foot: footSide ? `${foot}:${footSide}` : foot,
    plate,
    stitch,
    lengthMm,
    widthMm,
    tensionSteps,
    pressure,
  };
}

/**
 * The id of a thread in a colour: spools that sew alike have the same one.
 *
 * @example
 * spoolId({ fibre: 'polyester', tex: 40 }, ' Ochre') // => 'polyester:40:ochre'
 */
export const spoolId = ({ fibre, tex }: Pick<Thread, 'fibre' | 'tex'>, colour: string): string =>
  `${fibre}:${tex}:${colour.trim().toLowerCase()}`;

const nameIn = (table: object, id: string): string | undefined =>
  Object.hasOwn(table, id) ? (table as Record<string, { name: string }>)[id].name : undefined;

/** How each part is called; what is not one of our ids is called as it stands. */
const SAY: Readonly<Record<string, (id: string) => string | undefined>> = {
  thread: sayThread,
  bobbin: sayThread,
  foot: (id) => {
    const [foot, side] = id.split(':');
    const name = nameIn(FOOT, foot);
    return name && side ? `${name}, ${side}` : name;
  },
  plate: (id) => nameIn(PLATE, id),
  stitch: (id) => nameIn(STITCH, id),
};

function sayThread(id: string): string | undefined {
  const [fibre, tex, ...colour] = id.split(':');
  if (!Object.hasOwn(FIBRE, fibre) || !(Number(tex) > 0)) return undefined;
  const name = threadName({ fibre, tex: Number(tex) } as Thread);
  return colour.join(':') === '' ? name : `${name}, ${colour.join(':')}`;
}

/**
 * What a part of the machine becomes, in words.
 *
 * @param part - which part
 * @param value - its id, a needle, or a number
 * @example
 * sayNeed('needle', { point: 'jeans', nm: 100 }) // => 'Jeans 100/16'
 * sayNeed('foot', 'zip:left') // => 'Zip, left'
 */
export function sayNeed(part: string, value: unknown): string {
  if (typeof value === 'string') return SAY[part]?.(value) ?? value;
  if (typeof value !== 'object' || value === null) return String(value);
  if ('nm' in value) return needleName(value as Needle);
  return 'tex' in value ? threadName(value as Thread) : String(value);
}
