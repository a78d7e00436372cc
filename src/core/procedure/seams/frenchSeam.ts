import { frenchSeam } from '../../seam';
import { allowance, SEAM_LENGTH } from '../engine/asks';
import { BLADE, together } from '../engine/pieces';
import { drawnThick, type Scene } from '../engine/scene';
import type { Given, Numbers } from '../engine/types';
import { procedure, SEWN_SO } from '../engine/procedure';

/** A French seam in section: the first seam shut up inside the second. */
function frenchShut({ second, trim }: Numbers, { thicknessMm }: Given): Scene {
  const t = drawnThick(thicknessMm);
  return {
    label: 'In section: the raw edges are enclosed by the second seam',
    view: 'section',
    cloths: [
      {
        points: [
          [second + 34, -t / 2],
          [0, -t / 2],
          [0, 0.1],
          [trim, 0.1],
        ],
        side: 'wrong',
        thickMm: t,
      },
      {
        points: [
          [second + 34, 2.4 * t],
          [0.2, 2.4 * t],
          [0.2, t + 0.3],
          [trim, t + 0.3],
        ],
        side: 'right',
        thickMm: t,
      },
    ],
    lines: [
      {
        id: 'second',
        points: [
          [second, -t],
          [second, 3 * t],
        ],
        role: 'stitch',
      },
      {
        id: 'first',
        points: [
          [0.4, 0],
          [0.4, 1.4 * t],
        ],
        role: 'stitch',
      },
    ],
    dims: [
      { from: [0, 3.4 * t + 4], to: [second, 3.4 * t + 4], mm: second, name: 'second' },
      { from: [0, -t - 4], to: [trim, -t - 4], mm: trim, name: 'trimmed' },
    ],
  };
}

/** Two passes that shut the raw edges up: for fine cloth that frays. */
export const FRENCH = procedure('french', {
  ...SEWN_SO,
  name: 'French seam',
  group: 'seam',
  kind: 'join',
  main: { name: 'The first row' },
  rows: { second: { kind: 'join', name: 'The second row', layers: 4 } },
  asks: [
    SEAM_LENGTH,
    allowance(15),
    { key: 'trim', label: 'Trimmed after the first pass to', unit: 'mm', usual: 3, least: 1.5, most: 10 },
  ],
  work: ({ seam, allowance: allowanceMm, trim }, { thicknessMm }) => {
    const found = frenchSeam({ allowanceMm, trimMm: trim, thicknessMm });
    return 'blocked' in found
      ? found
      : { seam, allowance: allowanceMm, trim, first: found.firstMm, second: found.secondMm };
  },
  views: {
    first: ({ first, trim }) => together(first, 'right', 'first', 'From above: the first pass', trim),
    second: ({ second }) => together(second, 'wrong', 'second', 'From above: the second pass'),
    section: frenchShut,
  },
  ready: ['tried on already: you cannot let a French seam out', '[pins]', 'sharp scissors', '[iron]'],
  steps: [
    {
      do: 'Wrong sides together, raw edges level. [hold]',
      check: 'Right sides face out, front and back.',
      view: 'first',
    },
    {
      do: 'Sew {first} from the raw edge.',
      check: 'The row stays an even distance from the edge to the end.',
      view: 'first',
      now: ['first'],
      sews: 'seam',
    },
    {
      do: '[Press] it flat, then trim both allowances to {trim}.',
      check: 'No yarn is longer than {trim}.',
      caution: BLADE,
      with: 'blade',
      view: 'first',
      now: ['trim'],
    },
    {
      do: 'Turn it right sides together and [press] the seam right out to the edge.',
      check: 'The first row is on the fold.',
      with: 'iron',
      view: 'second',
    },
    {
      do: 'Sew {second} from the fold: {first} and {second} make up the pattern’s {allowance}.',
      check: 'No frayed yarns poke out on the right side.',
      view: 'second',
      now: ['second'],
      sews: 'seam',
      row: 'second',
    },
    {
      do: '[Press] it to one side, towards the darker or less sheer fabric.',
      check: 'Flat and even, raw edges enclosed.',
      view: 'section',
      now: ['first', 'second'],
    },
  ],
  adds: [[['first', 'second'], 'allowance']],
  faults: ['pucker-line', 'slippage', 'chewed', 'skipped'],
});
