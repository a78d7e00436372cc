import { pinInterval } from '../../seam';
import { allowance, SEAM_LENGTH } from '../engine/asks';
import { LONG } from '../engine/pieces';
import { box, type Scene } from '../engine/scene';
import type { Numbers } from '../engine/types';
import { procedure, SEWN_SO } from '../engine/procedure';

const PINS_SHOWN = 3;
const MOST_BETWEEN = 12;

/** Two pieces whose stripes meet at the seam, a pin at each stripe that is held. */
function stripes({ repeat, every, allowance: a }: Numbers): Scene {
  const held = Math.max(1, Math.round(every / repeat));
  // Three pins and the stripes between them are shown, however far apart; of very many stripes only those with pins.
  const count = held > MOST_BETWEEN ? PINS_SHOWN : (PINS_SHOWN - 1) * held + 1;
  const between = held > MOST_BETWEEN ? 1 : held;
  const at = Array.from({ length: count }, (_, i) => 10 + (i * (LONG - 20)) / (count - 1));
  return {
    label: 'From above: a pin on every stripe that you match',
    view: 'above',
    cloths: [{ points: box(0, 0, LONG, a + 40), side: 'wrong' }],
    lines: [
      {
        points: [
          [0, 0],
          [LONG, 0],
        ],
        role: 'raw',
      },
      ...at.map((x) => ({
        points: [
          [x, 0],
          [x, a + 40],
        ] as const,
        role: 'stripe' as const,
      })),
      ...at
        .filter((_, i) => i % between === 0)
        .map((x) => ({
          id: 'pins',
          points: [
            [x, a - 7],
            [x, a + 9],
          ] as const,
          role: 'stop' as const,
        })),
      {
        id: 'seam',
        points: [
          [0, a],
          [LONG, a],
        ],
        role: 'stitch',
      },
    ],
    dims: [
      { from: [LONG + 7, 0], to: [LONG + 7, a], mm: a },
      { from: [10, -7], to: [10 + (LONG - 20) / (PINS_SHOWN - 1), -7], mm: every },
    ],
  };
}

/** A seam across stripes or checks that must meet. */
export const STRIPE_MATCH = procedure('stripe-match', {
  ...SEWN_SO,
  name: 'Matching stripes',
  group: 'strips',
  kind: 'join',
  asks: [
    SEAM_LENGTH,
    allowance(15),
    { key: 'repeat', label: 'From stripe to stripe', unit: 'mm', usual: 20, least: 2, most: 400 },
    { key: 'off', label: 'A stripe may be off by', unit: 'mm', usual: 0.5, least: 0.2, most: 5 },
    {
      key: 'shift',
      label: 'Over {300 mm} your top layer ends behind by',
      unit: 'mm',
      usual: (given) => Math.round(given.shiftMm * 10) / 10,
      least: 0,
      most: 20,
      help: 'estimated, or as measured in Workroom, Feed',
    },
  ],
  work: ({ seam, allowance: a, repeat, off, shift }) => {
    const wanted = pinInterval(shift, off);
    // A pin sits on a stripe: as many whole repeats as stay within the interval, one at least.
    const every = Math.max(1, Math.floor(wanted / repeat)) * repeat;
    return {
      seam,
      allowance: a,
      repeat,
      off,
      shift,
      wanted,
      every,
      pins: Math.floor(seam / every) + 1,
      creep: (shift * seam) / 300,
    };
  },
  views: { above: stripes },
  ready: ['walking foot', '[pins], counted: {pins:n}', '[iron]', 'slightly less pressure'],
  steps: [
    {
      do: 'Right sides together. Lay each stripe of the top layer on the same stripe underneath and [pin] it there, every {every}: {pins:n} times.',
      check: 'Fold the edge back at each one: the stripes meet to within {off}.',
      view: 'above',
      now: ['pins'],
    },
    {
      do: 'Sew {allowance} from the edge with a walking foot, slowly.',
      check: 'Not held like this, the layers would creep {creep} over this seam.',
      view: 'above',
      now: ['seam'],
      sews: 'seam',
      machine: { foot: 'walking' },
    },
    {
      do: 'Look along the seam before you open it; count [the pins]: {pins:n}.',
      check: 'No stripe is off by more than {off}. If one is, unpick only as far as the stripes beside it.',
      view: 'above',
      now: ['seam'],
    },
    {
      do: '[Press] it open.',
      check: 'The stripes run through.',
      with: 'iron',
      view: 'above',
      now: ['seam'],
    },
  ],
  faults: ['uneven-layers', 'wavy', 'marks'],
});
