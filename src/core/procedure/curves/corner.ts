import { cornerAnswer } from '../../seam';
import { allowance } from '../engine/asks';
import { BLADE } from '../engine/pieces';
import { line, type ScenePoint, type Scene } from '../engine/scene';
import type { Numbers } from '../engine/types';
import { procedure, SEWN_SO } from '../engine/procedure';

/** Two seams that meet: the point, the stitches across it, the trimmed tip. */
function drawn({ angle, allowance: a, across, stitch, trim }: Numbers): Scene {
  const half = ((angle / 2) * Math.PI) / 180;
  const long = 62;
  // The point is at the origin; the two seams leave it downwards, left and right of the middle.
  const way = (side: -1 | 1, mm: number, out = 0): ScenePoint => [
    side * (mm * Math.sin(half) + out * Math.cos(half)),
    mm * Math.cos(half) - out * Math.sin(half),
  ];
  const tip: ScenePoint = [0, -a / Math.sin(half)];
  const back = (across * stitch) / 2 / Math.sin(half);
  const [into, outOf]: [ScenePoint, ScenePoint] =
    across > 0
      ? [way(-1, back), way(1, back)]
      : [
          [0, 0],
          [0, 0],
        ];
  const [l, r] = [way(-1, long, a), way(1, long, a)];
  return {
    label: 'From above: to the point and round it',
    view: 'above',
    cloths: [{ points: [l, tip, r, [r[0] * 0.55, r[1] + 16], [l[0] * 0.55, l[1] + 16]], side: 'wrong' }],
    lines: [
      { points: [l, tip, r], role: 'raw' },
      line('stitch', way(-1, long), into, 'first'),
      ...(across > 0 ? [line('stitch', into, outOf, 'across')] : []),
      line('stitch', outOf, way(1, long), 'other'),
      {
        id: 'trim',
        points: [
          [-trim * 1.6, -trim],
          [trim * 1.6, -trim],
        ],
        role: 'cut',
      },
    ],
    dims: [{ from: [r[0] * 0.55 + 10, -trim], to: [r[0] * 0.55 + 10, 0], mm: trim, name: 'left at the tip' }],
  };
}

/** An outside corner that is turned: collar, pocket, cushion. */
export const CORNER = procedure('corner', {
  ...SEWN_SO,
  name: 'Corner, pivoted and trimmed',
  group: 'curve and corner',
  kind: 'join',
  asks: [
    { key: 'distance', label: 'From the start to the corner', unit: 'mm', usual: 200, least: 1, most: 5000 },
    { key: 'angle', label: 'Angle of the corner', unit: 'degrees', usual: 90, least: 20, most: 160 },
    allowance(10),
  ],
  work: ({ distance, angle, allowance: a }, { lengthMm, weight }) => {
    const {
      stitches,
      lengthMm: stitch,
      across,
    } = cornerAnswer({ distanceMm: distance, lengthMm, angleDeg: angle, weight });
    return { distance, angle, allowance: a, stitches, stitch, across, trim: 2, other: distance, blunt: 90 - angle / 2 };
  },
  views: { above: drawn },
  ready: ['a point turner', '[pins]', 'small scissors'],
  steps: [
    {
      do: 'Mark the point, {allowance} from both edges.',
      check: 'The two seam lines cross at the mark.',
      view: 'above',
    },
    {
      do: 'Sew to the point: {stitches:n} stitches of {stitch} over {distance}.',
      check: 'The needle lands on the mark. If not, turn the handwheel for the last stitches.',
      view: 'above',
      now: ['first'],
      sews: 'distance',
      goesOn: 'to-next',
      atMm: 'stitch',
    },
    {
      do: 'Needle down, foot up, turn half-way. Sew {across:n short stitch|short stitches} across the point, then turn the rest.',
      check: 'The fabric lies flat before you lower the foot.',
      view: 'above',
      now: ['across'],
      when: 'across',
    },
    {
      do: 'Needle down, foot up, turn.',
      check: 'The fabric lies flat before you lower the foot.',
      view: 'above',
      now: ['first'],
      when: '!across',
    },
    {
      do: 'Carry on along the other edge.',
      check: 'Both rows are {allowance} from their edges.',
      view: 'above',
      now: ['other'],
      sews: 'other',
      goesOn: 'from-before',
      atMm: 'stitch',
    },
    {
      do: 'Trim across the tip to {trim}, and grade the allowances beside it.',
      check: 'No stitch of the seam is cut.',
      caution: BLADE,
      with: 'blade',
      view: 'above',
      now: ['trim'],
    },
    {
      do: 'Turn it, push the point out gently, [press] it.',
      check: 'The point is as sharp as the fabric allows.',
      caution: 'Push with something blunt.',
      with: 'iron',
      view: 'above',
    },
  ],
  faults: ['wandering', 'uneven-length', 'chewed'],
});
