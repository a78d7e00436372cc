import { describe, expect, it } from 'vitest';
import { secureRisk, seamContext } from '../physics';
import type { Setup } from '../setup';
import { type CheckInput, checkInputSchema, checkSetup, match, matchInputSchema, type MatchRequest } from '.';

type Cloth = MatchRequest['cloth'];
type Operation = MatchRequest['operation'];

const check = (cloth: Cloth, operation: Operation, setup: object) =>
  checkSetup(checkInputSchema.parse({ cloth, operation, setup }) as CheckInput);
const level = (found: ReturnType<typeof check>, sign: string) => found.risks.find((r) => r.sign === sign)?.level ?? 0;

const plain = { foot: 'standard', plate: 'standard', lengthMm: 2.5, widthMm: 0, stitch: 'straight' } as const;
const tex27 = { fibre: 'polyester', tex: 27 } as const;
const jersey: Cloth = { structure: 'knit', family: 'jersey', stretchAcross: 50, massGsm: 160 };
const swim: Cloth = { structure: 'knit', family: 'swim', fibres: { polyamide: 80, elastane: 20 } };
const cotton: Cloth = { ...jersey, fibres: { cotton: 100 } };
const join: Operation = { kind: 'join' };

interface Mistake {
  name: string;
  cloth: Cloth;
  operation: Operation;
  setup: object;
  sign: string;
  /** False where no dial mends it: the layers or the allowance are what they are. */
  dials?: false;
}

