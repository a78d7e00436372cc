import { procedure, SEWN_SO } from '../engine/procedure';
import { quarters, sewnOn } from './bandScene';
import { limpBandRatio } from '../../seam';
import { bandNumbers, GAPES, GAPES_AS_IT_IS, isRefused, shorterBy, springOf } from './bandWork';
import { BLADE } from '../engine/pieces';
import { rowScene } from '../engine/rowScene';
import type { Ask, Procedure } from '../engine/types';

const ringOf: Procedure['work'] = ({ opening, width, ratio, stretch, girth, allowance }, given) => {
  const { recovery } = springOf(given);
  const well = ratio / 100;
  const cut = limpBandRatio(well, stretch, recovery);
  const numbers = bandNumbers({
    band: {
      openingMm: opening,
      ratio: cut,
      stretch,
      girthMm: girth,
      joinAllowanceMm: allowance,
    },
    width,
    allowance,
    called: 'rib',
    wayOut: 'cut it longer, or use a rib that stretches more',
  });
  return isRefused(numbers) ? numbers : { ...numbers, ...shorterBy({ well, cut }, opening, recovery) };
};

const RING_STEPS: Procedure['steps'] = [
  GAPES,
  GAPES_AS_IT_IS,
  {
    do: 'Cut the rib {cut} long and {cutWidth} wide, with the most stretch along its length.',
    check: 'Stretch it and let go: it springs back.',
    caution: BLADE,
    with: 'blade',
    view: 'quarters',
  },
  {
    do: 'Join its ends at {allowance} to make a ring {finished} round. Fold it along the middle.',
    check: 'Raw edges level.',
    view: 'above',
    now: ['fold'],
    sews: 'cutWidth',
    row: 'ring',
  },
  {
    do: 'Quarters: every {quarterBand} on the rib, every {quarterOpening} on the opening. [Pin] quarter to quarter, right sides together.',
    check: 'Its join is on the garment’s seam.',
    view: 'quarters',
    now: ['quarters'],
  },
  {
    do: 'Sew {allowance} from the edge, rib on top, stretching only the rib, by {pull:n}%.',
    check: 'The garment does not stretch.',
    view: 'above',
    now: ['seam'],
    sews: 'opening',
  },
  {
    do: '[Press] the allowance to the garment. [steam back]',
    check: 'It goes over and closes again.',
    with: 'iron',
    view: 'section',
    now: ['seam'],
  },
];

const RIB_STRETCH: Ask = {
  key: 'stretch',
  label: 'The rib stretches',
  unit: 'percent',
  usual: ({ band }) => (band ? Math.round(band.stretch) : 80),
  least: 5,
  most: 300,
};

/** A cuff or a waist rib: a ring of rib that has to pass hand, foot or hips. */
function ribRing<Id extends string>(more: {
  id: Id;
  name: string;
  opening: number;
  girth: number;
  width: number;
  passes: string;
}): Procedure<Id> {
  return procedure(more.id, {
    ...SEWN_SO,
    name: more.name,
    group: 'band',
    kind: 'band',
    rows: { ring: { kind: 'join', name: 'The join of the band', of: 'band' } },
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
      { key: 'ratio', label: 'Rib as a share of the opening', unit: 'percent', usual: 80, least: 45, most: 100 },
      RIB_STRETCH,
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
      quarters,
      section: sewnOn,
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
    ready: ['rib with good recovery', 'eight [pins]', '[needle]'],
    steps: RING_STEPS,
    faults: ['wavy', 'popped', 'skipped', 'uneven-layers'],
  });
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
