import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { ALL_NEEDLES, ALL_THREADS, FEET, type Machine, PLAIN_MACHINE, PLATES } from '../kit';
import { stitchFacts, STITCHES } from '../stitch';
import {
  OPERATION_GROUPS,
  OPERATION_KINDS,
  operationSchema,
  requiredGive,
  READINGS,
  type Setup,
  setupChanges,
  setupSchema,
  settingReadings,
  withReading,
} from '.';
import { plainSetup } from './plainSetup.testing';

const anySetup: fc.Arbitrary<Setup> = fc.record({
  needle: fc.constantFrom(...ALL_NEEDLES),
  thread: fc.constantFrom(...ALL_THREADS),
  foot: fc.constantFrom(...FEET),
  plate: fc.constantFrom(...PLATES),
  stitch: fc.constantFrom(...STITCHES),
  lengthMm: fc.constantFrom(1, 2.5, 3),
  widthMm: fc.constantFrom(0, 2, 5),
  needlePositionMm: fc.constantFrom(0, -2),
  tensionSteps: fc.constantFrom(-1, 0, 1),
  pressure: fc.constantFrom(0, 0.25, 0.5),
});

describe('what to change on the machine', () => {
  it('is nothing when it is set already, and everything when nobody knows', () => {
    fc.assert(
      fc.property(anySetup, (setup) => {
        expect(setupChanges(PLAIN_MACHINE, setup, setup)).toEqual([]);
        const line = !stitchFacts(setup.stitch).swings;
        expect(setupChanges(PLAIN_MACHINE, null, setup).map(({ reading }) => reading)).toEqual(
          READINGS.filter((reading) => reading !== 'width' || !line),
        );
      }),
    );
  });

  it('is never what the machine has nothing to turn for', () => {
    const asked = (machine: Machine, setup: Setup) => setupChanges(machine, null, setup).map(({ reading }) => reading);
    const zigzag = plainSetup({ stitch: 'zigzag', widthMm: 3 });
    expect(asked(PLAIN_MACHINE, plainSetup({ stitch: 'straight' }))).not.toContain('width');
    expect(asked(PLAIN_MACHINE, zigzag)).toEqual(READINGS);
    expect(asked({ ...PLAIN_MACHINE, pressureDial: null }, zigzag)).not.toContain('pressure');
    expect(asked({ ...PLAIN_MACHINE, plates: ['standard'] }, zigzag)).not.toContain('plate');
    expect(asked({ ...PLAIN_MACHINE, needlePositions: 1 }, zigzag)).not.toContain('position');
    // The width goes with the stitch, so that a zigzag later begins with one of its own.
    expect(withReading(zigzag, plainSetup({ stitch: 'straight' }), 'stitch').widthMm).toBe(0);
  });

  it('done one by one, in order, always ends at the wanted setting', () => {
    fc.assert(
      fc.property(anySetup, anySetup, (from, to) => {
        const changes = setupChanges(PLAIN_MACHINE, from, to);
        const done = changes.reduce((now, { reading }) => withReading(now, to, reading), from);
        expect(settingReadings(PLAIN_MACHINE, done)).toEqual(settingReadings(PLAIN_MACHINE, to));
      }),
    );
  });

  it('starts with everything that wants the power off', () => {
    fc.assert(
      fc.property(anySetup, anySetup, (from, to) => {
        const off = setupChanges(PLAIN_MACHINE, from, to).map((c) => c.powerOff);
        expect(off).toEqual([...off].sort((a, b) => Number(b) - Number(a)));
      }),
    );
  });

  it('lists what nobody has looked at, even if it should be right', () => {
    fc.assert(
      fc.property(anySetup, (setup) => {
        const changes = setupChanges(PLAIN_MACHINE, setup, setup, ['needle']);
        expect(changes).toMatchObject([{ reading: 'needle', from: null, powerOff: true }]);
      }),
    );
  });

  it('is read on the machine’s own scales, with units', () => {
    const setup = setupSchema.parse({
      needle: { point: 'ballpoint', nm: 75 },
      thread: { fibre: 'polyester', tex: 27 },
      foot: 'walking',
      plate: 'standard',
      stitch: 'zigzag',
      lengthMm: 2.5,
      widthMm: 2,
      pressure: 0.25,
    });
    expect(settingReadings(PLAIN_MACHINE, setup)).toMatchObject({
      length: '2.5 mm',
      width: '2 mm',
      tension: '4 of 9',
      pressure: '1 of 3',
      needle: 'Ballpoint 75/11',
    });
    const worded = { ...PLAIN_MACHINE, pressureDial: { positions: ['light', 'normal'], normal: 'normal' } };
    expect(settingReadings(worded, setup).pressure).toBe('light');
  });
});

describe('the give a seam needs', () => {
  const knit = {
    structure: 'knit' as const,
    wearShare: 0.5,
    stretchAcross: { value: 50, low: 50, high: 50, source: 'measured' as const },
    stretchAlong: { value: 20, low: 10, high: 30, source: 'inferred' as const },
  };

  it('is assumed from the cloth, and never more than its cautious stretch', () => {
    expect(requiredGive(knit, { kind: 'join' })).toEqual({ percent: 25, assumed: true });
    expect(requiredGive(knit, { kind: 'hem' }).percent).toBe(20);
    expect(requiredGive({ ...knit, wearShare: 1 }, { kind: 'join', direction: 'along' }).percent).toBe(10);
  });

  it('is none for a woven, and what the person said otherwise', () => {
    expect(requiredGive({ ...knit, structure: 'woven' }, { kind: 'join' }).percent).toBe(0);
    expect(requiredGive(knit, { kind: 'join', requiredGive: 40 })).toEqual({ percent: 40, assumed: false });
  });
});

describe('an operation', () => {
  it('stands in exactly one group', () => {
    expect(OPERATION_GROUPS.flatMap((group) => group.kinds).sort()).toEqual([...OPERATION_KINDS].sort());
  });

  it('names the kinds there are, takes a second cloth and checks it', () => {
    expect(operationSchema.safeParse({ kind: 'weld' }).error?.issues[0].message).toMatch(
      /expected one of join, strip-join/,
    );
    expect(operationSchema.safeParse({ kind: 'piping' }).success).toBe(true);
    expect(operationSchema.safeParse({ kind: 'join', second: { structure: 'woven', family: 'lawn' } }).success).toBe(
      true,
    );
    expect(operationSchema.safeParse({ kind: 'join', second: { massGsm: 0 } }).error?.issues[0].path[0]).toBe('second');
    expect(operationSchema.safeParse({ kind: 'join', layers: 0 }).success).toBe(false);
  });
});
