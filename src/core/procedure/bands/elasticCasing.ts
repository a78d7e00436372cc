import { mm } from '../../units';
import { BODY, ELASTIC_SHARE, ELASTIC_WIDTH, garmentEdge } from '../engine/asks';
import { cannot } from '../../seam';
import { BLADE } from '../engine/pieces';
import { rowScene } from '../engine/rowScene';
import { drawnThick, type Scene } from '../engine/scene';
import type { Given, Numbers } from '../engine/types';
import { endsLapped } from './bandScene';
import { procedure, SEWN_SO } from '../engine/procedure';

/** The tunnel in section, the elastic lying in it. */
function section({ tunnel, elastic }: Numbers, { thicknessMm }: Given): Scene {
  const t = drawnThick(thicknessMm);
  return {
    label: 'In section: folded twice, the elastic in the tunnel',
    view: 'section',
    cloths: [
      {
        points: [
          [tunnel + 40, 0],
          [0, 0],
          [0, 3.6 * t],
          [tunnel + 2, 3.6 * t],
          [tunnel + 2, 2.4 * t],
          [tunnel - 4, 2.4 * t],
        ],
        side: 'right',
        thickMm: t,
      },
    ],
    lines: [
      {
        points: [
          [1.5, 1.5 * t],
          [1.5 + elastic, 1.5 * t],
        ],
        role: 'stop',
      },
      {
        id: 'row',
        points: [
          [tunnel, -1.2 * t],
          [tunnel, 4.8 * t],
        ],
        role: 'stitch',
      },
    ],
    dims: [
      { from: [0, 5 * t + 6], to: [tunnel, 5 * t + 6], mm: tunnel, name: 'tunnel' },
      { from: [1.5, -1.4 * t - 6], to: [1.5 + elastic, -1.4 * t - 6], mm: elastic, name: 'elastic' },
    ],
  };
}

/** Elastic in a tunnel of its own cloth. */
export const ELASTIC_CASING = procedure('elastic-casing', {
  ...SEWN_SO,
  name: 'Elastic in a casing',
  group: 'band',
  kind: 'casing',
  main: { name: 'The casing' },
  rows: { ring: { kind: 'reinforce', name: 'The join of the elastic' } },
  asks: [BODY, garmentEdge(1000), ELASTIC_WIDTH, ELASTIC_SHARE],
  work: ({ girth, round, elastic, share }) => {
    const length = (girth * share) / 100;
    if (round < girth) {
      const text = `The edge is ${mm(round)} round and has to pass ${mm(girth)}, and a casing does not stretch. Cut the edge wider, or leave an opening.`;
      return cannot('seam.casing-girth', text, girth, round);
    }
    const tunnel = elastic + 3;
    return {
      girth,
      round,
      elastic,
      tunnel,
      fold: tunnel + 6,
      overlap: 20,
      cut: length + 20,
      length,
      gap: 40,
      sewn: round - 40,
      cross: 2 * elastic + 40,
    };
  },
  views: {
    section,
    ends: endsLapped,
    above: ({ tunnel, fold }) =>
      rowScene({
        label: 'From above, wrong side up: the fold is the upper edge',
        edge: 'fold',
        side: 'wrong',
        rows: [
          { id: 'row', mm: tunnel },
          { mm: fold, role: 'raw', name: 'turned under' },
        ],
      }),
  },
  ready: ['elastic', 'a bodkin', '[pins]', '[iron]'],
  steps: [
    {
      do: 'Fold the edge under by {6 mm}, then {tunnel} to the wrong side. [Press] it. [hold]',
      check: 'The tunnel is even.',
      with: 'iron',
      view: 'section',
    },
    {
      do: 'Sew {tunnel} from the fold, leaving a gap of {gap}.',
      check: 'The elastic moves freely: it has {3 mm} to spare.',
      view: 'above',
      now: ['row'],
      sews: 'sewn',
    },
    {
      do: 'Cut the elastic {cut}; pull it through without twisting it.',
      check: 'Both ends hang out.',
      caution: BLADE,
      with: 'blade',
      view: 'section',
    },
    {
      do: 'Overlap the ends by {overlap} and sew a square with a cross.',
      check: 'Pull it hard: it holds.',
      view: 'ends',
      now: ['ring'],
      sews: 'cross',
      row: 'ring',
    },
    {
      do: 'Close the gap, stretching the edge a little.',
      check: 'Only the casing is caught.',
      view: 'above',
      now: ['row'],
      sews: 'gap',
    },
  ],
  faults: ['skipped', 'wandering', 'pucker-line'],
});
