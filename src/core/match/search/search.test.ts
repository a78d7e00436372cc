import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { FAMILIES, FAMILY } from '../../cloth';
import { checkInterlocks } from '../../interlock';
import { nearestNeedlePosition, PLAIN_MACHINE, pressureSteps, tensionSteps } from '../../kit';
import { OPERATION_KINDS, type Setup } from '../../setup';
import { matchInputSchema, type MatchRequest, openQuestion, type Question, search } from '..';
import { feedCost } from './footAndPressure';
import { needleCost, perforationCost } from './needleSize';
import { stitchCost, stitchSuitsNeedle } from './stitchSize';
import { tensionCost } from './tension';
import { lengthGrid, widthGrid } from './grid';

/** Every combination in turn, judged by the same costs: slow, and obviously right. */
function enumerate(question: Question): { cost: number; tried: number } {
  const { kit, machine, seam } = question;
  let best = Infinity;
  let tried = 0;
  const one = (setup: Setup) => {
    tried += 1;
    if (!stitchSuitsNeedle(question, setup.stitch, setup.needle)) return;
    const needle = needleCost(question, setup.needle, setup.thread);
    const feed = feedCost(question, setup.foot, setup.plate, setup.stitch, setup.pressure);
    if (needle === null || feed === null) return;
    const cost =
      needle +
      feed +
      tensionCost(question, setup.thread, setup.tensionSteps) +
      stitchCost(question, setup.stitch, setup, setup.thread, setup.needle.gapMm) +
      perforationCost(question, setup.stitch, setup.lengthMm, setup.needle.nm);
    if (cost < best && checkInterlocks({ setup, machine, thicknessMm: seam.thicknessMm }).length === 0) best = cost;
  };
  for (const stitch of machine.stitches)
    for (const lengthMm of lengthGrid(question, stitch))
      for (const widthMm of widthGrid(question, stitch))
        for (const needle of kit.needles)
          for (const thread of kit.threads)
            for (const foot of kit.feet)
              for (const plate of kit.plates)
                for (const { pressure } of pressureSteps(machine))
                  for (const steps of tensionSteps(machine))
                    one({
                      needle,
                      thread,
                      foot,
                      plate,
                      stitch,
                      lengthMm,
                      widthMm,
                      needlePositionMm: 0,
                      tensionSteps: steps,
                      pressure,
                    });
  return { cost: best, tried };
}

const small: Partial<MatchRequest> = {
  machine: {
    ...PLAIN_MACHINE,
    stitches: ['straight', 'zigzag', 'triple-straight'],
    lengthStepMm: 0.5,
    tensionDial: { min: 2, max: 6, normal: 4, step: 1 },
  },
  kit: {
    needles: [
      { point: 'universal', nm: 80 },
      { point: 'ballpoint', nm: 75 },
      { point: 'twin-stretch', nm: 75, gapMm: 4 },
      { point: 'jeans', nm: 100 },
    ],
    threads: [
      { fibre: 'polyester', tex: 27 },
      { fibre: 'elastic-polyester', tex: 24 },
    ],
    feet: ['standard', 'walking', 'straight', 'zip'],
    plates: ['standard', 'straight'],
  },
};

describe('the search', () => {
  it.each<[string, MatchRequest['cloth'], MatchRequest['operation']]>([
    ['a jersey side seam', { structure: 'knit', family: 'jersey', stretchAcross: 60 }, { kind: 'join' }],
    ['a jersey hem', { structure: 'knit', family: 'jersey' }, { kind: 'hem' }],
    ['a silk seam', { structure: 'woven', family: 'silk' }, { kind: 'join' }],
    ['denim topstitching', { structure: 'woven', family: 'denim' }, { kind: 'topstitch' }],
    ['a vinyl seam', { structure: 'coated', family: 'vinyl' }, { kind: 'join' }],
    ['a neoprene joint', { structure: 'foam', family: 'neoprene' }, { kind: 'join' }],
    ['a zip in poplin', { structure: 'woven', family: 'poplin' }, { kind: 'zip-exposed' }],
    [
      'a swim seam that must give 100%',
      { structure: 'knit', family: 'swim', stretchAcross: 140 },
      { kind: 'join', requiredGive: 100 },
    ],
  ])('finds the best that plain enumeration finds for %s', (_, cloth, operation) => {
    const question = openQuestion(matchInputSchema.parse({ cloth, operation, ...small }));
    const plain = enumerate(question);
    expect(plain.tried).toBeGreaterThan(10_000);
    expect(search(question)[0].cost).toBeCloseTo(plain.cost, 9);
  });
});

