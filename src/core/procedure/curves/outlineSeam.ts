import { mm } from '../../units';
import { cannot, type Cannot } from '../../seam';
import type { Outline } from '../../seam';
import { answerFor, lineOf, outlineNumbers } from './alongOutline';
import { allowance } from '../engine/asks';
import { FROM_STITCHES_MM, outlineScene } from './outlineScene';
import { BLADE } from '../engine/pieces';
import type { Ask, Given, Numbers, Procedure, Step } from '../engine/types';
import { procedure, SEWN_SO } from '../engine/procedure';

const NECKLINE = 'neckline';
const BOX = 'box';
const TRIM: Ask = {
  key: 'trim',
  label: 'Trimmed before it is turned, to',
  unit: 'mm',
  usual: 6,
  least: 3,
  most: 30,
};

/** Trimming and cutting into the allowance, `where` being all of it or all but the gap. */
const cutting = (where: string): readonly Step[] => [
  {
    do: `Trim the allowance to {trim}, ${where}.`,
    check: 'The same width everywhere.',
    caution: BLADE,
    with: 'blade',
    view: 'above',
    now: ['trim'],
    when: 'trims',
  },
  {
    do: 'Snip {clips:n} times where the edge must spread, up to {reach} from the stitching.',
    check: 'Bend it the way it will lie: it spreads, and no snip reaches the stitching.',
    caution: BLADE,
    with: 'blade',
    view: 'above',
    now: ['cuts'],
    when: 'clips',
  },
  {
    do: 'Cut out {notches:n} wedges where the edge would crowd, up to {reach} from the stitching.',
    check: 'Bent over your finger, no folds overlap.',
    caution: BLADE,
    with: 'blade',
    view: 'above',
    now: ['cuts'],
    when: 'notches',
  },
  {
    do: 'At {corners:n} corners: trim across outer tips, {2 mm} from the stitching; snip straight into inner ones.',
    check: 'No stitch of the seam is cut.',
    caution: BLADE,
    with: 'blade',
    view: 'above',
    now: ['corners'],
    when: 'corners',
  },
];

const sewing: readonly Step[] = [
  {
    do: 'Sew along the line, {sewn}, with stitches of {stitch}; go slowly, turning the fabric all the time.',
    check: 'The row is never more than a thread off the mark.',
    view: 'above',
    now: ['seam'],
    sews: 'sewn',
    atMm: 'stitch',
    when: '!changes',
  },
  {
    do: 'Sew along the line, {sewn}. The numbers beside it are stitch lengths, down to {shortest} where it is tightest.',
    check: 'The row is never more than a thread off the mark.',
    view: 'above',
    now: ['seam'],
    sews: 'sewn',
    atMm: 'shortest',
    when: 'changes',
  },
];

const MARK: Step = {
  do: 'Mark the line from the printed template, {allowance} from the raw edge.',
  check: 'The bar on the sheet measures correctly, and the corner marks are on the fabric.',
  view: 'above',
  now: ['seam'],
};
const CORNERS: Step = {
  do: 'At each of {corners:n} corners: needle down, foot up, turn, foot down.',
  check: 'There is a stitch exactly at every corner. If one misses, turn the handwheel for the last stitches.',
  view: 'above',
  now: ['seam'],
  when: 'corners',
};

const views = (first: string, label: string): Procedure['views'] => ({
  above: (numbers: Numbers, given: Given) => {
    const outline = lineOf(given, first);
    return outlineScene({
      outline,
      answer: answerFor(outline, given, numbers.trim),
      allowance: numbers.allowance,
      trim: numbers.trim,
      label,
      side: 'wrong',
      gap: numbers.gap,
    });
  },
});

