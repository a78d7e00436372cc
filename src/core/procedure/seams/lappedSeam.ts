import { mm } from '../../units';
import { cannot } from '../../seam';
import { allowance, SEAM_LENGTH } from '../engine/asks';
import { BLADE } from '../engine/pieces';
import { rowScene } from '../engine/rowScene';
import { drawnThick, type Scene } from '../engine/scene';
import type { Given, Numbers } from '../engine/types';
import { procedure, SEWN_SO } from '../engine/procedure';

/** One raw edge on the other in section, a row near each edge. */
function lapped({ lap, from }: Numbers, { thicknessMm }: Given): Scene {
  const t = drawnThick(thicknessMm);
  return {
    label: 'In section: one raw edge lies on the other',
    view: 'section',
    cloths: [
      {
        points: [
          [0, 0],
          [lap + 34, 0],
        ],
        side: 'right',
        thickMm: t,
      },
      {
        points: [
          [-34, 1.2 * t],
          [lap, 1.2 * t],
        ],
        side: 'right',
        thickMm: t,
      },
    ],
    lines: [from, lap - from].map((x, i) => ({
      id: i === 0 ? 'first' : 'second',
      points: [
        [x, -1.4 * t],
        [x, 2.6 * t],
      ] as const,
      role: 'stitch' as const,
    })),
    dims: [{ from: [0, 2.8 * t + 6], to: [lap, 2.8 * t + 6], mm: lap, name: 'lap' }],
  };
}

/** Raw edges lapped: for cloth that does not fray and is too thick to fold. */
export const LAPPED_RAW = procedure('lapped-raw', {
  ...SEWN_SO,
  name: 'Lapped seam, raw edges',
  group: 'seam',
  kind: 'join',
  asks: [
    SEAM_LENGTH,
    allowance(15),
    { key: 'lap', label: 'Overlap', unit: 'mm', usual: 12, least: 5, most: 40 },
    { key: 'from', label: 'Rows from the raw edges', unit: 'mm', usual: 2, least: 1, most: 8 },
  ],
  work: ({ seam, allowance: a, lap, from }) => {
    if (lap > 2 * a) {
      const text = `An overlap of ${mm(lap)} takes ${mm(lap / 2)} from each piece, and the allowance is ${mm(a)}: overlap ${mm(2 * a)} or less.`;
      return cannot('seam.lap-over-allowance', text, 2 * a, lap);
    }
    if (lap < 2 * from + 2) {
      const text = `Rows ${mm(from)} from both edges do not fit an overlap of ${mm(lap)}: overlap ${mm(2 * from + 2)}, or sew closer to the edges.`;
      return cannot('seam.lap-no-room', text, 2 * from + 2, lap);
    }
    return { seam, allowance: a, lap, from, half: lap / 2, trim: a - lap / 2, between: lap - 2 * from };
  },
  views: {
    section: lapped,
    above: ({ lap, from }) =>
      rowScene({
        label: 'From above, right side up: the upper raw edge',
        edge: 'raw',
        side: 'right',
        rows: [
          { id: 'first', mm: from },
          { id: 'second', mm: lap - from },
        ],
      }),
  },
  ready: ['edges cut clean, in one stroke', '[pins]'],
  steps: [
    {
      do: 'Trim {trim} off both seam allowances: {half} is left beyond each seam line.',
      check: 'Both edges are clean and straight.',
      caution: BLADE,
      with: 'blade',
      view: 'section',
    },
    {
      do: 'Lay one on the other, both right side up, overlapping {lap}. [hold]',
      check: 'The seam lines match.',
      view: 'section',
    },
    {
      do: 'First row, {from} from the upper raw edge, all {seam}.',
      check: 'It runs parallel to the edge.',
      view: 'above',
      now: ['first'],
      sews: 'seam',
    },
    {
      do: 'Second row, {between} from the first: it catches the raw edge underneath.',
      check: 'On the wrong side the edge is caught all along.',
      view: 'above',
      now: ['second'],
      sews: 'seam',
    },
  ],
  adds: [[['half', 'trim'], 'allowance']],
  faults: ['perforated', 'wandering', 'uneven-layers', 'skipped'],
});
