import { describe, expect, it } from 'vitest';
import { clothSchema } from '../cloth';
import { seamContext } from '../physics';
import { lineSchema, passCriteria } from '../swatch';
import { quirksOf } from '../standin';
import { faultOf, sewOnStandIn, STAND_INS, standInAfter, standInNow } from '.';

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
const line = { seam, cloth, setup, direction: 'across' as const, quirks: quirksOf(5), seed: 9 };

describe('a stand-in', () => {
  it('among those to choose from some hide a fault and some do not', () => {
    const faults = STAND_INS.map(faultOf);
    expect(new Set(faults).size).toBeGreaterThanOrEqual(6);
    expect(faults).toContain(undefined);
  });

  it('with a new needle, fresh thread and a clean feed has lost what was wrong with those, and nothing else', () => {
    const worn = { ...quirksOf(3), needleWear: 0.9, threadFuzz: 0.9, lint: 0.9, lengthFactor: 0.7 };
    expect(standInAfter(worn, ['new-needle'])).toEqual({ ...worn, needleWear: 0.05 });
    expect(standInAfter(worn, ['better-thread', 'clean-feed'])).toMatchObject({
      needleWear: 0.9,
      threadFuzz: 0.05,
      lint: 0.05,
    });
    expect(standInAfter(worn, ['tension-down', undefined, 'do-not-pull'])).toEqual(worn);
    expect(standInNow(1, [])).toEqual(quirksOf(1, faultOf(1)));
  });

  it('fills in a line as a person would, so that it can be judged', () => {
    const sewn = sewOnStandIn(line);
    expect(lineSchema.shape.measures.safeParse(sewn.measures).success).toBe(true);
    expect(passCriteria(seam, sewn).every((c) => c.state !== 'open')).toBe(true);
    expect(sewOnStandIn(line)).toEqual(sewn);
  });

  it('measures no ridge under one needle and no shift in one layer', () => {
    expect(sewOnStandIn(line).measures.ridgeMm).toBeUndefined();
    const one = seamContext(cloth, { kind: 'join', layers: 1 });
    expect(sewOnStandIn({ ...line, seam: one }).measures.shiftMm).toBeUndefined();
  });

  it('pops a line that does not give enough, where it pops', () => {
    const { measures } = sewOnStandIn({ ...line, setup: { ...setup, stitch: 'straight', widthMm: 0, lengthMm: 3.5 } });
    expect(measures.poppedAtMm).toBeGreaterThan(100);
    expect(measures.heldToMm).toBeUndefined();
  });
});
