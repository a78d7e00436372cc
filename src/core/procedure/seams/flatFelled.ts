import { felledSeam } from '../../seam';
import { allowance, SEAM_LENGTH } from '../engine/asks';
import { BLADE, LONG, together } from '../engine/pieces';
import { box, drawnThick, type Scene } from '../engine/scene';
import type { Given, Numbers } from '../engine/types';
import { procedure, SEWN_SO } from '../engine/procedure';

/** A felled seam in section: the wide allowance folded round the trimmed one and stitched down. */
function felledDown({ band, trim, tuck, fromFold }: Numbers, { thicknessMm }: Given): Scene {
  const t = drawnThick(thicknessMm);
  return {
    label: 'In section: the wide allowance wraps the trimmed one',
    view: 'section',
    cloths: [
      // The one that is trimmed turns back over itself; the other wraps it and tucks its edge under.
      {
        points: [
          [band + 30, 0],
          [0.4 * t, 0],
          [0.4 * t, -1.1 * t],
          [trim, -1.1 * t],
        ],
        side: 'wrong',
        thickMm: t,
      },
      {
        points: [
          [-30, 0],
          [-1.6 * t, 0],
          [-0.8 * t, -3.3 * t],
          [band, -3.3 * t],
          [band, -2.2 * t],
          [band - tuck, -2.2 * t],
        ],
        side: 'right',
        thickMm: t,
      },
    ],
    lines: [
      {
        id: 'first',
        points: [
          [-0.2 * t, -2.4 * t],
          [-0.2 * t, 0.9 * t],
        ],
        role: 'stitch',
      },
      {
        id: 'second',
        points: [
          [band - fromFold, -4.1 * t],
          [band - fromFold, 0.9 * t],
        ],
        role: 'stitch',
      },
    ],
    dims: [
      { from: [0, -4.2 * t - 3], to: [band, -4.2 * t - 3], mm: band, name: 'band' },
      { from: [band - fromFold, t + 4], to: [band, t + 4], mm: fromFold },
    ],
  };
}

/** The felled band from above. */
function felledAbove({ band, fromFold }: Numbers): Scene {
  return {
    label: 'From above: two parallel rows',
    view: 'above',
    cloths: [{ points: box(0, 0, LONG, band + 34), side: 'right' }],
    lines: [
      {
        id: 'first',
        points: [
          [0, 16],
          [LONG, 16],
        ],
        role: 'stitch',
      },
      {
        points: [
          [0, 16 + band],
          [LONG, 16 + band],
        ],
        role: 'fold',
      },
      {
        id: 'second',
        points: [
          [0, 16 + band - fromFold],
          [LONG, 16 + band - fromFold],
        ],
        role: 'stitch',
      },
    ],
    dims: [
      { from: [LONG + 6, 16], to: [LONG + 6, 16 + band], mm: band },
      { from: [-7, 16 + band - fromFold], to: [-7, 16 + band], mm: fromFold },
    ],
  };
}

/** One allowance wrapped round the other and stitched down: the seam of jeans. */
export const FLAT_FELLED = procedure('flat-felled', {
  ...SEWN_SO,
  name: 'Flat-felled seam',
  group: 'seam',
  kind: 'join',
  rows: { top: { kind: 'topstitch', name: 'The topstitching', layers: 4 } },
  asks: [
    SEAM_LENGTH,
    allowance(16),
    { key: 'trim', label: 'Under allowance trimmed to', unit: 'mm', usual: 6, least: 3, most: 20 },
  ],
  work: ({ seam, allowance: allowanceMm, trim }, { thicknessMm }) => {
    const found = felledSeam({ allowanceMm, trimMm: trim, thicknessMm });
    if ('blocked' in found) return found;
    const { bandMm, tuckMm, topstitchFromFoldMm } = found;
    return {
      seam,
      allowance: allowanceMm,
      trim,
      band: bandMm,
      tuck: tuckMm,
      fromFold: topstitchFromFoldMm,
      apart: bandMm - topstitchFromFoldMm,
    };
  },
  views: {
    first: ({ allowance: a, trim }) => together(a, 'right', 'first', 'From above: the first pass', trim),
    section: felledDown,
    above: felledAbove,
  },
  ready: [
    'tried on already: you cannot let a felled seam out',
    'thread to match: both rows show',
    '[pins]',
    '[iron]',
    'scissors',
  ],
  steps: [
    {
      do: 'Wrong sides together, raw edges level. [hold]',
      check: 'Right sides face out, front and back.',
      view: 'first',
    },
    {
      do: 'Sew {allowance} from the raw edges.',
      check: 'Straight: this row shows.',
      view: 'first',
      now: ['first'],
      sews: 'seam',
    },
    {
      do: '[Press] it open, then both allowances to one side. Leave it until it is cold.',
      check: 'The seam lies flat, with no fold over it.',
      with: 'iron',
      view: 'first',
    },
    {
      do: 'Trim the under allowance to {trim}.',
      check: 'Only the under one is cut.',
      caution: BLADE,
      with: 'blade',
      view: 'first',
      now: ['trim'],
    },
    {
      do: 'Fold the wide allowance over it: {tuck} tucks under, and the band is {band} wide. [Press] it. [hold]',
      check: 'The tucked edge neither reaches past the seam nor stops short of the next row.',
      view: 'section',
    },
    {
      do: 'Topstitch {fromFold} from the fold, parallel to the first row.',
      check: 'The rows stay {apart} apart.',
      view: 'above',
      now: ['second'],
      sews: 'seam',
      row: 'top',
    },
  ],
  faults: ['hump-stall', 'skipped', 'wandering', 'loops-below'],
});
