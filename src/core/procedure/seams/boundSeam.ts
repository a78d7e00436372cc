import { mm } from '../../units';
import { cannot } from '../../seam';
import { turnOfClothMm } from '../../seam';
import { allowance, BINDING_CLOTH, SEAM_LENGTH } from '../engine/asks';
import { BLADE } from '../engine/pieces';
import { rowScene } from '../engine/rowScene';
import { drawnThick, type Scene } from '../engine/scene';
import type { Given, Numbers } from '../engine/types';
import { procedure, SEWN_SO } from '../engine/procedure';

/** What reaches past the ditch underneath, so that the last row catches it, mm (common practice). */
const CAUGHT_MM = 5;

/** One allowance in section, its strip sewn on, wrapped round and caught in the ditch. */
function wrapped({ show, allowance: a }: Numbers, { thicknessMm }: Given): Scene {
  const t = drawnThick(thicknessMm);
  return {
    label: 'In section: the strip goes round the raw edge and is caught in the ditch',
    view: 'section',
    cloths: [
      {
        points: [
          [a + 24, 0],
          [0, 0],
        ],
        side: 'right',
        thickMm: t,
      },
      {
        points: [
          [1, -1.1 * t],
          [show, -1.1 * t],
          [show + 1, -1.9 * t],
          [0, -1.9 * t],
          [-1.4 * t, -0.6 * t],
          [-1.4 * t, 0.5 * t],
          [0, 1.2 * t],
          [show + CAUGHT_MM, 1.2 * t],
        ],
        side: 'wrong',
        thickMm: 0.45 * t,
      },
    ],
    lines: [
      {
        id: 'on',
        points: [
          [show - 0.8, -2.4 * t],
          [show - 0.8, 0.7 * t],
        ],
        role: 'stitch',
      },
      {
        id: 'ditch',
        points: [
          [show + 1.4, -2.6 * t],
          [show + 1.4, 2 * t],
        ],
        role: 'stitch',
      },
    ],
    dims: [{ from: [0, 2.2 * t + 8], to: [show, 2.2 * t + 8], mm: show, name: 'shows' }],
  };
}

/** Raw edges wrapped in bias strips: the finest inside for an unlined jacket. */
export const BOUND_SEAM = procedure('bound-seam', {
  ...SEWN_SO,
  name: 'Bound seam',
  group: 'seam',
  kind: 'join',
  rows: {
    on: { kind: 'binding', name: 'The binding' },
    ditch: { kind: 'ditch', name: 'The last row', layers: 3 },
  },
  asks: [
    SEAM_LENGTH,
    allowance(15),
    { key: 'show', label: 'Binding that shows', unit: 'mm', usual: 6, least: 3, most: 15 },
    BINDING_CLOTH,
    {
      key: 'each',
      label: 'Allowances',
      unit: 'count',
      usual: 1,
      least: 0,
      most: 1,
      options: [
        [1, 'each bound separately, pressed open'],
        [0, 'bound together, pressed to one side'],
      ],
    },
  ],
  work: ({ seam, allowance: a, show, binding, each }, { thicknessMm }) => {
    if (show + 3 > a) {
      const text = `A binding of ${mm(show)} leaves less than {3 mm} between it and the seam: show ${mm(a - 3)} or less, or cut the allowance ${mm(show + 3)} wide.`;
      return cannot('seam.binding-over-allowance', text, a - 3, show);
    }
    const layers = each === 1 ? 1 : 2;
    const round = layers * thicknessMm + turnOfClothMm(binding, 1);
    return {
      seam,
      allowance: a,
      show,
      each,
      cut: 2 * show + round + CAUGHT_MM,
      strip: (each === 1 ? 2 : 1) * (seam + 50),
      bound: (each === 1 ? 2 : 1) * seam,
      together: each === 1 ? 0 : 1,
    };
  },
  views: {
    above: ({ allowance: a, show }) =>
      rowScene({
        label: 'From above: the seam, and the binding on the raw edge',
        edge: 'raw',
        side: 'wrong',
        rows: [
          { id: 'seam', mm: a },
          { id: 'on', mm: show, name: 'binding' },
        ],
      }),
    section: wrapped,
  },
  ready: ['bias strips {cut} wide, {strip} altogether', '[pins]', '[iron]', 'a ditch foot, if you have one'],
  steps: [
    {
      do: 'Cut bias strips {cut} wide and join them to {strip}.',
      check: 'They stretch along their length.',
      caution: BLADE,
      with: 'blade',
      view: 'section',
    },
    {
      do: 'Sew the seam {allowance} from the raw edge, all {seam}.',
      check: 'The row stays an even distance from the edge.',
      view: 'above',
      now: ['seam'],
      sews: 'seam',
    },
    {
      do: '[Press] it flat, then open.',
      check: 'Both allowances lie flat.',
      with: 'iron',
      view: 'above',
      now: ['seam'],
      when: 'each',
    },
    {
      do: '[Press] it flat, then both to one side.',
      check: 'The raw edges are level.',
      with: 'iron',
      view: 'above',
      now: ['seam'],
      when: 'together',
    },
    {
      do: 'Lay a strip right side down on each raw edge and sew {show} from it, through the allowance only: {bound} altogether.',
      check: 'The garment is not caught.',
      view: 'above',
      now: ['on'],
      sews: 'bound',
      row: 'on',
    },
    {
      do: 'Wrap the strip round the raw edge and [press] it over.',
      check: 'It is full: the fold is not hollow.',
      with: 'iron',
      view: 'section',
    },
    {
      do: 'From above, sew in the ditch beside the strip: {bound} altogether.',
      check: 'The strip underneath is caught all along; it may stay raw.',
      view: 'section',
      now: ['ditch'],
      sews: 'bound',
      row: 'ditch',
    },
  ],
  faults: ['wandering', 'pucker-line', 'uneven-layers'],
});
