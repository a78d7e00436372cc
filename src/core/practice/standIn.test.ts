import { describe, expect, it } from 'vitest';
import { clothSchema } from '../cloth';
import { seamContext } from '../physics';
import { lineSchema, passCriteria } from '../swatch';
import { HIDDEN_FAULTS, NO_TROUBLE, standIn, withFault } from '../standin';
import { faultsOf, sewOnStandIn, STAND_INS, standInAfter, standInNow } from '.';

const cloth = clothSchema.parse({ structure: 'knit', family: 'jersey', stretchAcross: 50 });
const seam = seamContext(cloth, { kind: 'join' });
const setup = lineSchema.shape.setup.parse({
  needle: { point: 'ballpoint', nm: 75 },
  thread: { fibre: 'polyester', tex: 27 },
  foot: 'walking',
  plate: 'standard',
  stitch: 'zigzag',
  lengthMm: 2,
  widthMm: 3,
  pressure: 0.25,
});
const line = { seam, cloth, setup, direction: 'across' as const, machine: standIn(5), seed: 9 };
const sewn = (more: Partial<typeof line> = {}) => {
  const found = sewOnStandIn({ ...line, ...more });
  if ('blocked' in found) throw new Error(found.blocked.text);
  return found;
};

describe('a stand-in', () => {
  it('among those to choose from some hide a fault and some do not', () => {
    const faults = STAND_INS.map((seed) => faultsOf(seed));
    expect(new Set(faults.flat()).size).toBeGreaterThanOrEqual(6);
    expect(faults.some((some) => some.length === 0)).toBe(true);
    // One hides two faults that have nothing to do with each other.
    expect(STAND_INS.some((seed) => faultsOf(seed).length === 2)).toBe(true);
    expect(faultsOf(99)).toEqual([]);
  });

  it('with a new needle, fresh thread and a clean feed has lost what was wrong with those, and nothing else', () => {
    const worn = HIDDEN_FAULTS.reduce((trouble, fault) => withFault(trouble, fault, 0.8), NO_TROUBLE);
    const machine = { ...standIn(3), trouble: worn };
    expect(standInAfter(machine, ['new-needle'])).toEqual({
      ...machine,
      trouble: { ...worn, needleWear: 0, needleBend: 0, needleTurned: 0, needleKind: 0, needleSize: 0 },
    });
    expect(standInAfter(machine, ['better-thread', 'clean-feed']).trouble).toMatchObject({
      needleWear: 0.8,
      threadFuzz: 0,
      bobbinTurned: 0,
      lint: 0,
    });
    expect(standInAfter(machine, ['tension-down', undefined, 'wider']).trouble).toEqual(worn);
    expect(standInAfter(machine, ['lever-up-hold-tails', 'do-not-pull', 'hand-wheel']).trouble).toEqual({
      ...worn,
      leverDown: 0,
      tailsLoose: 0,
      pulled: 0,
      metal: 0,
    });
    expect(standInNow(1, [])).toEqual(standIn(1, faultsOf(1)));
  });

  it('fills in a line as a person would, so that it can be judged', () => {
    const found = sewn();
    expect(lineSchema.shape.measures.safeParse(found.measures).success).toBe(true);
    expect(passCriteria(seam, found).every((c) => c.state !== 'open')).toBe(true);
    expect(sewn()).toEqual(found);
  });

  it('measures no ridge under one needle and no shift in one layer', () => {
    expect(sewn().measures.ridgeMm).toBeUndefined();
    const one = seamContext(cloth, { kind: 'join', layers: 1 });
    expect(sewn({ seam: one }).measures.shiftMm).toBeUndefined();
  });

  it('pops a line that does not give enough, where it pops', () => {
    const { measures } = sewn({ setup: { ...setup, stitch: 'straight', widthMm: 0, lengthMm: 4.5 } });
    expect(measures.poppedAtMm).toBeGreaterThan(100);
    expect(measures.heldToMm).toBeUndefined();
  });

  it('stopped by a needle that broke has nothing to measure, and fails', () => {
    const machine = { ...standIn(5), trouble: { ...NO_TROUBLE, metal: 1 } };
    const found = sewn({ machine });
    expect(found.measures).toEqual({ markedMm: 100, pucker: expect.any(Number) });
    expect(lineSchema.shape.measures.safeParse(found.measures).success).toBe(true);
    expect(passCriteria(seam, found).find((c) => c.id === 'look')?.state).toBe('failed');
  });

  it('does not sew what the needle would strike', () =>
    expect(sewOnStandIn({ ...line, setup: { ...setup, plate: 'straight' } })).toMatchObject({
      blocked: { code: 'standin.strikes-plate' },
    }));
});
