import { mm } from '../../units';
import { cannot } from '../../seam';
import { humpOver, SOLE_MM } from '../../seam';

import { box, drawnThick, type Scene } from '../engine/scene';
import type { Given, Numbers } from '../engine/types';
import { procedure, SEWN_SO } from '../engine/procedure';

/** Twice folded, in section. */
function section({ fold, hem, fromFold }: Numbers, { thicknessMm }: Given): Scene {
  const t = drawnThick(thicknessMm);
  return {
    label: 'In section: folded twice',
    view: 'section',
    cloths: [
      {
        points: [
          [hem + 38, 0],
          [0, 0],
          [0, 2.4 * t],
          [hem, 2.4 * t],
          [hem, 1.2 * t],
          [hem - fold, 1.2 * t],
        ],
        side: 'right',
        thickMm: t,
      },
    ],
    lines: [
      {
        id: 'row',
        points: [
          [hem - fromFold, -t],
          [hem - fromFold, 3.6 * t],
        ],
        role: 'stitch',
      },
    ],
    dims: [
      { from: [0, 3.6 * t + 5], to: [hem, 3.6 * t + 5], mm: hem, name: 'hem' },
      { from: [hem - fold, -t - 4], to: [hem, -t - 4], mm: fold, name: 'turned in' },
    ],
  };
}

/** The foot over the side seam, level on its shim. */
function hump({ low, high, shim, sole }: Numbers, { thicknessMm, squash }: Given): Scene {
  const layer = thicknessMm * squash;
  const [below, above] = [low * layer, high * layer];
  return {
    label: 'From the side: the foot over the bulky seam, level on a shim',
    view: 'section',
    cloths: [
      {
        points: [
          [-40, -below / 2],
          [-4, -below / 2],
        ],
        side: 'right',
        thickMm: below,
      },
      {
        points: [
          [-4, -above / 2],
          [16, -above / 2],
        ],
        side: 'wrong',
        thickMm: above,
      },
      {
        points: [
          [16, -below / 2],
          [40, -below / 2],
        ],
        side: 'right',
        thickMm: below,
      },
    ],
    lines: [
      { id: 'shim', points: box(-4 - sole * 0.55, -above, sole * 0.5, shim), role: 'mark' },
      {
        id: 'foot',
        points: [
          [-4 - sole * 0.55, -above - 0.6],
          [-4 + sole * 0.45, -above - 0.6],
          [-4 + sole * 0.55, -above - 3],
        ],
        role: 'stop',
      },
    ],
    dims: [{ from: [47, -above], to: [47, -below], mm: shim, name: 'step' }],
  };
}

/** The hem of jeans: twice folded, with the side seams to climb. */
export const HEM_JEANS = procedure('hem-jeans', {
  ...SEWN_SO,
  name: 'Twice-folded hem over side seams',
  group: 'hem',
  kind: 'hem',
  main: { layers: 3 },
  asks: [
    { key: 'round', label: 'Round one leg', unit: 'mm', usual: 420, least: 50, most: 3000 },
    { key: 'hem', label: 'Finished hem', unit: 'mm', usual: 15, least: 8, most: 40 },
    {
      key: 'seamLayers',
      label: 'Layers in the side seam',
      unit: 'count',
      usual: 4,
      least: 2,
      most: 8,
      options: [
        [2, '2: pressed open'],
        [3, '3: mock-felled'],
        [4, '4: felled'],
        [6, '6: felled where two seams meet'],
      ],
    },
  ],
  work: ({ round, hem, seamLayers }, { thicknessMm, squash, footLiftMm, extraLiftMm }) => {
    const layers = Math.round(seamLayers);
    const found = humpOver({
      layerMm: thicknessMm,
      lowLayers: 3,
      highLayers: 3 * layers,
      soleMm: SOLE_MM,
      squash,
      liftMm: footLiftMm,
      extraLiftMm,
    });
    const lift = footLiftMm + extraLiftMm;
    if (found.shimMm > lift) {
      const text = `A shim of ${mm(found.shimMm)} is higher than the foot lifts (${mm(lift)}). Hammer the seam flat, grade it, or hem the side seams by hand.`;
      return cannot('seam.shim-over-lift', text, lift, found.shimMm);
    }
    return {
      round,
      hem,
      fold: hem - 3,
      cut: 2 * hem - 3,
      fromFold: 2,
      low: 3,
      mid: 2 * layers,
      high: 3 * layers,
      layers,
      shim: found.shimMm,
      folds: found.folds,
      tilt: found.tiltDeg,
      sole: 15,
      sewn: round + 15,
    };
  },
  views: { section, hump },
  ready: ['a shim: {folds:n} folds of the same fabric', '[pins]', '[iron]', 'hammer and board for the seams'],
  steps: [
    {
      do: 'Cut the hem allowance to {cut}. Turn in {fold}, then {hem}, and [press] it. [hold]',
      check: 'The fold runs straight across both seams.',
      with: 'iron',
      view: 'section',
    },
    {
      do: 'Tap the side seams flat with a hammer, over a board. You have {layers:n}, then {mid:n}, then {high:n} layers.',
      check: 'The lifted foot clears them.',
      caution: 'Keep eyes and fingers away from the hammer.',
      view: 'hump',
    },
    {
      do: 'Start behind a seam, {fromFold} from the inner fold, and sew slowly.',
      check: 'The fold is caught.',
      view: 'section',
      now: ['row'],
      sews: 'sewn',
    },
    {
      do: 'When the foot tips up ({tilt:n}°), stop with the needle down, lift the foot, and put the shim behind it: {folds:n} folds, {shim} high.',
      check: 'The foot is level.',
      caution: 'Turn the handwheel over the bulky seam: a needle that bends hits the plate and breaks. Wear glasses.',
      view: 'hump',
      now: ['shim'],
    },
    {
      do: 'Coming down, stop again and put the shim in front.',
      check: 'The stitches keep their length.',
      view: 'hump',
      now: ['shim'],
    },
    {
      do: 'Overlap the start by {15 mm}.',
      check: 'No stitch is missing on either side of the seams.',
      view: 'section',
      now: ['row'],
    },
  ],
  faults: ['hump-stall', 'needle-broke', 'skipped', 'uneven-length'],
});
