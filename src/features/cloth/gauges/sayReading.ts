import { type ClothReading, gsmOf, stretchFromMarks, shrinkOf } from '@/core/cloth';
import { formatNumber, formatPercent, type Printing } from '@/core/units';

type Says = { [G in ClothReading['gauge']]: (r: Extract<ClothReading, { gauge: G }>, p: Printing) => [string, string] };

const percent = (value: number, digits = 0) => formatPercent(value, digits);

const SAYS: Says = {
  stretch: ({ direction, marks }, { length }) => {
    const { stretchPercent, recoveryPercent } = stretchFromMarks(marks);
    const back = typeof recoveryPercent === 'number' ? `, back ${percent(recoveryPercent)}` : '';
    const relaxed = marks.relaxed === undefined ? '' : ` → ${length(marks.relaxed)}`;
    return [
      `${direction}: ${length(marks.rest)} → ${length(marks.stretched)}${relaxed}`,
      `${percent(stretchPercent)}${back}`,
    ];
  },
  weight: (r, { length, mass }) => [
    'outline' in r.piece
      ? `traced, ${r.piece.outline.length} corners, ${formatNumber(r.grams, 2)} g`
      : `${length(r.piece.widthMm)} × ${length(r.piece.lengthMm)}, ${formatNumber(r.grams, 2)} g`,
    mass(gsmOf(r)),
  ],
  thickness: (r, { length }) => [
    `${r.layers} ${r.layers === 1 ? 'layer' : 'layers'}, ${length(r.stackMm)}`,
    length(r.stackMm / r.layers),
  ],
  shrink: (r, { length }) => [
    `wash ${r.wash}: ${length(r.beforeMm)} → ${length(r.acrossMm)} across, ${length(r.alongMm)} along`,
    `${percent(shrinkOf(r.beforeMm, r.alongMm), 1)} along`,
  ],
  stiffness: (r, { length }) => [`strip cut ${r.direction}`, `${length(r.overhangMm)} over the edge`],
  fray: (r, { length }) => ['ten rubs', `${length(r.looseMm)} loose`],
  'pin-hole': (r) => ['a pin, in and out', r.stays ? 'the hole stays' : 'the hole closes'],
  bleed: (r) => [`rinse ${r.rinse}`, r.shows === 'nothing' ? 'clear' : r.shows],
  heat: (r, { heat }) => [heat(r.soleC), r.seen === 'nothing' ? 'no mark' : r.seen.replace('-', ' ')],
};

/** A reading in two pieces of text: what was read, and what it means. */
export function sayReading(reading: ClothReading, printing: Printing): [string, string] {
  return SAYS[reading.gauge](reading as never, printing);
}
