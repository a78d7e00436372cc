import type { RowSize } from '../engine/types';
import { rowSize } from '../engine/rowSize';
import { mm } from '../../units';
import { cannot } from '../../seam';

import { rowScene } from '../engine/rowScene';
import { procedure, SEWN_SO } from '../engine/procedure';

/** More than this a woven cloth does not swallow without pleats; a knit or loose wool takes more (common practice). */
const MOST_PERCENT = { firm: 5, soft: 12 };

/** While nothing is matched: long, but not as loose as gathers (common practice). */
const EASING: RowSize = { stitch: 'straight', lengthMm: 3.5, widthMm: 0 };

/** A longer edge sewn to a shorter one without a pleat: sleeve head, back shoulder. */
export const EASE = procedure('ease', {
  ...SEWN_SO,
  name: 'Easing a longer edge in',
  group: 'curve and corner',
  kind: 'join',
  rows: { ease: { kind: 'gather', name: 'The easing row', layers: 1 } },
  asks: [
    { key: 'long', label: 'Longer edge', unit: 'mm', usual: 420, least: 20, most: 5000 },
    { key: 'short', label: 'Shorter edge', unit: 'mm', usual: 405, least: 20, most: 5000 },
    { key: 'allowance', label: 'Seam allowance', unit: 'mm', usual: 15, least: 6, most: 40 },
    {
      key: 'soft',
      label: 'The fabric',
      unit: 'count',
      usual: (given) => (given.stretch >= 15 ? 1 : 0),
      least: 0,
      most: 1,
      options: [
        [0, 'firm: a close weave'],
        [1, 'soft: wool, a knit, or cut on the bias'],
      ],
    },
  ],
  work: ({ long, short, allowance: a, soft }, given) => {
    const most = soft === 1 ? MOST_PERCENT.soft : MOST_PERCENT.firm;
    const percent = (100 * (long - short)) / short;
    if (percent <= 0) {
      const text = `The longer edge, ${mm(long)}, is not longer than the other, ${mm(short)}: there is nothing to ease in. Sew a plain seam, or change a length.`;
      return cannot('seam.ease-none', text, short, long);
    }
    if (percent > most) {
      const fits = Math.floor(short * (1 + most / 100));
      const text = `${Math.round(percent)}% is too much to ease into this fabric without pleats: bring the longer edge to ${mm(fits)}, or gather it.`;
      return cannot('seam.ease-too-much', text, fits, long);
    }
    return {
      long,
      short,
      allowance: a,
      more: long - short,
      percent,
      first: a - 3,
      stitch: rowSize(given, 'ease', EASING).lengthMm,
      quarterLong: long / 4,
      quarterShort: short / 4,
    };
  },
  views: {
    above: ({ allowance: a, first }) =>
      rowScene({
        label: 'From above: the easing row lies inside the allowance',
        edge: 'raw',
        side: 'wrong',
        rows: [
          { id: 'seam', mm: a },
          { id: 'ease', mm: first, role: 'baste' },
        ],
        text: 'shorter layer up, longer layer below',
      }),
  },
  ready: ['[pins], many', '[iron]', 'a pressing ham'],
  steps: [
    {
      do: 'On the longer edge alone: sew one row of {stitch} stitches, {first} from the edge, holding a finger behind the foot so that it crowds.',
      check: 'It is now about {more} shorter, without pleats.',
      view: 'above',
      now: ['ease'],
      sews: 'long',
      row: 'ease',
      atMm: 'stitch',
    },
    {
      do: '[shrink]',
      check: 'The fullness makes a shape, without folds.',
      with: 'iron',
      view: 'above',
      now: ['ease'],
    },
    {
      do: 'Quarters: every {quarterLong} on the longer, every {quarterShort} on the shorter edge. [Pin] them, then between them.',
      check: 'The fullness is spread evenly.',
      view: 'above',
    },
    {
      do: 'Longer layer underneath, next to the feed, which eases it in. Sew {allowance} from the edge, all {short}.',
      check: 'No pleat is caught on either side.',
      view: 'above',
      now: ['seam'],
      sews: 'short',
    },
    {
      do: '[Press] the allowance only, from the fuller side.',
      check: 'No dimple on the right side.',
      with: 'iron',
      view: 'above',
      now: ['seam'],
    },
  ],
  faults: ['pucker-line', 'uneven-layers', 'slippage'],
});