/** A seam along any line: neckline, armhole, scallops, a shape of one's own. */
export const OUTLINE_SEAM = procedure('outline-seam', {
  ...SEWN_SO,
  name: 'Seam along any line',
  group: 'curve and corner',
  kind: 'join',
  along: NECKLINE,
  asks: [allowance(10), TRIM],
  work: ({ allowance: a, trim }, given) => {
    const numbers = outlineNumbers(lineOf(given, NECKLINE), given, a, trim);
    return 'blocked' in numbers ? numbers : { ...numbers, sewn: numbers.along, reach: FROM_STITCHES_MM };
  },
  views: views(NECKLINE, 'From above, wrong side up: the seam line and its allowance'),
  ready: ['the printed template', 'sharp small scissors', 'a point turner', '[pins]', '[iron]'],
  steps: [
    MARK,
    ...sewing,
    CORNERS,
    ...cutting('all along'),
    {
      do: 'Turn, roll the seam to the very edge, [press] it.',
      check: 'A smooth edge: no corner on a curve, no curve at a corner.',
      with: 'iron',
      view: 'above',
    },
  ],
  faults: ['wandering', 'pucker-line', 'slippage', 'uneven-length'],
});

/** Closed, with room for the gap: what is left is sewn. */
function enclosed({ closed }: Outline, numbers: Numbers, gap: number): Numbers | Cannot {
  if (!closed) {
    const text =
      'This line is open, and an enclosed shape ends where it starts. Choose a closed shape, or say that yours closes.';
    return cannot('seam.outline-open', text);
  }
  if (gap > numbers.along / 2) {
    const most = Math.floor(numbers.along / 2);
    return cannot(
      'seam.gap-too-long',
      `A gap of ${mm(gap)} is more than half of the line: leave at most ${mm(most)} open.`,
      most,
      gap,
    );
  }
  return { ...numbers, gap, sewn: numbers.along - gap, reach: FROM_STITCHES_MM };
}

/** Two pieces sewn together all round but for a gap, and turned through it: cushion, pocket flap, toy. */
export const ENCLOSED = procedure('enclosed', {
  ...SEWN_SO,
  name: 'Enclosed shape, turned through a gap',
  group: 'curve and corner',
  kind: 'join',
  along: BOX,
  asks: [
    allowance(10),
    TRIM,
    { key: 'gap', label: 'Gap to turn it through', unit: 'mm', usual: 100, least: 20, most: 600 },
  ],
  work: ({ allowance: a, trim, gap }, given) => {
    const outline = lineOf(given, BOX);
    const numbers = outlineNumbers(outline, given, a, trim);
    if ('blocked' in numbers) return numbers;
    return enclosed(outline, numbers, gap);
  },
  views: views(BOX, 'From above, right sides together: all round but for the gap'),
  ready: ['the printed template', 'scissors', 'a point turner, blunt', 'hand needle and thread'],
  steps: [
    {
      do: 'Right sides together. Mark the line, and the gap of {gap} in a straight stretch.',
      check: 'The gap is away from corners and curves.',
      view: 'above',
      now: ['seam'],
    },
    {
      do: '[Press] the allowances of the gap back along the line while it is still flat.',
      check: 'Two crisp folds, {gap} long.',
      with: 'iron',
      view: 'above',
    },
    ...sewing,
    CORNERS,
    {
      do: '[Secure] both ends of the gap.',
      check: 'Pull at the gap: it does not open farther.',
      view: 'above',
      now: ['seam'],
    },
    ...cutting('all round, but leave it whole at the gap'),
    {
      do: 'Turn it through the gap, push corners out gently, roll the seam to the edge and [press] it.',
      check: 'Every corner is out, and nothing pokes through.',
      caution: 'Push with something blunt.',
      with: 'iron',
      view: 'above',
    },
    {
      do: 'Close the gap by hand: straight across from fold to fold, hiding the thread in the folds.',
      check: 'The stitches do not show; count [the pins].',
      caution: 'Put the needle in its case when you put the work down.',
      view: 'above',
    },
  ],
  faults: ['wandering', 'pucker-line', 'uneven-layers', 'uneven-length'],
});
