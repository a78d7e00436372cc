import { mm } from '../../units';
import { cannot } from '../../seam';
import { HAND_NEEDLE, HAND_TAIL_MM } from '../byHand/handSewing';
import { BLADE } from '../engine/pieces';
import { procedure, SEWN_SO } from '../engine/procedure';
import { box, line, type Scene } from '../engine/scene';
import type { Numbers } from '../engine/types';

/** Zip left below its new stop, mm (common practice). */
const LEFT_MM = 25;
/** Times round the coil for a stop sewn by hand. */
const TURNS = 8;

/** The end of the zip: the new stop, and where it is cut off. */
function ends({ wanted, off, left, teeth }: Numbers): Scene {
  const shown = 60;
  const [stop, cut] = [shown, shown + left];
  return {
    label:
      teeth > 0
        ? 'The top of the zip: teeth pulled out above the new stop'
        : 'The end of the zip: the new stop, and the cut below it',
    view: 'above',
    cloths: [{ points: box(-16, 0, 32, cut + 40), side: 'right' }],
    lines: [
      line('zip', [0, 0], [0, teeth > 0 ? stop : cut + 30]),
      line('stop', [-5, stop], [5, stop], 'stop'),
      line('cut', [-22, cut], [22, cut], 'cut'),
    ],
    dims: [
      { from: [30, stop], to: [30, cut], mm: left, name: 'left' },
      { from: [-30, 0], to: [-30, stop], mm: wanted, name: 'zip, not drawn full length' },
      { from: [-30, stop], to: [-30, cut + 40], mm: off, name: 'too long' },
    ],
  };
}

/** A zip that was bought too long. */
export const ZIP_SHORTEN = procedure('zip-shorten', {
  ...SEWN_SO,
  name: 'Shortening a zip',
  group: 'prepare',
  kind: 'baste',
  asks: [
    { key: 'bought', label: 'Zip as bought, stop to stop', unit: 'mm', usual: 250, least: 50, most: 3000 },
    { key: 'wanted', label: 'Length wanted', unit: 'mm', usual: 200, least: 40, most: 3000 },
    {
      key: 'teeth',
      label: 'The teeth',
      unit: 'count',
      usual: 0,
      least: 0,
      most: 1,
      options: [
        [0, 'a coil: shortened from the bottom'],
        [1, 'metal or moulded: shortened from the top'],
      ],
    },
  ],
  work: ({ bought, wanted, teeth }) =>
    wanted >= bought
      ? cannot(
          'seam.zip-short',
          `The zip is ${mm(bought)} long and you want ${mm(wanted)}: there is nothing to take off.`,
          bought,
          wanted,
        )
      : {
          bought,
          wanted,
          off: bought - wanted,
          teeth,
          left: LEFT_MM,
          turns: TURNS,
          thread: TURNS * 20 + 2 * HAND_TAIL_MM,
        },
  views: { above: ends },
  ready: ['a tape measure', 'strong thread and a needle', 'small pliers and a new top stop, for metal teeth'],
  steps: [
    {
      do: 'Close the zip. Measure {wanted} from the top stop and mark it on both tapes.',
      check: '{off} is below the mark.',
      view: 'above',
      when: '!teeth',
    },
    {
      do: 'Sew over the coil at the mark by hand, {turns:n} times round, each in the same place. On the machine only by turning the handwheel, with a zigzag as wide as the coil.',
      check: 'The pull stops there.',
      caution: HAND_NEEDLE,
      view: 'above',
      now: ['stop'],
      handThread: 'thread',
      when: '!teeth',
    },
    {
      do: 'Cut the zip off {left} below the new stop.',
      check: 'The new stop is intact.',
      caution: BLADE,
      with: 'blade',
      view: 'above',
      now: ['cut'],
      when: '!teeth',
    },
    {
      do: 'Open the zip half-way. Measure {wanted} up from the bottom stop and mark it on both tapes.',
      check: 'Both marks are level.',
      view: 'above',
      when: 'teeth',
    },
    {
      do: 'With pliers pull out the teeth above the mark, one by one, over the top allowance and a little more. Never sew across metal teeth.',
      check: 'The tape is not torn.',
      caution: 'Wear glasses: teeth fly.',
      view: 'above',
      when: 'teeth',
    },
    {
      do: 'Squeeze new top stops onto both tapes with the pliers, right above the last tooth, and cut the tape {left} above them.',
      check: 'The pull stops at both.',
      caution: BLADE,
      view: 'above',
      now: ['stop', 'cut'],
      when: 'teeth',
    },
  ],
  adds: [[['wanted', 'off'], 'bought']],
  faults: ['needle-broke'],
});
