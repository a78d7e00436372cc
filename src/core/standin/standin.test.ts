import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type Cloth, FAMILIES } from '../cloth';
import { FULL_KIT, PLAIN_MACHINE } from '../kit';
import type { Setup } from '../setup';
import { plainSetup } from '../setup/plainSetup.testing';
import { HIDDEN_FAULTS, sew, sewInputSchema, sewLine, sewnPicture, sewOutputSchema, sewPicture } from '.';
import {
  asked,
  clothOf,
  GOOD,
  hiding,
  JERSEY,
  ON_HIDE,
  ON_JERSEY,
  ON_WOVEN,
  plain,
  severity,
  sewn,
  SUITED,
  worst,
} from './lines.testing';

describe('the simulated machine', () => {
  it('sews the same line and the same picture for the same seed, and says that it is simulated', () => {
    fc.assert(
      fc.property(
        fc.nat(1000),
        fc.uniqueArray(fc.constantFrom(...HIDDEN_FAULTS), { maxLength: 2 }),
        (machineSeed, faults) => {
          const input = sewInputSchema.parse({ setup: ON_JERSEY, cloth: JERSEY, machineSeed, faults, lengthMm: 20 });
          const first = sew(input);
          expect(JSON.stringify(sew(input))).toBe(JSON.stringify(first));
          const bytes = () => Buffer.from(sewPicture(input)?.data ?? []);
          expect(bytes().equals(bytes())).toBe(true);
          expect(first).toMatchObject({ simulated: true });
          expect(sewOutputSchema.safeParse(first).success).toBe(true);
        },
      ),
      { numRuns: 6 },
    );
  });

  it('of another seed is another machine', () => {
    const line = (machineSeed: number) => sew(sewInputSchema.parse({ setup: ON_JERSEY, cloth: JERSEY, machineSeed }));
    expect(line(3)).not.toEqual(line(4));
  });

  it('knows every foot, point and stitch that is sold', () => {
    for (const needle of FULL_KIT.needles) {
      // Six apart fills the slot: nothing may swing then.
      const straight = needle.gapMm === 6 && { stitch: 'straight' as const, widthMm: 0 };
      const { ridgeMm } = sewn(asked({ ...ON_JERSEY, needle, ...straight })).measures;
      expect(Number.isFinite(ridgeMm)).toBe(true);
    }
    for (const foot of FULL_KIT.feet) {
      const line = sewn(asked(plainSetup({ foot, needle: { point: 'ballpoint', nm: 75 } })));
      expect(Number.isFinite(line.measures.shiftMm)).toBe(true);
    }
    for (const stitch of PLAIN_MACHINE.stitches)
      expect(Number.isFinite(sewn(asked({ ...ON_JERSEY, stitch })).measures.popPercent)).toBe(true);
  });

  it('in a suited setting without trouble shows nothing at all', () => {
    for (const [cloth, setup] of SUITED) expect(sewn(asked(setup, cloth)).findings, cloth.family).toEqual([]);
  });
});

