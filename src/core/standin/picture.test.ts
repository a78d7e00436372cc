import { describe, expect, it } from 'vitest';
import type { Setup } from '../setup';
import { plainSetup } from '../setup/plainSetup.testing';
import { HIDDEN_FAULTS, NO_TROUBLE, type Quirks, type Raster, sewLine, sewnPicture, standIn, type Trouble } from '.';
import { asked, clothOf, GOOD, hiding, plain, sewn, SUITED } from './lines.testing';

const setup = plainSetup({ needle: { point: 'ballpoint', nm: 75 }, pressure: 0.25 });
const jersey = { structure: 'knit' as const, family: 'jersey' as const, traits: [], massGsm: 170, stretchAcross: 50 };
const input = (more: Partial<Setup> = {}, layers = 2) => ({
  setup: { ...setup, ...more },
  cloth: jersey,
  lengthMm: 40,
  direction: 'across' as const,
  operation: { kind: 'join' as const, layers },
});
const drawn = (...asked: Parameters<typeof sewnPicture>): Raster => {
  const picture = sewnPicture(...asked);
  if (!picture) throw new Error('expected a picture');
  return picture;
};
const draw = (quirks: Partial<Quirks> = {}, more: Partial<Setup> = {}, trouble: Partial<Trouble> = {}) =>
  drawn(input(more), { quirks: { ...GOOD.quirks, ...quirks }, trouble: { ...NO_TROUBLE, ...trouble } }, 3, 6);

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
    expect(Buffer.from(draw().data).equals(Buffer.from(draw().data))).toBe(true);
    const twice = drawn(input(), GOOD, 3, 12);
    expect([twice.width, twice.height]).toEqual([2 * draw().width, 2 * draw().height]);
  });

  it('drawing it does not change what is measured', () => {
    const before = sewLine(input(), standIn(4), 3);
    drawn(input(), standIn(4), 3, 4);
    expect(sewLine(input(), standIn(4), 3)).toEqual(before);
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

  it.each(HIDDEN_FAULTS)('%s can be seen in thread or cloth, on a cloth where it shows', (fault) => {
    const [cloth, own] = SUITED.find(([c, good]) => plain(sewn(asked(good, c), hiding(fault))).length > 0)!;
    const line = { ...input(), cloth, setup: own, lengthMm: 24 };
    const [good, bad] = [drawn(line, GOOD, 3, 6), drawn(line, hiding(fault), 3, 6)];
    const differing = good.data.filter((value, i) => Math.abs(value - bad.data[i]) > 40).length;
    expect(differing).toBeGreaterThan(150);
  });

  it('a broken needle ends the line and lies beside it', () => {
    const steel = (r: number, g: number, b: number) => Math.abs(r - g) < 14 && b > r && r > 80 && r < 150;
    const line = { ...input(), cloth: clothOf('linen') };
    expect(count(drawn(line, hiding('metal'), 3, 6), 'front', steel)).toBeGreaterThan(
      count(drawn(line, GOOD, 3, 6), 'front', steel) + 100,
    );
  });

  it('one layer has no other layer to show at its end', () => {
    const single = drawn(input({}, 1), GOOD, 3, 6);
    const shade = (r: Raster) => count(r, 'front', (_, g) => g > 120 && g < 165);
    expect(shade(single)).toBeLessThan(shade(draw({ creep: 6 }, { pressure: 1 })));
  });
});