// The classic mistakes of the trade (common practice): each must score high, and the setting match returns low.
const MISTAKES: Mistake[] = [
  {
    name: 'a straight stitch in a side seam that stretches',
    cloth: jersey,
    operation: join,
    setup: { ...plain, needle: { point: 'ballpoint', nm: 75 }, thread: tex27 },
    sign: 'popped',
  },
  {
    name: 'a universal 100/16 on chiffon',
    cloth: { structure: 'woven', family: 'chiffon' },
    operation: join,
    setup: { ...plain, lengthMm: 1.8, needle: { point: 'universal', nm: 100 }, thread: tex27 },
    sign: 'pucker-away',
  },
  {
    name: 'a short stitch on vinyl',
    cloth: { structure: 'coated', family: 'vinyl' },
    operation: join,
    setup: { ...plain, lengthMm: 1.8, needle: { point: 'jeans', nm: 90 }, thread: tex27 },
    sign: 'perforated',
  },
  {
    name: 'heavy pressure on slinky jersey',
    cloth: { structure: 'knit', family: 'slinky-jersey' },
    operation: join,
    setup: { ...plain, stitch: 'zigzag', widthMm: 2, pressure: 1, needle: { point: 'stretch', nm: 75 }, thread: tex27 },
    sign: 'wavy',
  },
  {
    name: 'polyester thread on an all-cotton knit',
    cloth: cotton,
    operation: join,
    setup: { ...plain, stitch: 'zigzag', widthMm: 2.5, needle: { point: 'ballpoint', nm: 75 }, thread: tex27 },
    sign: 'holes',
  },
  {
    name: 'plain polyester on swim cloth',
    cloth: swim,
    operation: join,
    setup: {
      ...plain,
      stitch: 'zigzag',
      lengthMm: 1.5,
      widthMm: 3.5,
      needle: { point: 'stretch', nm: 75 },
      thread: tex27,
    },
    sign: 'popped',
  },
  {
    name: 'a ballpoint on cloth with much elastane',
    cloth: swim,
    operation: join,
    setup: { ...plain, stitch: 'zigzag', widthMm: 3, needle: { point: 'ballpoint', nm: 75 }, thread: tex27 },
    sign: 'skipped',
  },
  {
    name: 'a sharp needle on jersey',
    cloth: jersey,
    operation: join,
    setup: { ...plain, stitch: 'zigzag', widthMm: 2, needle: { point: 'sharp', nm: 75 }, thread: tex27 },
    sign: 'holes',
  },
  {
    name: 'topstitch thread in a fine needle',
    cloth: { structure: 'woven', family: 'denim' },
    operation: { kind: 'topstitch' },
    setup: { ...plain, needle: { point: 'universal', nm: 80 }, thread: { fibre: 'polyester', tex: 80 } },
    sign: 'shreds',
  },
  {
    name: 'a wide twin needle on soft jersey',
    cloth: jersey,
    operation: { kind: 'hem' },
    setup: { ...plain, needle: { point: 'twin', nm: 80, gapMm: 6 }, thread: tex27 },
    sign: 'tunnel',
  },
  {
    name: 'thin lawn started over the wide slot',
    cloth: { structure: 'woven', family: 'lawn', massGsm: 60 },
    operation: join,
    setup: { ...plain, lengthMm: 1.8, needle: { point: 'universal', nm: 60 }, thread: { fibre: 'polyester', tex: 18 } },
    sign: 'chewed',
  },
  {
    name: 'a very long stitch on thin silk',
    cloth: { structure: 'woven', family: 'silk', massGsm: 45 },
    operation: join,
    setup: { ...plain, lengthMm: 4, needle: { point: 'universal', nm: 60 }, thread: { fibre: 'polyester', tex: 18 } },
    sign: 'pucker-line',
  },
  {
    name: 'short stitches crowding ripstop',
    cloth: { structure: 'woven', family: 'ripstop' },
    operation: join,
    setup: { ...plain, lengthMm: 1.5, needle: { point: 'sharp', nm: 65 }, thread: { fibre: 'polyester', tex: 18 } },
    sign: 'pucker-line',
  },
  {
    name: 'nine layers of denim with a thin needle',
    cloth: { structure: 'woven', family: 'denim', massGsm: 400 },
    operation: { kind: 'hem', layers: 9 },
    setup: { ...plain, lengthMm: 3, needle: { point: 'jeans', nm: 90 }, thread: tex27 },
    sign: 'hump-stall',
    dials: false,
  },
  {
    name: 'a narrow allowance in a loose weave',
    cloth: { structure: 'woven', family: 'hand-woven' },
    operation: { kind: 'join', allowanceMm: 3 },
    setup: { ...plain, lengthMm: 4, needle: { point: 'universal', nm: 90 }, thread: tex27 },
    sign: 'slippage',
    dials: false,
  },
  {
    name: 'normal pressure on velvet',
    cloth: { structure: 'woven', family: 'velvet' },
    operation: join,
    setup: { ...plain, pressure: 0.5, needle: { point: 'universal', nm: 75 }, thread: tex27 },
    sign: 'marks',
  },
  {
    name: 'a plain foot on two layers of slippery knit',
    cloth: { structure: 'knit', family: 'slinky-jersey' },
    operation: join,
    setup: { ...plain, stitch: 'zigzag', widthMm: 2, needle: { point: 'stretch', nm: 75 }, thread: tex27 },
    sign: 'uneven-layers',
  },
  {
    name: 'a very wide zigzag in a seam that shows',
    cloth: jersey,
    operation: join,
    setup: { ...plain, stitch: 'zigzag', widthMm: 7, needle: { point: 'ballpoint', nm: 75 }, thread: tex27 },
    sign: 'grinning',
  },
];

