import { easyBandRatio, limpBandRatio } from '../../seam';
import { endsJoined, quarters, sewnOn } from './bandScene';
import { bandNumbers, GAPES, GAPES_AS_IT_IS, isRefused, shorterBy, springOf } from './bandWork';

import { procedure, SEWN_SO } from '../engine/procedure';

/** Allowance where the ends of the band meet, mm (common practice). */
const JOIN_MM = 10;

/** A ribbed or self band on a neckline: shorter than its opening, stretched on. */
export const NECK_BAND = procedure('neck-band', {
  ...SEWN_SO,
  name: 'Neckband',
  group: 'band',
  kind: 'band',
  rows: { ring: { kind: 'join', name: 'The join of the band', of: 'band' } },
  asks: [
    { key: 'opening', label: 'Round the neckline, at the seam line', unit: 'mm', usual: 600, least: 150, most: 1500 },
    { key: 'width', label: 'Finished width of the band', unit: 'mm', usual: 20, least: 6, most: 80 },
    {
      key: 'stretch',
      label: 'The band stretches',
      unit: 'percent',
      usual: (given) => Math.round(springOf(given).stretch),
      least: 5,
      most: 300,
    },
    { key: 'girth', label: 'Head measurement it has to pass', unit: 'mm', usual: 570, least: 200, most: 800 },
    { key: 'allowance', label: 'Allowance at the neckline', unit: 'mm', usual: 6, least: 3, most: 20 },
  ],
  work: ({ opening, width, stretch, girth, allowance }, given) => {
    const { recovery } = springOf(given);
    const well = easyBandRatio({ openingMm: opening, bandWidthMm: width, stretch });
    const ratio = limpBandRatio(well, stretch, recovery);
    const numbers = bandNumbers({
      band: {
        openingMm: opening,
        ratio,
        stretch,
        girthMm: girth,
        joinAllowanceMm: JOIN_MM,
      },
      width,
      allowance,
      called: 'band',
      wayOut: 'cut the neckline wider, or use a band fabric that stretches more',
    });
    return isRefused(numbers)
      ? numbers
      : { ...numbers, join: JOIN_MM, ...shorterBy({ well, cut: ratio }, opening, recovery) };
  },
  views: { quarters, section: sewnOn, ends: endsJoined },
  ready: ['a band with good recovery', 'eight [pins]', '[needle]'],
  steps: [
    GAPES,
    GAPES_AS_IT_IS,
    {
      do: 'Cut the band {cut} long and {cutWidth} wide, with the most stretch along its length.',
      check: 'It stretches lengthwise.',
      view: 'quarters',
    },
    {
      do: 'Join the ends at {join}, and [press] the band in half, wrong sides together.',
      check: 'A ring {finished} round.',
      with: 'iron',
      view: 'ends',
      now: ['ring'],
      sews: 'cutWidth',
      row: 'ring',
    },
    {
      do: 'Mark quarters on the band, every {quarterBand}, and on the neckline, every {quarterOpening}.',
      check: 'The band’s join is at the middle back.',
      view: 'quarters',
      now: ['quarters'],
    },
    {
      do: '[Pin] quarter to quarter, right sides together, raw edges level.',
      check: 'Between the quarters the band is shorter than the neckline.',
      view: 'quarters',
      now: ['quarters'],
    },
    {
      do: 'Sew {allowance} from the edge, band on top: stretch only the band, by {pull:n}%, quarter by quarter.',
      check: 'The neckline does not stretch, and no fold is caught.',
      view: 'section',
      now: ['seam'],
      sews: 'opening',
    },
    {
      do: '[Press] the allowance down. [steam back]',
      check: 'It lies flat and goes over the head.',
      with: 'iron',
      view: 'section',
      now: ['seam'],
    },
  ],
  faults: ['wavy', 'popped', 'skipped', 'uneven-layers'],
});
