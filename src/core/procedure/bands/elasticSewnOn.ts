import { MAIN_ROW, type RowSize } from '../engine/types';
import { rowSize } from '../engine/rowSize';
import { mm } from '../../units';
import { BODY, ELASTIC_SHARE, ELASTIC_WIDTH, garmentEdge } from '../engine/asks';
import { cannot } from '../../seam';
import { bandReachMm } from '../../seam';
import { endsLapped, laidFlat } from './bandScene';

import { rowScene } from '../engine/rowScene';
import type { Scene } from '../engine/scene';
import type { Numbers } from '../engine/types';
import { procedure, SEWN_SO } from '../engine/procedure';

/** Elastic and the edge it is stretched onto. */
const quarters = ({ round, length, elastic, pull }: Numbers): Scene =>
  laidFlat({
    long: { mm: round, name: 'edge', side: 'wrong' },
    short: { mm: length, name: 'elastic', wideMm: elastic },
    pull,
  });

/** While nothing is matched: short and wide (common practice). */
const USUAL: RowSize = { stitch: 'three-step-zigzag', lengthMm: 1.5, widthMm: 4 };

/** Elastic stretched onto an edge and sewn there. */
export const ELASTIC_SEWN_ON = procedure('elastic-sewn-on', {
  ...SEWN_SO,
  name: 'Elastic sewn on',
  group: 'band',
  kind: 'elastic',
  main: { name: 'The elastic', stitches: ['three-step-zigzag', 'zigzag'] },
  rows: { ring: { kind: 'reinforce', name: 'The join of the elastic' } },
  asks: [
    BODY,
    garmentEdge(900),
    { key: 'pass', label: 'Widest part it has to pass', unit: 'mm', usual: 980, least: 60, most: 2500 },
    ELASTIC_WIDTH,
    ELASTIC_SHARE,
    { key: 'stretch', label: 'The elastic stretches', unit: 'percent', usual: 100, least: 20, most: 250 },
  ],
  work: ({ girth, round, pass, elastic, share, stretch }, given) => {
    const size = rowSize(given, MAIN_ROW, USUAL);
    const length = (girth * share) / 100;
    const reach = Math.floor(bandReachMm(length, stretch));
    const needs = Math.max(round, pass);
    if (reach < needs) {
      const text = `Stretched to four fifths of its limit the elastic reaches ${mm(reach)} and has to reach ${mm(needs)}: use a stretchier one, cut it longer, or gather the edge first.`;
      return cannot('seam.elastic-reach', text, needs, reach);
    }
    if (round < length) {
      const text = `The edge is ${mm(round)} and the elastic ${mm(Math.round(length))}: the elastic has to be shorter. Cut it to ${Math.round((100 * round) / girth)}% of the body or less.`;
      return cannot('seam.elastic-longer', text, round, length);
    }
    return {
      girth,
      round,
      elastic,
      length,
      overlap: 15,
      cut: length + 15,
      quarterElastic: length / 4,
      quarterEdge: round / 4,
      pull: 100 * (round / length - 1),
      inset: elastic / 2,
      join: 4 * elastic,
      stitch: size.lengthMm,
      swing: size.widthMm,
    };
  },
  views: {
    quarters,
    ends: endsLapped,
    above: ({ elastic, inset }, given) =>
      rowScene({
        label: 'From above, wrong side up: elastic level with the edge',
        edge: 'raw',
        side: 'wrong',
        rows: [
          { id: 'row', mm: inset, swing: rowSize(given, MAIN_ROW, USUAL) },
          { mm: elastic, role: 'tape', name: 'elastic' },
        ],
      }),
  },
  ready: ['elastic made to be sewn through', '[needle]', 'eight [pins]'],
  steps: [
    {
      do: 'Cut the elastic {cut}; overlap its ends by {overlap} and sew a square with a cross.',
      check: 'A ring {length} round, not twisted. Try it on.',
      view: 'ends',
      now: ['ring'],
      sews: 'join',
      row: 'ring',
    },
    {
      do: 'Quarters: every {quarterElastic} on the elastic, every {quarterEdge} on the edge. [Pin] quarter to quarter, on the wrong side.',
      check: 'Its join is at the middle back.',
      view: 'quarters',
      now: ['quarters'],
    },
    {
      do: 'Sew along the middle, {swing} wide and {stitch} long: hold it behind the foot and stretch only the elastic, by {pull:n}%.',
      check: 'The needle does not bend: stretch equally in front and behind.',
      caution: 'A needle that is pulled aside hits the plate and breaks.',
      view: 'above',
      now: ['row'],
      sews: 'round',
      atMm: 'stitch',
      machine: { widthMm: 'swing' },
    },
    {
      do: 'To hide it, fold it over to the inside once and sew again near its lower edge in the same way.',
      check: 'Stretch it hard: nothing pops, and it recovers.',
      view: 'above',
      now: ['row'],
      sews: 'round',
      atMm: 'stitch',
      machine: { widthMm: 'swing' },
    },
  ],
  faults: ['popped', 'skipped', 'wavy', 'needle-broke'],
});