describe('what would strike is not sewn', () => {
  it.each<[string, Partial<Setup>, string]>([
    ['zigzag through the small hole', { plate: 'straight', stitch: 'zigzag', widthMm: 3 }, 'standin.strikes-plate'],
    [
      'twins six apart that swing',
      { needle: { point: 'twin', nm: 100, gapMm: 6 }, stitch: 'zigzag', widthMm: 2 },
      'standin.strikes-plate',
    ],
    ['a needle off the small hole', { plate: 'straight', needlePositionMm: -1 }, 'standin.strikes-plate'],
    ['triple straight in the small hole', { plate: 'straight', stitch: 'triple-straight' }, 'standin.strikes-plate'],
    [
      'twins through the small hole',
      { plate: 'straight', needle: { point: 'twin', nm: 80, gapMm: 2 } },
      'standin.strikes-plate',
    ],
    [
      'twins wider than the slot',
      { needle: { point: 'twin', nm: 80, gapMm: 4 }, stitch: 'zigzag', widthMm: 4 },
      'standin.strikes-plate',
    ],
    ['a swing past the slot', { stitch: 'zigzag', widthMm: 7, needlePositionMm: 2 }, 'standin.strikes-plate'],
    ['zigzag under the straight foot', { foot: 'straight', stitch: 'zigzag', widthMm: 3 }, 'standin.strikes-foot'],
    [
      'a needle aside under the quarter-inch foot',
      { foot: 'quarter-inch', needlePositionMm: 1 },
      'standin.strikes-foot',
    ],
    ['the bar of the zip foot', { foot: 'zip', footSide: 'left', needlePositionMm: -2 }, 'standin.strikes-foot'],
  ])('%s', (_, more, code) => {
    expect(sewLine(asked(plainSetup(more)), GOOD, 1)).toMatchObject({ blocked: { code } });
    expect(sewnPicture(asked(plainSetup(more)), GOOD, 1, 6)).toBeNull();
  });

  it.each<[string, Partial<Setup>]>([
    ['a straight stitch through the small hole', { plate: 'straight' }],
    ['the widest zigzag in the slot', { stitch: 'zigzag', widthMm: 7 }],
    ['twins that fit', { needle: { point: 'twin', nm: 80, gapMm: 4 }, stitch: 'zigzag', widthMm: 2 }],
    ['the open side of the zip foot', { foot: 'zip', footSide: 'left', needlePositionMm: 2 }],
  ])('but %s is', (_, more) => expect('blocked' in sewLine(asked(plainSetup(more)), GOOD, 1)).toBe(false));
});

describe('what would break breaks', () => {
  const HEAVY: Cloth = { ...clothOf('denim'), massGsm: 475 };

  it('Nm 60 in twelve layers of heavy denim: the needle, and nothing is measured after it', () => {
    const setup = plainSetup({ needle: { point: 'universal', nm: 60 }, thread: { fibre: 'polyester', tex: 18 } });
    const line = sewn(asked(setup, HEAVY, { operation: { kind: 'join', layers: 12 } }));
    expect(severity(line, 'needle-broke')).toBe(3);
    expect(line.measures).toMatchObject({ afterMm: null, shiftMm: null, popPercent: null, ridgeMm: null });
    expect(line.measures.overMm).toBeGreaterThan(30);
    expect(line.measures.overMm).toBeLessThan(70);
    const strong = plainSetup({ needle: { point: 'jeans', nm: 110 }, thread: { fibre: 'polyester', tex: 40 } });
    const stout = sewn(asked(strong, HEAVY, { operation: { kind: 'join', layers: 12 } }));
    expect(severity(stout, 'needle-broke')).toBe(0);
    // Ten millimetres are wedged under the foot all the same.
    expect(severity(stout, 'no-feed')).toBe(3);
    expect(severity(sewn(asked(strong, HEAVY, { operation: { kind: 'join', layers: 6 } })), 'no-feed')).toBe(0);
  });

  it('Tex 80 in Nm 60 shreds, in Nm 110 it does not', () => {
    const with80 = (nm: number) =>
      sewn(
        asked(
          plainSetup({ needle: { point: 'universal', nm }, thread: { fibre: 'polyester', tex: 80 } }),
          clothOf('canvas'),
        ),
      );
    expect(severity(with80(60), 'shreds')).toBe(3);
    expect(severity(with80(110), 'shreds')).toBeLessThan(2);
  });

  it('metal under the needle breaks it; a glancing blow blunts it', () => {
    expect(severity(sewn(asked(ON_WOVEN, clothOf('linen')), hiding('metal', 0.6)), 'needle-broke')).toBe(3);
    const glanced = sewn(asked(ON_WOVEN, clothOf('linen')), hiding('metal', 0.4));
    expect(severity(glanced, 'needle-broke')).toBe(0);
    expect(worst(glanced)).toBeGreaterThan(0);
  });

  it('a bent needle strikes the small hole, and misses the wide slot', () => {
    const bent = hiding('bent-needle', 0.9);
    expect(severity(sewn(asked(plainSetup({ plate: 'straight' }), clothOf('linen')), bent), 'needle-broke')).toBe(3);
    expect(severity(sewn(asked(ON_WOVEN, clothOf('linen')), bent), 'needle-broke')).toBe(0);
  });

  it('a cloth that does not move is never left', () => {
    const line = sewn(asked(ON_JERSEY), hiding('feed-lowered'));
    expect(severity(line, 'no-feed')).toBe(3);
    expect(line.measures.overMm).toBeLessThan(5);
  });
});

