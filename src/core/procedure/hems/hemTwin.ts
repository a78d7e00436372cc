import { mm } from '../../units';
import { cannot } from '../../seam';
import { BLADE, LONG } from '../engine/pieces';
import { box, drawnThick, type Scene } from '../engine/scene';
import type { Given, Numbers } from '../engine/types';
import { procedure, SEWN_SO } from '../engine/procedure';

/** One fold in section, two rows through both layers. */
function section({ hem, gap, fromEdge }: Numbers, { thicknessMm }: Given): Scene {
  const t = drawnThick(thicknessMm);
  return {
    label: 'In section: one fold, two rows',
    view: 'section',
    cloths: [
      {
        points: [
          [hem + 42, 0],
          [0, 0],
          [0, 1.2 * t],
          [hem, 1.2 * t],
        ],
        side: 'right',
        thickMm: t,
      },
    ],
    lines: [
      {
        id: 'rows',
        points: [
          [hem - fromEdge, -t],
          [hem - fromEdge, 2.4 * t],
        ],
        role: 'stitch',
      },
      {
        id: 'rows',
        points: [
          [hem - fromEdge - gap, -t],
          [hem - fromEdge - gap, 2.4 * t],
        ],
        role: 'stitch',
      },
    ],
    dims: [
      { from: [0, 2.6 * t + 5], to: [hem, 2.6 * t + 5], mm: hem, name: 'hem' },
      { from: [hem - fromEdge - gap, -t - 4], to: [hem - fromEdge, -t - 4], mm: gap },
    ],
  };
}

/** The hem from the right side. */
function above({ hem, gap, fromEdge }: Numbers): Scene {
  const row = hem - fromEdge;
  return {
    label: 'From above, right side up',
    view: 'above',
    cloths: [{ points: box(0, 0, LONG, hem + 30), side: 'right' }],
    lines: [
      {
        points: [
          [0, 0],
          [LONG, 0],
        ],
        role: 'fold',
      },
      {
        points: [
          [0, hem],
          [LONG, hem],
        ],
        role: 'mark',
      },
      {
        id: 'rows',
        points: [
          [0, row - gap],
          [LONG, row - gap],
        ],
        role: 'stitch',
      },
      {
        id: 'rows',
        points: [
          [0, row],
          [LONG, row],
        ],
        role: 'stitch',
      },
    ],
    dims: [
      { from: [LONG + 6, 0], to: [LONG + 6, row - gap], mm: row - gap, name: 'from the fold' },
      { from: [-8, row - gap], to: [-8, row], mm: gap },
    ],
    texts: [{ at: [4, hem + 8], text: 'raw edge underneath' }],
  };
}

/** The hem of a knit: one fold, two needles, bobbin zigzag over the raw edge. */
export const HEM_TWIN = procedure('hem-twin', {
  ...SEWN_SO,
  name: 'Single-fold hem, twin needle',
  group: 'hem',
  kind: 'hem',
  main: { layers: 2 },
  needles: 'two',
  schools: () => ({ 'knit-hem': 'twin-tape' }),
  asks: [
    { key: 'round', label: 'Round the hem', unit: 'mm', usual: 1000, least: 50, most: 6000 },
    { key: 'hem', label: 'Hem allowance', unit: 'mm', usual: 22, least: 10, most: 60 },
    { key: 'gap', label: 'Between the two needles', unit: 'stitch-mm', usual: 2.5, least: 1.6, most: 6 },
  ],
  work: ({ round, hem, gap }) => {
    const fromEdge = 3;
    if (gap + fromEdge + 4 > hem) {
      const text = `Two rows ${mm(gap)} apart do not fit a ${mm(hem)} hem and catch its edge: cut the hem ${mm(gap + fromEdge + 4)} wide, or use a narrower twin needle.`;
      return cannot('seam.hem-narrow', text, gap + fromEdge + 4, hem);
    }
    return { round, hem, gap, fromEdge, fromFold: hem - fromEdge - gap, overlap: 15, sewn: round + 15 };
  },
  views: { section, above },
  ready: [
    '[needle]',
    '[pins]',
    'two spools, threaded separately',
    '[stretch tape], for a soft hem',
    'tape on the plate as a guide',
  ],
  steps: [
    {
      do: 'Fold {hem} to the wrong side and [press] it, on a soft knit with [stretch tape] in the fold. [hold]',
      check: 'The fold is even all round.',
      with: 'iron',
      view: 'section',
    },
    {
      do: 'Stick a guide of tape on the plate to the right of the foot, {fromFold} from the right needle: that one is beside the fold.',
      check: 'Turn the handwheel: both needles clear foot and plate.',
      caution:
        'Switch the machine off to change the needle. Two needles need a wide hole: never use the straight-stitch plate.',
      view: 'above',
    },
    {
      do: 'Right side up, fold along the guide: sew both rows, {round} round and {overlap} over the start.',
      check: 'Underneath, the raw edge is {fromEdge} past the left row all along, so it is not caught.',
      view: 'above',
      now: ['rows'],
      sews: 'sewn',
    },
    {
      do: '[ends] Trim the edge close to the left row.',
      check: 'Stretch the hem: nothing pops.',
      caution: BLADE,
      with: 'blade',
      view: 'section',
      now: ['rows'],
    },
    {
      do: '[steam back]',
      check: 'No ridge between the rows, no waves.',
      with: 'iron',
      view: 'above',
      now: ['rows'],
    },
  ],
  faults: ['tunnel', 'one-needle-missing', 'wavy', 'skipped'],
});
