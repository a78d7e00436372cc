import { BINDING_CLOTH } from '../engine/asks';
import { boundEdge } from '../../seam';
import { BLADE } from '../engine/pieces';
import { rowScene } from '../engine/rowScene';
import { drawnThick, type Scene } from '../engine/scene';
import type { Given, Numbers } from '../engine/types';
import { procedure, SEWN_SO } from '../engine/procedure';

/** The finished edge in section, wrapped. */
function wrapped({ show }: Numbers, { thicknessMm }: Given): Scene {
  const t = drawnThick(thicknessMm);
  return {
    label: 'In section: the edge lies inside the binding',
    view: 'section',
    cloths: [
      {
        points: [
          [show + 34, 0],
          [0, 0],
        ],
        side: 'right',
        thickMm: t,
      },
      {
        points: [
          [1, -1.1 * t],
          [show, -1.1 * t],
          [show, -1.8 * t],
          [-0.6 * t, -1.8 * t],
          [-1.6 * t, 0],
          [-0.6 * t, 1.8 * t],
          [show + 2, 1.8 * t],
          [show + 2, 1.1 * t],
          [1, 1.1 * t],
        ],
        side: 'right',
        thickMm: 0.5 * t,
      },
    ],
    lines: [
      {
        id: 'on',
        points: [
          [show - 0.6, -2.2 * t],
          [show - 0.6, 0.7 * t],
        ],
        role: 'stitch',
      },
      {
        id: 'last',
        points: [
          [show + 0.7, -2.4 * t],
          [show + 0.7, 2.6 * t],
        ],
        role: 'stitch',
      },
    ],
    dims: [{ from: [0, 2.8 * t + 7], to: [show, 2.8 * t + 7], mm: show, name: 'shows' }],
  };
}

/** A bias strip round an edge: armhole, quilt, apron. */
export const BIND_EDGE = procedure('bind-edge', {
  ...SEWN_SO,
  name: 'Binding an edge',
  group: 'band',
  kind: 'binding',
  asks: [
    { key: 'edge', label: 'Along the edge', unit: 'mm', usual: 1200, least: 30, most: 20000 },
    { key: 'show', label: 'Binding that shows', unit: 'mm', usual: 10, least: 4, most: 30 },
    BINDING_CLOTH,
    { key: 'layers', label: 'Layers of the edge', unit: 'count', usual: 2, least: 1, most: 6 },
    {
      key: 'double',
      label: 'The binding',
      unit: 'count',
      usual: 0,
      least: 0,
      most: 1,
      options: [
        [0, 'single, its edges turned under'],
        [1, 'double, folded in half first'],
      ],
    },
    { key: 'corners', label: 'Corners', unit: 'count', usual: 4, least: 0, most: 20 },
  ],
  work: ({ edge, show, binding, layers, double, corners }, { thicknessMm }) => {
    const found = boundEdge(show, binding, Math.round(layers) * thicknessMm, double === 1 ? 'double' : 'single');
    if ('blocked' in found) return found;
    const turns = Math.round(corners);
    return {
      edge,
      show,
      double,
      corners: turns,
      cut: found.cutMm,
      quarter: found.cutMm / 4,
      strip: edge + turns * 2 * show + 250,
      last: edge,
    };
  },
  views: {
    section: wrapped,
    above: ({ show }) =>
      rowScene({
        label: 'From above: the strip lies on the edge, right sides together',
        edge: 'raw',
        side: 'wrong',
        rows: [{ id: 'on', mm: show }],
      }),
  },
  ready: ['bias strips {cut} wide, {strip} altogether', '[pins]', '[iron]'],
  steps: [
    {
      do: 'Cut bias strips {cut} wide, join them on the slant to {strip}, [press] the joins open.',
      check: 'Straight edges can take a straight strip; curves need bias.',
      caution: BLADE,
      with: 'blade',
      view: 'section',
    },
    {
      do: '[Press] one long edge in by {quarter}.',
      check: 'The fold is straight.',
      with: 'iron',
      view: 'section',
      when: '!double',
    },
    {
      do: 'Fold the strip in half lengthwise, wrong sides together, and [press] it.',
      check: 'Raw edges level.',
      with: 'iron',
      view: 'section',
      when: 'double',
    },
    {
      do: 'Lay it on the edge, right sides together, starting on a straight stretch. [hold] Sew {show} from the edge.',
      check: 'Ease the strip round outside curves; stretch it a little round inside ones.',
      view: 'above',
      now: ['on'],
      sews: 'edge',
    },
    {
      do: 'At {corners:n} corners stop {show} before the corner, fold the strip up at 45°, then down level with the next edge, and carry on.',
      check: 'A triangle of fabric stands up at each corner.',
      view: 'above',
      now: ['on'],
      when: 'corners',
    },
    {
      do: 'Join the ends: lap them by the strip’s own width, sew at 45°, trim.',
      check: 'The strip lies flat, without a pleat.',
      caution: BLADE,
      with: 'blade',
      view: 'above',
    },
    {
      do: 'Wrap it round the edge and [press] it; the fold should sit about {2 mm} past the first stitching. [hold]',
      check: 'The binding is full right to its edge.',
      with: 'iron',
      view: 'section',
    },
    {
      do: 'From the right side sew in the ditch, or close to the fold, all {last}.',
      check: 'The back is caught all the way along.',
      view: 'section',
      now: ['last'],
      sews: 'last',
    },
  ],
  faults: ['wandering', 'uneven-layers', 'pucker-line', 'skipped'],
});