describe('a setting that does not suit shows', () => {
  it.each<[string, Cloth, Partial<Setup>, string]>([
    ['heavier pressure lengthens a knit', JERSEY, { ...ON_JERSEY, pressure: 1, foot: 'standard' }, 'wavy'],
    ['a thick needle makes holes in it', JERSEY, { ...ON_JERSEY, needle: { point: 'ballpoint', nm: 100 } }, 'holes'],
    ['a sharp point skips on it', JERSEY, { ...ON_JERSEY, needle: { point: 'sharp', nm: 75 } }, 'skipped'],
    ['a ballpoint skips on a springy one', clothOf('swim'), ON_JERSEY, 'skipped'],
    ['high tension shows', JERSEY, { ...ON_JERSEY, tensionSteps: 3 }, 'loops-above'],
    ['low tension shows on the other side', JERSEY, { ...ON_JERSEY, tensionSteps: -3 }, 'loops-below'],
    ['a straight stitch pops', JERSEY, { ...ON_JERSEY, stitch: 'straight', widthMm: 0, lengthMm: 4 }, 'popped'],
    ['short stitches tear a hide', clothOf('leather'), { ...ON_HIDE, lengthMm: 2 }, 'perforated'],
    [
      'a thick needle pulls a fine weave',
      clothOf('lawn'),
      { ...ON_WOVEN, needle: { point: 'universal', nm: 90 } },
      'pucker-away',
    ],
    [
      'a short stitch and a thick thread crowd a dense weave',
      clothOf('poplin'),
      { ...ON_WOVEN, needle: { point: 'universal', nm: 90 }, thread: { fibre: 'polyester', tex: 40 }, lengthMm: 1.5 },
      'pucker-line',
    ],
    ['a heavy foot crushes a pile', clothOf('velvet'), { ...ON_WOVEN, pressure: 0.75 }, 'marks'],
    ['long stitches let a loose weave part', clothOf('hand-woven'), { ...ON_WOVEN, lengthMm: 4.5 }, 'slippage'],
    [
      'tight twins raise a ridge',
      JERSEY,
      {
        ...ON_JERSEY,
        stitch: 'straight',
        widthMm: 0,
        needle: { point: 'twin-stretch', nm: 75, gapMm: 4 },
        tensionSteps: 2,
      },
      'tunnel',
    ],
  ])('%s', (_, cloth, setup, sign) => expect(plain(sewn(asked(plainSetup(setup), cloth)))).toContain(sign));

  it('gives more with a wide short zigzag than with a straight stitch', () =>
    expect(sewn(asked({ ...ON_JERSEY, lengthMm: 1.5, widthMm: 5 })).measures.popPercent).toBeGreaterThan(
      sewn(asked({ ...ON_JERSEY, stitch: 'straight', widthMm: 0 })).measures.popPercent!,
    ));

  it('two cloths that stretch unlike end unlike, and one layer cannot', () => {
    const both = asked(ON_JERSEY, JERSEY, { operation: { kind: 'join', second: clothOf('poplin') } });
    expect(sewn(both).measures.shiftMm).toBeGreaterThan(sewn(asked(ON_JERSEY)).measures.shiftMm!);
    expect(sewn(asked(ON_JERSEY, JERSEY, { operation: { kind: 'stay', layers: 1 } })).measures.shiftMm).toBe(0);
  });
});

it('has a word for every family of cloth', () => {
  for (const family of FAMILIES) {
    const line = sewLine(asked(ON_WOVEN, clothOf(family)), GOOD, 1);
    expect('blocked' in line || Number.isFinite(line.measures.pucker), family).toBe(true);
  }
});