/** The parts of the cost joined without any bound or class: slower than the search, and fit for a whole kit. */
function joinPlainly(question: Question): number {
  const { kit, machine, seam } = question;
  const pressures = pressureSteps(machine).map((step) => step.pressure);
  let best = Infinity;
  for (const stitch of machine.stitches) {
    const sizes = lengthGrid(question, stitch).flatMap((lengthMm) =>
      widthGrid(question, stitch).map((widthMm) => ({ lengthMm, widthMm })),
    );
    const carriages = kit.feet.flatMap((foot) =>
      kit.plates.flatMap((plate) => {
        const costs = pressures.flatMap((pressure) => feedCost(question, foot, plate, stitch, pressure) ?? []);
        return costs.length === 0 ? [] : [{ foot, plate, cost: Math.min(...costs) }];
      }),
    );
    for (const thread of kit.threads) {
      const tension = Math.min(...tensionSteps(machine).map((steps) => tensionCost(question, thread, steps)));
      for (const needle of kit.needles) {
        const pair = needleCost(question, needle, thread);
        if (pair === null || !stitchSuitsNeedle(question, stitch, needle)) continue;
        for (const size of sizes) {
          const sewn =
            stitchCost(question, stitch, size, thread, needle.gapMm) +
            perforationCost(question, stitch, size.lengthMm, needle.nm);
          for (const { foot, plate, cost: fed } of carriages) {
            const cost = pair + tension + sewn + fed;
            if (cost >= best) continue;
            const position = question.aims.position[foot];
            const aside = position ? nearestNeedlePosition(machine, position.mm) : 0;
            const setup: Setup = {
              needle,
              thread,
              foot,
              footSide: position?.footSide,
              plate,
              stitch,
              ...size,
              needlePositionMm: plate === 'straight' ? machine.straightHoleMm : aside,
              tensionSteps: 0,
              pressure: 0.5,
            };
            if (checkInterlocks({ setup, machine, thicknessMm: seam.thicknessMm }).length === 0) best = cost;
          }
        }
      }
    }
  }
  return best;
}

describe('the bound that prunes', () => {
  it.each<[string, MatchRequest['cloth'], MatchRequest['operation']]>([
    ['a side seam in slinky jersey', { structure: 'knit', family: 'slinky-jersey' }, { kind: 'join' }],
    ['a hem in double knit', { structure: 'knit', family: 'double-knit' }, { kind: 'hem' }],
    ['piping in canvas', { structure: 'woven', family: 'canvas' }, { kind: 'piping' }],
    ['a tight curve in poplin', { structure: 'woven', family: 'poplin' }, { kind: 'join', radiusMm: 6 }],
  ])('throws nothing good away on the full kit: %s', (_, cloth, operation) => {
    const machine = { ...PLAIN_MACHINE, lengthStepMm: 0.5, widthStepMm: 0.5 };
    const question = openQuestion(matchInputSchema.parse({ cloth, operation, machine }));
    expect(search(question)[0].cost).toBeCloseTo(joinPlainly(question), 9);
  });
});

describe('only the best', () => {
  it('is the first of every way, over families, operations and kits', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...FAMILIES),
        fc.constantFrom(...OPERATION_KINDS),
        fc.option(fc.integer({ min: 0, max: 60 }), { nil: undefined }),
        fc.boolean(),
        (family, kind, requiredGive, small) => {
          const question = openQuestion(
            matchInputSchema.parse({
              cloth: { structure: FAMILY[family].structure, family },
              operation: { kind, requiredGive },
              ...(small && {
                kit: {
                  needles: [
                    { point: 'universal', nm: 80 },
                    { point: 'ballpoint', nm: 75 },
                  ],
                  feet: ['standard', 'zip'],
                },
              }),
            }),
          );
          expect(search(question, 'best')[0]).toEqual(search(question)[0]);
        },
      ),
      { numRuns: 150 },
    );
  });
});
