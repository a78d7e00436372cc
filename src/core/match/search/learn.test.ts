import { describe, expect, it } from 'vitest';
import { nearestCards } from '../../card';
import { clothProfile, clothSchema } from '../../cloth';
import { PLAIN_MACHINE } from '../../kit';
import { match, matchInputSchema, type MatchRequest } from '..';

const green = { ...PLAIN_MACHINE, name: 'the green machine' };
const jersey = { structure: 'knit', family: 'jersey', stretchAcross: 50, massGsm: 160 } as const;
const question: MatchRequest = { cloth: jersey, operation: { kind: 'join' }, machine: green, machineId: 'green' };
const passed = {
  needle: { point: 'stretch', nm: 90 },
  thread: { fibre: 'polyester', tex: 27 },
  foot: 'glide',
  plate: 'standard',
  stitch: 'triple-straight',
  lengthMm: 3.4,
  widthMm: 0,
  tensionSteps: -1,
  pressure: 0,
} as const;
const card = {
  name: 'Plum jersey',
  cloth: jersey,
  operation: { kind: 'join' },
  machine: green,
  machineId: 'green',
  setup: passed,
} as const;
const ask = (more: Partial<MatchRequest>) => match(matchInputSchema.parse({ ...question, ...more }));

describe('a tested card moves the start', () => {
  it('on the same cloth and machine towards what passed, and is shown as evidence', () => {
    const before = ask({});
    const after = ask({ tested: [card] });
    expect(before.setup!.stitch).toBe('zigzag');
    expect(after.setup).toMatchObject({ stitch: 'triple-straight', tensionSteps: -1, foot: 'glide' });
    expect(after.reasons[0]).toMatchObject({ parameter: 'tested', provenance: 'measured' });
    expect(after.reasons[0].text).toMatch(/Plum jersey.*the same fabric and seam, on this machine/);
    expect(after.confidence).toBeGreaterThan(before.confidence);
    expect(after.confidenceDrivers[0]).toBe('based on 1 tested card');
  });

  it('by the three nearest, however many there are', () => {
    const tested = [1, 2, 3, 4].map((n) => ({ ...card, cloth: { ...jersey, massGsm: 160 + n } }));
    const evidence = (count: number) =>
      ask({ tested: tested.slice(0, count) }).reasons.filter((r) => r.parameter === 'tested');
    expect([evidence(2).length, evidence(3).length, evidence(4).length]).toEqual([2, 3, 3]);
  });

  it('less on another machine, and not at all from another structure', () => {
    const other = ask({ tested: [{ ...card, machineId: 'boat' }] });
    expect(other.confidence).toBeLessThan(ask({ tested: [card] }).confidence);
    const woven = { ...card, cloth: { structure: 'woven', family: 'denim' } } as const;
    expect(ask({ tested: [woven] }).setup).toEqual(ask({}).setup);
  });

  it('never brings back what an interlock or a rule forbids', () => {
    const straight = { ...card, setup: { ...passed, stitch: 'straight' as const, lengthMm: 2.5 } };
    expect(ask({ tested: [straight] }).setup!.stitch).not.toBe('straight');
  });

  it('with a measured give beats the model, both ways', () => {
    const at = (measures: object) =>
      ask({
        operation: { kind: 'join', requiredGive: 22 },
        tested: [{ ...card, operation: { kind: 'join', requiredGive: 22 }, measures }],
      });
    expect(at({ heldToMm: 135 }).give).toMatchObject({ measured: 35 });
    // Popped at 12 %: the same setting no longer gives enough, so another one comes first.
    expect(at({ poppedAtMm: 112 }).setup).not.toMatchObject({ stitch: 'triple-straight', lengthMm: 3.4 });
  });
});

describe('which card is nearest', () => {
  const profile = clothProfile(clothSchema.parse(jersey));
  const of = (cards: object[]) =>
    nearestCards(
      matchInputSchema.parse({ ...question, tested: cards }).tested!,
      profile,
      { kind: 'join' },
      { machineId: 'green' },
    ).map(({ card: { name } }) => name);

  it('one of the same machine comes before a nearer one of another', () => {
    const heavier = { ...card, name: 'heavier, same machine', cloth: { ...jersey, massGsm: 200 } };
    const elsewhere = { ...card, name: 'same cloth, other machine', machineId: 'boat' };
    expect(of([elsewhere, heavier])).toEqual(['heavier, same machine', 'same cloth, other machine']);
  });

  it('weight, stretch and kind of seam count, and what is too far says nothing', () => {
    const near = { ...card, name: 'near', cloth: { ...jersey, massGsm: 170 } };
    const far = { ...card, name: 'far', cloth: { ...jersey, massGsm: 230, stretchAcross: 70 } };
    const hem = {
      ...card,
      name: 'a hem in heavier cloth',
      cloth: { ...jersey, massGsm: 220 },
      operation: { kind: 'hem' },
    };
    expect(of([far, hem, near])).toEqual(['near', 'far']);
  });
});
