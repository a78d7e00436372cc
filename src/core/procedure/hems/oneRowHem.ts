import { HEM_LENGTH } from '../engine/asks';
import type { Schools } from '../../setup';
import { rowSize } from '../engine/rowSize';
import { MAIN_ROW, type Procedure, type RowSize } from '../engine/types';
import { BLADE } from '../engine/pieces';
import { procedure, SEWN_SO } from '../engine/procedure';
import { rowScene } from '../engine/rowScene';

const above: Procedure['views'][string] = ({ row, hem }) =>
  rowScene({
    label: 'From above, right side up: the fold is the upper edge',
    edge: 'fold',
    side: 'right',
    rows: [
      { id: 'row', mm: row },
      { mm: hem, role: 'mark', name: 'raw edge' },
    ],
  });

/** One fold, one row: the two plain hems of knits. */
function oneRow<Id extends string>(
  more: Pick<Procedure<Id>, 'id' | 'name' | 'faults'> & {
    stitch: string;
    look: string;
    usual: RowSize;
    school: Schools['knit-hem'];
  },
): Procedure<Id> {
  return procedure(more.id, {
    ...SEWN_SO,
    name: more.name,
    group: 'hem',
    kind: 'hem',
    main: { layers: 2, stitches: [more.usual.stitch] },
    schools: () => ({ 'knit-hem': more.school }),
    asks: [HEM_LENGTH, { key: 'hem', label: 'Hem allowance', unit: 'mm', usual: 20, least: 6, most: 60 }],
    work: ({ round, hem }, given) => {
      const { lengthMm, widthMm } = rowSize(given, MAIN_ROW, more.usual);
      return { round, hem, row: hem - 3, overlap: 15, sewn: round + 15, stitch: lengthMm, swing: widthMm };
    },
    views: { above },
    ready: ['[pins]', '[iron]', 'tape on the plate as a guide'],
    steps: [
      {
        do: 'Fold {hem} to the wrong side and [press] it. [hold]',
        check: 'The fold is even.',
        with: 'iron',
        view: 'above',
      },
      {
        do: `Right side up, sew {row} from the fold with ${more.stitch}, and {overlap} over the start.`,
        check: more.look,
        view: 'above',
        now: ['row'],
        sews: 'sewn',
        atMm: 'stitch',
        machine: { stitch: more.usual.stitch, ...(more.usual.widthMm > 0 && { widthMm: 'swing' }) },
      },
      {
        do: 'Trim the edge close to the row.',
        check: 'Stretch it as far as it will stretch in wear: nothing pops.',
        caution: BLADE,
        with: 'blade',
        view: 'above',
        now: ['row'],
      },
      {
        do: '[steam back]',
        check: 'It hangs without waves.',
        with: 'iron',
        view: 'above',
        now: ['row'],
      },
    ],
    faults: more.faults,
  });
}

export const HEM_ZIGZAG = oneRow({
  id: 'hem-zigzag',
  name: 'Single-fold hem, narrow zigzag',
  stitch: 'a narrow zigzag, {stitch} long and {swing} wide',
  usual: { stitch: 'zigzag', lengthMm: 3, widthMm: 0.5 },
  school: 'narrow-zigzag',
  look: 'From a distance it looks like a straight line. It stretches little: use it where the hem need not stretch.',
  faults: ['wavy', 'popped', 'skipped'],
});

export const HEM_TRIPLE = oneRow({
  id: 'hem-triple',
  name: 'Single-fold hem, triple straight stitch',
  stitch: 'triple straight stitch',
  usual: { stitch: 'triple-straight', lengthMm: 3, widthMm: 0 },
  school: 'triple',
  look: 'A bold line: use matching thread. Only on a stable knit.',
  faults: ['wavy', 'uneven-length', 'skipped'],
});
