import { describe, expect, it } from 'vitest';
import { clothSchema } from '../../cloth';
import { PLAIN_MACHINE } from '../../kit';
import { seamContext } from '../../physics';
import { givenOf } from '..';

const denim = clothSchema.parse({ structure: 'woven', family: 'denim', massGsm: 400, thicknessMm: 0.8 });

describe('what is known before anything is asked', () => {
  it('comes from the cloth, the setting and the machine', () => {
    const setup = {
      needle: { point: 'jeans' as const, nm: 100 },
      thread: { fibre: 'polyester' as const, tex: 40 },
      foot: 'standard' as const,
      plate: 'standard' as const,
      stitch: 'zigzag' as const,
      lengthMm: 3,
      widthMm: 4,
      needlePositionMm: 0,
      tensionSteps: 0,
      pressure: 0.5,
    };
    const machine = { ...PLAIN_MACHINE, footLiftMm: 9, speedSpm: 800 };
    const { given, how } = givenOf(denim, 'hem', machine, setup);
    expect(given).toMatchObject({ thicknessMm: 0.8, weight: 'heavy', lengthMm: 3, widthMm: 4, footLiftMm: 9 });
    expect(how).toMatchObject({ stitch: 'zigzag', widthMm: 4, speedSpm: 400 });
    expect(how.stitchedMm).toBe(seamContext(denim, { kind: 'hem' }).thicknessMm);
  });

  it('squash is what the layers keep of their thickness when they are sewn down', () => {
    const { thicknessMm, layers } = seamContext(denim, { kind: 'join' });
    expect(givenOf(denim, 'join', null, null).given.squash).toBeCloseTo(thicknessMm / layers / 0.8, 9);
  });

  it.each([
    [75, 'light'],
    [200, 'medium'],
    [400, 'heavy'],
  ])('%i g/m² is %s', (massGsm, weight) =>
    expect(givenOf({ ...denim, massGsm }, 'join', null, null).given.weight).toBe(weight),
  );
});
