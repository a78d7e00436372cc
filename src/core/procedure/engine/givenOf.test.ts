import { describe, expect, it } from 'vitest';
import { clothSchema } from '../../cloth';
import { PLAIN_MACHINE } from '../../kit';
import { seamContext } from '../../physics';
import { plainSetup } from '../../setup/plainSetup.testing';
import { givenOf, PROCEDURES } from '..';

const denim = clothSchema.parse({ structure: 'woven', family: 'denim', massGsm: 400, thicknessMm: 0.8 });

const HEM = { name: 'A hem', kind: 'hem' } as const;
const JOIN = { name: 'A seam', kind: 'join' } as const;

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
    const { given, how } = givenOf(denim, HEM, machine, { main: setup });
    expect(given).toMatchObject({ thicknessMm: 0.8, weight: 'heavy', lengthMm: 3, widthMm: 4, footLiftMm: 9 });
    expect(how).toMatchObject({ stitch: 'zigzag', widthMm: 4, speedSpm: 400 });
    expect(how.stitchedMm).toBe(seamContext(denim, { kind: 'hem' }).thicknessMm);
  });

  it('squash is what the layers keep of their thickness when they are sewn down', () => {
    const { thicknessMm, layers } = seamContext(denim, { kind: 'join' });
    expect(givenOf(denim, JOIN, null, null).given.squash).toBeCloseTo(thicknessMm / layers / 0.8, 9);
  });

  it.each([
    [75, 'light'],
    [200, 'medium'],
    [400, 'heavy'],
  ])('%i g/m² is %s', (massGsm, weight) =>
    expect(givenOf({ ...denim, massGsm }, JOIN, null, null).given.weight).toBe(weight),
  );

  it('knows how the band springs, where it has a fabric of its own', () => {
    const neck = PROCEDURES.find(({ id }) => id === 'neck-band')!;
    const rib = { structure: 'knit', family: 'rib', traits: [], stretchAcross: 90, recovery: 70 } as const;
    expect(givenOf(denim, neck, null, null).given.band).toBeUndefined();
    expect(givenOf(denim, neck, null, null, {}, { ...rib, traits: [] }).given.band).toEqual({
      stretch: 90,
      recovery: 70,
    });
  });

  it('has the stitch and the layers of every row, each by itself', () => {
    const felled = PROCEDURES.find(({ id }) => id === 'flat-felled')!;
    const seam = plainSetup();
    const top = plainSetup({ lengthMm: 3.5 });
    const { given, how } = givenOf(denim, felled, null, { main: seam, top });
    expect([given.rows?.main.lengthMm, given.rows?.top.lengthMm]).toEqual([seam.lengthMm, 3.5]);
    expect(how.rowsStitchedMm!.top).toBeCloseTo(2 * how.rowsStitchedMm!.main, 6);
  });
});
