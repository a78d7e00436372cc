import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { FAMILIES, FAMILY } from '../cloth';
import { checkInterlocks } from '../interlock';
import { PLAIN_MACHINE } from '../kit';
import { doubtsOf, match, matchInputSchema, type MatchRequest } from '../match';
import { seamContext } from '../physics';
import { settingReadings } from '../setup';
import { layoutScrap, LINE_MM, planScrap, replanned } from '.';

const asked = (cloth: MatchRequest['cloth'], more: Partial<MatchRequest['operation']> = {}) => {
  const input = matchInputSchema.parse({ cloth, operation: { kind: 'join', ...more } });
  return { input, setup: match(input).setup! };
};
const planFor = (...question: Parameters<typeof asked>) => {
  const { input, setup } = asked(...question);
  return { ...planScrap(input, setup), setup };
};
const MEASURED = { stretchAcross: 50, stretchAlong: 20, recovery: 95, massGsm: 170, thicknessMm: 0.6 };

describe('a scrap is planned', () => {
  it('with two lines, one each way, when everything was measured', () => {
    const { lines, spares, setup } = planFor({ structure: 'knit', family: 'jersey', ...MEASURED });
    expect(lines.map((l) => l.direction)).toEqual(['across', 'along']);
    expect(lines.every((l) => l.setup === setup && l.plan.varies === undefined)).toBe(true);
    expect(spares).toEqual([]);
  });

  it('the way the seam runs first', () =>
    expect(
      planFor({ structure: 'knit', family: 'jersey', ...MEASURED }, { direction: 'along' }).lines[0].direction,
    ).toBe('along'));

  it('one way only on a sheet that answers alike both ways', () =>
    expect(
      new Set(
        planFor({ structure: 'coated', family: 'vinyl', stretchAcross: 0, stretchAlong: 0 }).lines.map(
          (l) => l.direction,
        ),
      ).size,
    ).toBe(1));

  it('with the layers of the real seam', () => {
    expect(planFor({ structure: 'woven', family: 'canvas' }, { layers: 4 }).layers).toBe(4);
  });

  it('with a line for a doubt, which says what to measure instead', () => {
    const { lines, spares } = planFor({ structure: 'knit', family: 'jersey' });
    const varied = lines.filter((l) => l.plan.varies);
    expect(varied.length).toBeGreaterThan(0);
    expect(varied[0].plan.why).toMatch(/^Only .* differs: better if the fabric .* \d/);
    expect(spares.reduce((sum, s) => sum + s.lines, 0)).toBe(varied.length);
  });

  it('with three lines for doubts, the strongest, where more are in doubt', () => {
    const { input, setup } = asked({ structure: 'knit', family: 'jersey' });
    expect(new Set(doubtsOf(input, setup).map(({ reading }) => reading)).size).toBeGreaterThan(3);
    expect(planScrap(input, setup).lines.filter(({ plan }) => plan.varies)).toHaveLength(3);
  });

  it('for any cloth with at most five lines, one factor a line, none twice, none that would break something', () => {
    fc.assert(
      fc.property(fc.constantFrom(...FAMILIES), (family) => {
        const { input, setup } = asked({ structure: FAMILY[family].structure, family });
        if (!setup) return;
        const { lines } = planScrap(input, setup);
        expect(lines.length).toBeLessThanOrEqual(5);
        expect(new Set(lines.map((l) => JSON.stringify([l.setup, l.direction]))).size).toBe(lines.length);
        const before = settingReadings(PLAIN_MACHINE, setup);
        for (const line of lines) {
          const now = settingReadings(PLAIN_MACHINE, line.setup);
          const changed = Object.keys(now).filter((key) => now[key as 'length'] !== before[key as 'length']);
          // A stitch brings its length and width with it; everything else changes alone.
          if (line.plan.varies !== 'stitch') expect(changed).toEqual(line.plan.varies ? [line.plan.varies] : []);
          const { thicknessMm } = seamContext(input.cloth, input.operation);
          expect(checkInterlocks({ setup: line.setup, machine: PLAIN_MACHINE, thicknessMm })).toEqual([]);
        }
      }),
      { numRuns: 8 },
    );
  });
});

describe('a planned line', () => {
  it('follows the setting it varies, and still varies only its one reading', () => {
    const { input, setup } = asked({ structure: 'knit', family: 'jersey' });
    const { lines } = planScrap(input, setup);
    const changed = { ...setup, tensionSteps: -2 };
    for (const line of lines) {
      const now = replanned(line, changed);
      if (line.plan.varies === 'tension') expect(now.tensionSteps).toBe(line.setup.tensionSteps);
      else expect(now.tensionSteps).toBe(-2);
      if (!line.plan.varies) expect(now).toEqual(changed);
    }
  });
});

describe('the lay-out of a scrap', () => {
  const line = (direction: 'across' | 'along', widthMm = 0, gapMm?: number) => ({
    direction,
    setup: { widthMm, needle: { point: 'universal' as const, nm: 80, ...(gapMm && { gapMm }) } },
  });

  it('has a piece for each way of the cloth', () => {
    const pieces = layoutScrap([line('across'), line('along'), line('across')]);
    expect(pieces.map((p) => [p.direction, p.lines.length])).toEqual([
      ['across', 2],
      ['along', 1],
    ]);
  });

  it('keeps 10 mm of cloth on both sides of every row, however wide it swings', () => {
    fc.assert(
      fc.property(fc.array(fc.double({ min: 0, max: 9, noNaN: true }), { minLength: 1, maxLength: 9 }), (widths) => {
        const [piece] = layoutScrap(widths.map((w) => line('across', w)));
        piece.lines.forEach(({ yMm, xMm, line: { setup } }, i) => {
          const above = i === 0 ? 0 : piece.lines[i - 1].yMm + piece.lines[i - 1].line.setup.widthMm / 2;
          expect(yMm - setup.widthMm / 2 - above).toBeGreaterThanOrEqual(10 - 1e-9);
          expect(xMm + LINE_MM.sewn).toBeLessThan(piece.widthMm);
        });
        expect(piece.heightMm - piece.lines.at(-1)!.yMm).toBeGreaterThanOrEqual(10);
      }),
    );
  });

  it('marks 100 mm inside 120', () => expect(LINE_MM.sewn - 2 * LINE_MM.run).toBe(LINE_MM.marked));
});