describe('practice: the classic mistakes score high, and the setting match returns does not', () => {
  it.each(MISTAKES.map((m) => [m.name, m] as const))('%s', (_, { cloth, operation, setup, sign, dials }) => {
    const wrong = level(check(cloth, operation, setup), sign);
    expect(wrong).toBeGreaterThanOrEqual(0.35);
    const right = match(matchInputSchema.parse({ cloth, operation }));
    const left = right.risks.find((r) => r.sign === sign)?.level ?? 0;
    if (dials === false) expect(left).toBeLessThanOrEqual(wrong);
    else expect(left).toBeLessThan(wrong / 2);
  });

  it('back-stitching silk is rough, a knot is not (common practice)', () => {
    const silk = matchInputSchema.parse({ cloth: { structure: 'woven', family: 'silk' }, operation: join });
    const { profile } = seamContext(silk.cloth, silk.operation);
    expect(secureRisk(profile, 'back-stitch').level).toBeGreaterThan(0.5);
    expect(secureRisk(profile, 'knot').level).toBe(0);
    const chosen = match(
      matchInputSchema.parse({
        cloth: { structure: 'woven', family: 'silk' },
        operation: join,
        schools: { securing: 'back-stitch' },
      }),
    );
    expect(level(chosen as unknown as ReturnType<typeof check>, 'chewed')).toBeGreaterThan(0.5);
    expect(chosen.cautions.join(' ')).toMatch(/rough on this fabric/);
  });
});

// What strikes metal is blocked and shown as a broken needle (common practice, and the machine's manual).
const universal: Setup['needle'] = { point: 'universal', nm: 80 };
const poplin: Cloth = { structure: 'woven', family: 'poplin' };
describe('practice: what would strike metal is blocked, and is a sure broken needle', () => {
  it.each<[string, object, string]>([
    [
      'a zigzag through the straight-stitch plate',
      { plate: 'straight', stitch: 'zigzag', widthMm: 3 },
      'interlock.plate-needs-straight',
    ],
    [
      'triple straight through the straight-stitch plate',
      { plate: 'straight', stitch: 'triple-straight' },
      'interlock.plate-needs-straight',
    ],
    [
      'a twin needle through the straight-stitch plate',
      { plate: 'straight', needle: { point: 'twin', nm: 80, gapMm: 2 } },
      'interlock.plate-needs-one-needle',
    ],
    [
      'a needle moved aside over the straight-stitch plate',
      { plate: 'straight', needlePositionMm: 2 },
      'interlock.needle-off-hole',
    ],
    [
      'a zigzag under a straight-stitch foot',
      { foot: 'straight', stitch: 'zigzag', widthMm: 2 },
      'interlock.foot-needs-straight',
    ],
    [
      'a zigzag under a quarter-inch foot',
      { foot: 'quarter-inch', stitch: 'zigzag', widthMm: 2 },
      'interlock.foot-needs-straight',
    ],
    [
      'a moved needle under a concealed-zip foot',
      { foot: 'concealed-zip', needlePositionMm: 2 },
      'interlock.foot-opening',
    ],
    [
      'a needle moved into the bar of a zip foot',
      { foot: 'zip', footSide: 'left', needlePositionMm: -2 },
      'interlock.foot-opening',
    ],
    ['a wide zigzag under a zip foot', { foot: 'zip', stitch: 'zigzag', widthMm: 5 }, 'interlock.foot-opening'],
    ['a wide zigzag under a ditch foot', { foot: 'ditch', stitch: 'zigzag', widthMm: 6 }, 'interlock.foot-opening'],
    ['a 9 mm swing under a walking foot', { foot: 'walking', stitch: 'zigzag', widthMm: 9 }, 'interlock.foot-opening'],
    [
      'a twin needle wider than what the swing leaves',
      { needle: { point: 'twin', nm: 80, gapMm: 4 }, stitch: 'zigzag', widthMm: 5 },
      'interlock.twin-slot',
    ],
  ])('%s', (_, more, code) => {
    const found = check(poplin, join, { ...plain, needle: universal, thread: tex27, ...more });
    expect(found.blocked.map((b) => b.code)).toContain(code);
    expect(level(found, 'needle-broke')).toBe(1);
  });

  it('the same needle on the free side of the zip foot passes', () => {
    const found = check(
      poplin,
      { kind: 'zip-centred' },
      { ...plain, needle: universal, thread: tex27, foot: 'zip', footSide: 'left', needlePositionMm: 2 },
    );
    expect(found.blocked).toEqual([]);
  });
});
