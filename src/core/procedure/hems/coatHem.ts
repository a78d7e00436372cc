import { HAND_NEEDLE, HAND_TAIL_MM } from '../byHand/handSewing';
import { HEM_LENGTH } from '../engine/asks';
import type { Scene } from '../engine/scene';
import { type Given, MAIN_ROW, type Numbers } from '../engine/types';
import { procedure, SEWN_SO } from '../engine/procedure';
import { edgeFinished } from '../engine/rowScene';
import { rowSize } from '../engine/rowSize';
import { hemSection } from './hemSection';

/** The hem is caught so far below its own edge, which then does not print through (common practice). */
const BELOW_EDGE_MM = 6;
/** One catch stitch by hand (common practice). */
const CATCH_MM = 8;
/** Thread a catch stitch takes of what it goes forward: there, across and back (model). */
const CATCH_SHARE = 2.6;

const section = ({ hem, caughtAt }: Numbers, { thicknessMm }: Given): Scene =>
  hemSection({
    label: 'In section: turned once, caught below its edge',
    hem,
    turn: 0,
    thicknessMm,
    row: { mm: caughtAt, id: 'caught' },
  });

/** Pile and coat-weight cloth: turned once and caught so that nothing shows. */
export const COAT_HEM = procedure('coat-hem', {
  ...SEWN_SO,
  name: 'Hem for coats and pile, caught invisibly',
  group: 'hem',
  kind: 'blind-hem',
  main: { name: 'The blind stitch', stitches: ['blind', 'stretch-blind'] },
  rows: { finish: { kind: 'edge-finish', name: 'The edge', layers: 1 } },
  asks: [
    HEM_LENGTH,
    { key: 'hem', label: 'Hem allowance', unit: 'mm', usual: 40, least: 20, most: 120 },
    {
      key: 'machine',
      label: 'How it is caught',
      unit: 'count',
      usual: 0,
      least: 0,
      most: 1,
      options: [
        [0, 'by hand, with a catch stitch'],
        [1, 'by machine, with a blind stitch'],
      ],
      help: 'by hand nothing shows, whatever the fabric',
    },
  ],
  work: ({ round, hem, machine }, given) => {
    const caughtAt = hem - BELOW_EDGE_MM;
    return {
      round,
      hem,
      machine,
      below: BELOW_EDGE_MM,
      caughtAt,
      catches: Math.ceil(round / CATCH_MM),
      each: CATCH_MM,
      thread: round * CATCH_SHARE + 2 * HAND_TAIL_MM,
      stitch: rowSize(given, MAIN_ROW, { stitch: 'blind', lengthMm: 2, widthMm: 2.5 }).lengthMm,
      swing: rowSize(given, MAIN_ROW, { stitch: 'blind', lengthMm: 2, widthMm: 2.5 }).widthMm,
    };
  },
  views: { section, edge: edgeFinished },
  ready: ['[pins]', '[iron]', 'a fine needle and a matching thread', 'bias strip or hem tape, where the edge is thick'],
  steps: [
    {
      do: 'Finish the raw edge flat, with a row over it or a bias strip round it. Do not turn it in.',
      check: 'The edge is no thicker than before.',
      view: 'edge',
      now: ['finish'],
      sews: 'round',
      row: 'finish',
    },
    {
      do: 'Turn up {hem} once and [press] the fold only, from the wrong side. [hold]',
      check: 'The edge does not show through, and the fold is soft.',
      with: 'iron',
      view: 'section',
    },
    {
      do: 'Fold the edge of the hem back by {below} and catch it by hand, from left to right: one thread of the garment, then the hem, one stitch every {each}: {catches:n} stitches, {thread} of thread. Leave them loose.',
      check: 'Nothing shows on the right side, not even a dimple.',
      caution: HAND_NEEDLE,
      view: 'section',
      now: ['caught'],
      handThread: 'thread',
      when: '!machine',
    },
    {
      do: 'Fold the garment back so that {below} of the edge sticks out. Sew on the edge, so that each side stitch catches one thread of the fold.',
      check: 'On the right side only dots show, or nothing.',
      caution: 'Turn the handwheel through one whole repeat: the needle must clear the foot’s guide.',
      view: 'section',
      now: ['caught'],
      sews: 'round',
      atMm: 'stitch',
      machine: { stitch: 'blind', widthMm: 'swing', foot: 'blind-hem' },
      when: 'machine',
    },
    {
      do: '[steam back]',
      check: 'The fold hangs softly, and nothing is shiny.',
      with: 'iron',
      view: 'section',
    },
  ],
  faults: ['marks', 'skipped', 'pucker-line'],
});
