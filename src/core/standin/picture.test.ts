import { describe, expect, it } from 'vitest';
import type { Setup } from '../setup';
import { plainSetup } from '../setup/plainSetup.testing';
import { type HiddenFault, type Quirks, quirksOf, type Raster, sewLine, sewnPicture } from '.';

const setup = plainSetup({ needle: { point: 'ballpoint', nm: 75 }, pressure: 0.25 });
const jersey = { structure: 'knit' as const, family: 'jersey' as const, traits: [], massGsm: 170, stretchAcross: 50 };
const input = (more: Partial<Setup> = {}, layers = 2) => ({
  setup: { ...setup, ...more },
  cloth: jersey,
  lengthMm: 40,
  direction: 'across' as const,
  layers,
});
const GOOD: Quirks = { lengthFactor: 1, tensionSteps: 0, pressure: 0, creep: 1, needleWear: 0, threadFuzz: 0, lint: 0 };
const draw = (quirks: Partial<Quirks> = {}, more: Partial<Setup> = {}) =>
  sewnPicture(input(more), { ...GOOD, ...quirks }, 3, 6);

/** Pixels of which the test holds, in the upper (front) or lower (back) half. */
function count(
  { width, height, data }: Raster,
  half: 'front' | 'back',
  test: (r: number, g: number, b: number) => boolean,
) {
  const from = half === 'front' ? 0 : (width * height) / 2;
  let found = 0;
  for (let i = from; i < from + (width * height) / 2; i += 1)
    if (test(data[4 * i], data[4 * i + 1], data[4 * i + 2])) found += 1;
  return found;
}
const red = (r: number, g: number, b: number) => r > 1.6 * g && r > 1.4 * b && r > 90;
const blue = (r: number, g: number, b: number) => b > 1.25 * g && b > 2 * r;
const spread = ({ data }: Raster) => {
  let [sum, square] = [0, 0];
  for (let i = 1; i < data.length; i += 4) [sum, square] = [sum + data[i], square + data[i] ** 2];
  const n = data.length / 4;
  return Math.sqrt(square / n - (sum / n) ** 2);
};

describe('the picture of a sewn line', () => {
  it('is the same for the same line, twice as wide for twice the pixels, front above back', () => {
    expect(draw()).toEqual(draw());
    const twice = sewnPicture(input(), GOOD, 3, 12);
    expect([twice.width, twice.height]).toEqual([2 * draw().width, 2 * draw().height]);
  });

  it('drawing it does not change what is measured', () => {
    const before = sewLine(input(), quirksOf(4), 3);
    sewnPicture(input(), quirksOf(4), 3, 4);
    expect(sewLine(input(), quirksOf(4), 3)).toEqual(before);
  });

  it('in balance shows the needle thread in front and the bobbin thread behind', () => {
    expect(count(draw(), 'front', red)).toBeGreaterThan(100);
    expect(count(draw(), 'front', blue)).toBe(0);
    expect(count(draw(), 'back', blue)).toBeGreaterThan(100);
    expect(count(draw(), 'back', red)).toBe(0);
  });

  it('with the needle tension high shows bobbin thread in front, with it low needle thread behind', () => {
    expect(count(draw({ tensionSteps: 2 }), 'front', blue)).toBeGreaterThan(50);
    expect(count(draw({ tensionSteps: -2 }), 'back', red)).toBeGreaterThan(50);
  });

  it.each<[string, Partial<Quirks>, Partial<Setup>]>([
    ['heavy pressure makes waves', { pressure: 0.6 }, {}],
    [
      'a twin needle pulled tight makes a ridge',
      { tensionSteps: 2 },
      { needle: { point: 'twin-stretch', nm: 75, gapMm: 4 } },
    ],
  ])('%s: light and shade on the cloth', (_, quirks, more) =>
    expect(spread(draw(quirks, more))).toBeGreaterThan(spread(draw({}, more)) + 0.4),
  );

  it.each<[string, HiddenFault | undefined, Partial<Quirks>, Partial<Setup>]>([
    ['a blunt needle leaves out stitches', undefined, { needleWear: 1 }, { stitch: 'zigzag', widthMm: 3 }],
    ['a thick needle makes larger holes', undefined, {}, { needle: { point: 'ballpoint', nm: 100 } }],
    ['lint makes some stitches longer than others', undefined, { lint: 1 }, {}],
    ['fuzzy thread has fibres standing off it', undefined, { threadFuzz: 1 }, {}],
  ])('%s, which is another picture than that of a good line', (_, __, quirks, more) => {
    const [good, bad] = [
      draw({}, { stitch: more.stitch ?? 'straight', widthMm: more.widthMm ?? 0 }),
      draw(quirks, more),
    ];
    const differing = good.data.filter((value, i) => Math.abs(value - bad.data[i]) > 40).length;
    expect(differing).toBeGreaterThan(150);
  });

  it('one layer has no other layer to show at its end', () => {
    const single = sewnPicture(input({}, 1), GOOD, 3, 6);
    const shade = (r: Raster) => count(r, 'front', (_, g) => g > 120 && g < 165);
    expect(shade(single)).toBeLessThan(shade(sewnPicture(input({ pressure: 1 }, 2), { ...GOOD, creep: 3 }, 3, 6)));
  });
});
