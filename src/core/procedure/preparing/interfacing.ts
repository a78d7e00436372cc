import { BLADE } from '../engine/pieces';
import { procedure, SEWN_SO } from '../engine/procedure';
import { box, line, type Scene } from '../engine/scene';
import type { Numbers } from '../engine/types';

/** The piece, wrong side up, with interfacing inside its seam lines, and where the iron is set down. */
function fused({ inside, places }: Numbers): Scene {
  const [long, wide] = [150, 70];
  const each = long / Math.min(places, 6);
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
      ...Array.from({ length: Math.min(places, 6) - 1 }, (_, i) =>
        line('mark', [(i + 1) * each, inside], [(i + 1) * each, wide - inside], 'press'),
      ),
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
    { key: 'long', label: 'Length of the piece', unit: 'mm', usual: 600, least: 20, most: 5000 },
    {
      key: 'inside',
      label: 'Left free at the edges',
      unit: 'mm',
      usual: 12,
      least: 0,
      most: 40,
      help: 'cut it short of the seam lines, so that the seams stay thin',
    },
    { key: 'sole', label: 'Length of your iron’s sole', unit: 'mm', usual: 200, least: 80, most: 400 },
  ],
  work: ({ long, inside, sole }) => ({ long, inside, sole, places: Math.max(1, Math.ceil(long / (sole * 0.8))) }),
  views: { above: fused },
  ready: ['interfacing [fixable]', '[iron]', 'a scrap of the same fabric, a hand long'],
  steps: [
    {
      do: 'On a scrap first: lay interfacing on half of it and [fasten]. Leave it until it is cold, then pull and fold it.',
      check: 'It holds at the corner, does not bubble, and does not show through.',
      with: 'iron',
      view: 'above',
    },
    {
      do: 'Cut the interfacing {inside} smaller all round. Cut stay tape as long as the pattern’s edge, not as the fabric’s.',
      check: 'The tape is as long as the paper says.',
      caution: BLADE,
      with: 'blade',
      view: 'above',
    },
    {
      do: 'Lay it on the wrong side, rough side down, and [fasten]: {places:n place|places} along the piece, each a little over the last.',
      check: 'No edge lifts.',
      with: 'iron',
      view: 'above',
      now: ['interfacing', 'press'],
    },
    {
      do: 'Leave it lying flat until it is cold.',
      check: 'Cold, it cannot be peeled off at a corner.',
      view: 'above',
    },
    {
      do: 'From here on this is another fabric: thicker, and without stretch. Ask Match for it as that, and test it as that.',
      check: 'The piece still matches its pattern.',
      view: 'above',
    },
  ],
  faults: ['shine', 'marks'],
});
