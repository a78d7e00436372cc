import { PLAIN_SEAM, rowSize } from '../engine/rowSize';
import { MAIN_ROW } from '../engine/types';
import { clamp } from '../../numbers';
import { stripBow } from '../../physics';
import { allowance } from '../engine/asks';

import { box, type Scene } from '../engine/scene';
import type { Numbers } from '../engine/types';
import { procedure, SEWN_SO } from '../engine/procedure';

/** The opened set: as it bends when every seam is begun from the same end, and as it lies when the ends alternate. */
function drawn({ strips, width, sagitta, alternate, long }: Numbers): Scene {
  const scale = 150 / long;
  const [count, tall] = [Math.min(strips, 8), clamp(width * scale * 2, 6, 14)];
  // The bow is drawn as it is where it can be seen, and never larger than the drawing.
  const bend = clamp(sagitta * scale, 1, 26);
  const bent = (y: number) =>
    Array.from({ length: 21 }, (_, i) => [i * 7.5, y + bend * (1 - (2 * (i / 20) - 1) ** 2)] as const);
  return {
    label: 'Above: all sewn from one end. Below: alternate ends',
    view: 'above',
    cloths: [
      { points: [...bent(0), ...bent(count * tall).reverse()], side: 'right' },
      { points: box(0, count * tall + bend + 18, 150, count * tall), side: 'right' },
    ],
    lines: [
      ...Array.from({ length: count - 1 }, (_, i) => ({ points: bent((i + 1) * tall), role: 'stitch' as const })),
      ...Array.from({ length: count - 1 }, (_, i) => {
        const y = count * tall + bend + 18 + (i + 1) * tall;
        const points =
          i % 2 === 0
            ? ([
                [0, y],
                [150, y],
              ] as const)
            : ([
                [150, y],
                [0, y],
              ] as const);
        return { id: i === 0 ? 'there' : 'back', points, role: 'stitch' as const };
      }),
    ],
    dims: [{ from: [160, 0], to: [160, bend], mm: sagitta, name: 'bow' }],
    texts: [
      {
        at: [75, count * tall + bend + 12],
        text: 'alternate ends: at most',
        mm: alternate,
      },
    ],
  };
}

/** Many strips side by side, without a bow. */
export const STRIP_SET = procedure('strip-set', {
  ...SEWN_SO,
  name: 'Strip set',
  group: 'strips',
  kind: 'strip-join',
  asks: [
    { key: 'strips', label: 'How many strips', unit: 'count', usual: 5, least: 2, most: 40 },
    { key: 'width', label: 'Finished width of each', unit: 'mm', usual: 63.5, least: 8, most: 400 },
    { key: 'long', label: 'Length of the strips', unit: 'mm', usual: 1000, least: 100, most: 5000 },
    {
      key: 'shift',
      label: 'Over {300 mm} your top layer ends behind by',
      unit: 'mm',
      usual: (given) => Math.round(given.shiftMm * 10) / 10,
      least: 0,
      most: 20,
      help: 'measured in Workroom, Feed; otherwise estimated',
    },
    allowance(6.5),
  ],
  work: ({ strips, width, long, shift, allowance: a }, given) => {
    const seams = Math.round(strips) - 1;
    const strainPercent = (100 * shift) / 300;
    const bow = (alternate: boolean): readonly [number, number] =>
      strainPercent === 0
        ? [0, 0]
        : stripBow({ strainPercent, stripMm: width, spanMm: long, seams, alternate }).rangeMm;
    const [sameFrom, sameTo] = bow(false);
    return {
      strips: Math.round(strips),
      seams,
      width,
      long,
      shift,
      allowance: a,
      cutWidth: width + 2 * a,
      sagittaFrom: sameFrom,
      sagitta: sameTo,
      alternate: bow(true)[1],
      more: seams - 1,
      sewn: seams * long,
      each: long,
      there: long,
      back: (seams - 1) * long,
      stitch: rowSize(given, MAIN_ROW, { ...PLAIN_SEAM, lengthMm: 1.9 }).lengthMm,
    };
  },
  views: { set: drawn },
  ready: [
    'clean feed, new needle',
    'walking foot',
    'strips cut on one grain; fabrics that stretch alike stay straighter',
    '[pins]',
    '[iron]',
  ],
  steps: [
    {
      do: 'Cut {strips:n} strips {cutWidth} wide. Mark one end of each with chalk.',
      check: 'All marks are on one side.',
      view: 'set',
    },
    {
      do: 'Sew the first two strips together from the marked end, {allowance} from the edge, stitches of {stitch}, evenly and slowly.',
      check: 'Both ends meet to within a millimetre.',
      view: 'set',
      now: ['there'],
      sews: 'there',
      atMm: 'stitch',
    },
    {
      do: '[flatten] Then [press] it to one side and let it cool before you sew the next strip.',
      check: 'No pleat at the seam, and it is cold to the touch.',
      with: 'iron',
      view: 'set',
      now: ['there'],
    },
    {
      do: 'Sew the next strip on from the other end, and so on: {more:n more seam|more seams}, each from the opposite end to the one before. Let each lie flat and cool before the next.',
      check:
        'Sewn from one end only, the set would bow by {sagittaFrom} to {sagitta}. Alternating leaves {alternate} at most.',
      view: 'set',
      now: ['back'],
      sews: 'back',
      atMm: 'stitch',
      when: 'more',
    },
    {
      do: 'Lay the set along a ruler.',
      check:
        'It is straight. If it bows: alternate ends, use shorter stitches and a walking foot. Check whether one fabric stretches more than its neighbour, and do not pull a seam open while it is hot.',
      view: 'set',
    },
  ],
  faults: ['bowed', 'uneven-layers', 'wavy', 'wandering'],
});
