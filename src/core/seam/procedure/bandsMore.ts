import { cannot } from '../cannot';
import { bandFor } from '../band';
import { BLADE, IRON, PIN } from './pieces';
import { rowScene } from './rowScene';
import type { Procedure } from './types';

const ringOf: Procedure['work'] = ({ opening, width, ratio, stretch, girth, allowance }, { recovery }) => {
  const band = bandFor({
    openingMm: opening,
    ratio: ratio / 100,
    stretch,
    recovery,
    girthMm: girth,
    joinAllowanceMm: allowance,
  });
  if (band.passesGirth === false) {
    const pulled = Math.floor(band.finishedMm * (1 + (0.8 * stretch) / 100));
    const text = `Pulled to four fifths of its stretch the rib reaches ${pulled} mm and has to pass ${girth} mm: cut it longer, or take a rib that stretches more.`;
    return cannot('seam.band-girth', text, girth, pulled);
  }
  return {
    opening,
    width,
    allowance,
    finished: band.finishedMm,
    cut: band.cutMm,
    cutWidth: 2 * (width + allowance),
    quarterBand: band.quarterBandMm,
    quarterOpening: band.quarterOpeningMm,
    pull: band.stretchToFitPercent,
  };
};

const RING_STEPS: Procedure['steps'] = [
  {
    do: 'Cut the rib {cut} long and {cutWidth} wide, the stretch along its length.',
    check: 'It springs back when it is let go.',
    caution: BLADE,
    view: 'above',
  },
  {
    do: 'Join its ends at {allowance} to a ring {finished} round. Fold it along the middle.',
    check: 'Raw edges level.',
    caution: PIN,
    view: 'above',
    now: ['fold'],
    sews: 'cutWidth',
  },
  {
    do: 'Quarters: every {quarterBand} on the rib, every {quarterOpening} on the opening. Clip quarter to quarter, right sides together.',
    check: 'Its join lies on the seam of the garment.',
    view: 'above',
  },
  {
    do: 'Sew {allowance} from the edge, rib on top, stretching only the rib, by {pull:n} %.',
    check: 'The garment is not stretched.',
    caution: PIN,
    view: 'above',
    now: ['seam'],
    sews: 'opening',
  },
  {
    do: 'Press the allowance to the garment and steam the rib back.',
    check: 'It passes and closes again.',
    caution: IRON,
    view: 'above',
    now: ['seam'],
  },
];

/** A cuff or a waist rib: a ring of rib that has to pass hand, foot or hips. */
function ribRing(more: {
  id: string;
  name: string;
  opening: number;
  girth: number;
  width: number;
  passes: string;
}): Procedure {
  return {
    id: more.id,
    name: more.name,
    group: 'band',
    kind: 'band',
    asks: [
      {
        key: 'opening',
        label: 'Round the opening, at the seam line',
        unit: 'mm',
        usual: more.opening,
        least: 80,
        most: 2000,
      },
      { key: 'width', label: 'Finished width of the rib', unit: 'mm', usual: more.width, least: 10, most: 200 },
      { key: 'ratio', label: 'Rib to opening', unit: 'percent', usual: 80, least: 45, most: 100 },
      { key: 'stretch', label: 'The rib stretches', unit: 'percent', usual: 80, least: 5, most: 300 },
      {
        key: 'girth',
        label: `Round the ${more.passes} it has to pass`,
        unit: 'mm',
        usual: more.girth,
        least: 80,
        most: 2000,
      },
      { key: 'allowance', label: 'Seam allowance', unit: 'mm', usual: 6, least: 3, most: 20 },
    ],
    work: ringOf,
    views: {
      above: ({ allowance, cutWidth }) =>
        rowScene({
          label: 'From above: the rib folded along its middle, raw edges above',
          edge: 'raw',
          side: 'right',
          rows: [
            { id: 'seam', mm: allowance },
            { id: 'fold', mm: cutWidth / 2, role: 'fold', name: 'fold' },
          ],
        }),
    },
    ready: ['rib that recovers', 'eight clips', 'stretch needle or ballpoint'],
    steps: RING_STEPS,
    faults: ['wavy', 'popped', 'skipped', 'uneven-layers'],
  };
}

export const CUFF = ribRing({ id: 'cuff', name: 'Ribbed cuff', opening: 240, girth: 230, width: 60, passes: 'hand' });
export const WAIST_RIB = ribRing({
  id: 'waist-rib',
  name: 'Waist rib',
  opening: 1000,
  girth: 1000,
  width: 70,
  passes: 'hips',
});

/** Elastic in a tunnel of its own cloth. */
export const ELASTIC_CASING: Procedure = {
  id: 'elastic-casing',
  name: 'Elastic in a casing',
  group: 'band',
  kind: 'casing',
  asks: [
    { key: 'girth', label: 'Round the body, where it sits', unit: 'mm', usual: 760, least: 100, most: 2000 },
    { key: 'round', label: 'Round the garment’s edge', unit: 'mm', usual: 1000, least: 100, most: 3000 },
    { key: 'elastic', label: 'Width of the elastic', unit: 'mm', usual: 20, least: 3, most: 80 },
    {
      key: 'share',
      label: 'Elastic to body',
      unit: 'percent',
      usual: 90,
      least: 60,
      most: 100,
      help: 'test it round you: 90 is the usual start',
    },
  ],
  work: ({ girth, round, elastic, share }) => {
    const length = (girth * share) / 100;
    if (round < girth) {
      const text = `The edge is ${round} mm round and has to pass ${girth} mm: a casing does not stretch. Cut the edge wider, or leave an opening.`;
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
  ready: ['elastic', 'a safety pin or bodkin', 'iron'],
  steps: [
    {
      do: 'Fold the edge under by 6 mm, then {tunnel} to the wrong side. Press.',
      check: 'The tunnel is even.',
      caution: IRON,
      view: 'above',
    },
    {
      do: 'Sew {tunnel} from the fold, leaving a gap of {gap}.',
      check: 'The elastic runs freely: it has 3 mm to spare.',
      caution: PIN,
      view: 'above',
      now: ['row'],
      sews: 'sewn',
    },
    {
      do: 'Cut the elastic {cut}; pull it through without a twist.',
      check: 'Both ends hang out.',
      caution: BLADE,
      view: 'above',
    },
    {
      do: 'Overlap the ends by {overlap} and sew a square with a cross.',
      check: 'Pull it hard: it holds.',
      view: 'above',
      sews: 'cross',
    },
    {
      do: 'Close the gap, stretching the edge a little.',
      check: 'Nothing is caught but the casing.',
      caution: PIN,
      view: 'above',
      now: ['row'],
      sews: 'gap',
    },
  ],
  faults: ['skipped', 'wandering', 'pucker-line'],
};
