import { idsOf, type Origin, tableOf } from '../result';

/** What layers are held with until they are sewn, in words for "hold with …". */
export const HOLD_TEXT = {
  pins: 'pins',
  'ballpoint-pins': 'ballpoint pins',
  'silk-pins-in-allowance': 'silk pins inside the allowance',
  clips: 'clips',
  weights: 'weights',
  baste: 'tacking',
  glue: 'a line of fabric glue',
  tape: 'tape',
} as const;
export const HOLDS = idsOf(HOLD_TEXT);
export type Hold = (typeof HOLDS)[number];

/** A kind of pin, or what is used in place of one. */
interface PinRow {
  name: string;
  /** As it is asked for: "strong pins". */
  many: string;
  plain: string;
  /** Ways of holding that it serves. */
  holds: readonly Hold[];
}

const PINS_KEPT: Origin = { provenance: 'common-practice', source: 'Kinds of pin and what each is for.' };

/** What holds layers together until they are sewn, by ids; of those that serve one way of holding, the usual one first. */
export const PIN = tableOf<PinRow>()({
  standard: {
    ...PINS_KEPT,
    name: 'Dressmaking pins',
    many: 'pins',
    plain: 'for most woven fabric',
    holds: ['pins'],
  },
  'glass-head': {
    ...PINS_KEPT,
    name: 'Long pins with big heads',
    many: 'long, big-headed pins',
    plain: 'for loose, thick and quilted layers; glass heads take the iron, plastic ones melt',
    holds: ['pins'],
  },
  strong: {
    ...PINS_KEPT,
    name: 'Strong pins',
    many: 'strong pins',
    plain: 'for denim and canvas, where thin ones bend',
    holds: ['pins'],
  },
  silk: {
    ...PINS_KEPT,
    name: 'Silk pins',
    many: 'silk pins',
    plain: 'fine and smooth: the only ones for silk and satin',
    holds: ['silk-pins-in-allowance', 'pins'],
  },
  ballpoint: {
    ...PINS_KEPT,
    name: 'Ballpoint pins',
    many: 'ballpoint pins',
    plain: 'for knits: they push the loops aside',
    holds: ['ballpoint-pins'],
  },
  clips: {
    ...PINS_KEPT,
    name: 'Clips',
    many: 'clips',
    plain: 'for thick layers, and where pin holes stay',
    holds: ['clips'],
  },
  weights: {
    ...PINS_KEPT,
    name: 'Pattern weights',
    many: 'weights',
    plain: 'for cutting with a rotary cutter',
    holds: ['weights'],
  },
});
export type Pins = keyof typeof PIN;
export const PINS = idsOf(PIN);

/** How layers are held: the ways to choose from, and which pins are meant where one of them says just "pins". */
export interface Held {
  hold: readonly Hold[];
  pins: Pins;
}

/** Basting holds anything, with what every workroom has. */
const ALWAYS: readonly Hold[] = ['baste'];

const kindsFor = (way: Hold): readonly Pins[] => PINS.filter((kind) => PIN[kind].holds.includes(way));

/**
 * How layers are held with what is owned.
 *
 * What nobody lists (glue, tape, a needle to baste with) is taken to be there. Where no way is left, it is basted by hand.
 *
 * @param wanted - the ways that suit the fabric, and the pins it would best take
 * @param owned - kinds that are owned; left out, everything may be chosen
 * @returns ways that can be done, the pins that are meant, and the kinds that would be better but are not owned
 * @example
 * holdOwned({ hold: ['silk-pins-in-allowance'], pins: 'standard' }, ['standard']) // => { hold: ['baste'], pins: 'standard', lacks: ['silk'] }
 * holdOwned({ hold: ['clips', 'pins'], pins: 'strong' }, ['standard']) // => { hold: ['pins'], pins: 'standard', lacks: [] }
 */
export function holdOwned({ hold, pins }: Held, owned: readonly Pins[] | undefined): Held & { lacks: Pins[] } {
  if (!owned) return { hold, pins, lacks: [] };
  const kept = hold.filter((way) => {
    const kinds = kindsFor(way);
    return kinds.length === 0 || kinds.some((kind) => owned.includes(kind));
  });
  const meant = owned.includes(pins) ? pins : (kindsFor('pins').find((kind) => owned.includes(kind)) ?? pins);
  if (kept.length > 0) return { hold: kept, pins: meant, lacks: [] };
  return { hold: ALWAYS, pins: meant, lacks: hold.flatMap((way) => kindsFor(way).slice(0, 1)) };
}

/**
 * A way of holding in words, with the pins that are meant.
 *
 * @example
 * holdText('pins', 'strong') // => 'strong pins'
 * holdText('clips', 'strong') // => 'clips'
 */
export const holdText = (way: Hold, pins: Pins): string => (way === 'pins' ? PIN[pins].many : HOLD_TEXT[way]);
