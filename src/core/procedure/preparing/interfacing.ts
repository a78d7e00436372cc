import { BLADE } from '../engine/pieces';
import { procedure, SEWN_SO } from '../engine/procedure';
import { box, type Scene } from '../engine/scene';
import type { Numbers } from '../engine/types';

/** The piece, wrong side up, with interfacing inside its seam lines. */
function laidOn({ inside }: Numbers): Scene {
  const [long, wide] = [150, 70];
  return {
    label: 'The piece, wrong side up: interfacing inside the seam lines',
    view: 'above',
    cloths: [{ points: box(0, 0, long, wide), side: 'wrong' }],
    lines: [
      {
        points: [...box(inside, inside, long - 2 * inside, wide - 2 * inside), [inside, inside]],
        role: 'tape',
        id: 'interfacing',
      },
    ],
    dims: [{ from: [0, wide + 8], to: [inside, wide + 8], mm: inside, name: 'left free at the edge' }],
  };
}

/** Interfacing or stay tape: afterwards the fabric is another one. */
export const INTERFACING = procedure('interfacing', {
  ...SEWN_SO,
  name: 'Interfacing or stay tape',
  group: 'prepare',
  kind: 'baste',
  asks: [
    {
      key: 'inside',
      label: 'Left free at the edges',
      unit: 'mm',
      usual: 12,
      least: 0,
      most: 30,
      help: 'cut it short of the seam lines, so that the seams stay thin',
    },
  ],
  work: ({ inside }) => ({ inside }),
  views: { above: laidOn },
  ready: ['interfacing [fixable]', '[iron]', 'a scrap of the same fabric, a hand long'],
  steps: [
    {
      do: 'On a scrap first: put interfacing on half of it and [fasten]. [If cold]',
      check: 'It holds at the corner, does not bubble, and does not show through.',
      with: 'iron',
      view: 'above',
    },
    {
      do: 'Cut the interfacing {inside} smaller all round. Cut stay tape as long as the pattern’s edge, not the fabric’s.',
      check: 'The tape is exactly as long as the pattern.',
      caution: BLADE,
      with: 'blade',
      view: 'above',
    },
    {
      do: 'Lay it on the wrong side and [fasten], from one end to the other.',
      check: 'No edge lifts, and the piece has kept its length.',
      with: 'iron',
      view: 'above',
      now: ['interfacing'],
    },
    {
      do: 'Leave it lying flat until it is cold.',
      check: 'No corner lifts.',
      view: 'above',
    },
    {
      do: 'From here on this is a different fabric: thicker, and without stretch. Find its settings in Match as that, and test it as that.',
      check: 'The piece still matches its pattern.',
      view: 'above',
    },
  ],
  faults: ['shine', 'marks'],
});
