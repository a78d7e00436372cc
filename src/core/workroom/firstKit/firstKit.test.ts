import { describe, expect, it } from 'vitest';
import { kitRecordSchema, machineRecordSchema } from '../../file';
import { FOOT, MACHINE_KIND, MACHINE_KINDS, ownMachineSchema, PACK_OF, PLAIN_MACHINE } from '../../kit';
import { ASKED_FEET, type FirstAnswers, firstKit, isAssumed, notTold } from '..';

const AT = '2026-11-25T10:00:00Z';
const NOTHING: FirstAnswers = { kind: null, name: '', feet: null, packs: [], spools: [] };
const stands = machineRecordSchema.parse({ id: 'm', machine: { ...PLAIN_MACHINE, name: 'My machine' }, addedAt: AT });
const made = () => {
  let count = 0;
  return { newId: () => `id-${(count += 1)}`, at: AT };
};
const of = (answers: Partial<FirstAnswers>, machines = [stands]) =>
  firstKit({ ...NOTHING, ...answers }, machines, made());

describe('kinds of machines', () => {
  it.each(MACHINE_KINDS)('%s is a whole machine, and what comes with it fits it', (kind) => {
    const { machine, feet } = MACHINE_KIND[kind];
    expect(ownMachineSchema.safeParse(machine).success).toBe(true);
    expect(machine.plates.length).toBeGreaterThan(0);
    expect(feet).toContain('standard');
    expect(machine.stitches.includes('zigzag')).toBe(machine.maxWidthMm > 0);
  });

  it('only a feed that is built in comes with its machine and is not asked after', () => {
    expect(MACHINE_KINDS.filter((kind) => MACHINE_KIND[kind].feet.some((foot) => FOOT[foot].builtIn))).toEqual([
      'dual-feed',
    ]);
    expect(ASKED_FEET).not.toContain('dual-feed');
  });
});

describe('a first machine and kit', () => {
  it('takes over the machine that only stands for one, and keeps its key', () => {
    const { machine } = of({ kind: 'basic', name: ' Fern ' });
    expect(machine).toMatchObject({ id: 'm', machine: { name: 'Fern', maxWidthMm: 5, pressureDial: null } });
    expect(machineRecordSchema.safeParse(machine).success).toBe(true);
  });

  it('leaves a machine alone that somebody has said something of', () => {
    const known = { ...stands, machine: { ...stands.machine, maxWidthMm: 6 } };
    expect(isAssumed(known)).toBe(false);
    expect(of({ kind: 'old' }, [known]).machine).toMatchObject({
      id: 'id-1',
      machine: { name: MACHINE_KIND.old.name },
    });
  });

  it('owns what is built into the machine, which no picture asks after', () => {
    expect(of({ kind: 'dual-feed', feet: ['standard', 'zip'] }).kit).toEqual({
      feet: ['standard', 'zip', 'dual-feed'],
      plates: ['standard', 'straight'],
    });
    expect(of({ kind: 'basic', feet: ['standard'] }).kit.feet).toEqual(['standard']);
  });

  it('says nothing of what was skipped: everything on sale may still be suggested', () => {
    expect(of({})).toEqual({ machine: null, kit: {}, needles: [], threads: [] });
    expect(of({ feet: [] }).kit).toEqual({ feet: [] });
  });

  it('makes a pack of needles and a spool of each that is picked, and these alone are owned', () => {
    const { kit, needles, threads } = of({
      packs: [
        { point: 'universal', nm: 80 },
        { point: 'stretch', nm: 75 },
      ],
      spools: [{ thread: { fibre: 'polyester', tex: 27 }, printed: 'No. 120', colour: '#888888' }],
    });
    expect(needles).toHaveLength(2 * PACK_OF);
    expect(new Set(needles.map(({ id }) => id)).size).toBe(2 * PACK_OF);
    expect(threads).toMatchObject([{ printed: 'No. 120' }]);
    expect(kitRecordSchema.parse(kit)).toMatchObject({ needles: 'owned', threads: 'owned', feet: null });
  });
});

describe('what nobody has said yet', () => {
  const kit = kitRecordSchema.parse({});

  it('is all of it at first, and less by each answer', () => {
    expect(notTold(kit)).toEqual(['needle', 'thread', 'foot']);
    expect(notTold({ ...kit, threads: 'owned' })).toEqual(['needle', 'foot']);
    // Nobody has a machine without feet, but whoever ticked none has said so.
    expect(notTold({ ...kit, feet: [] })).toEqual(['needle', 'thread']);
  });

  it('is nothing once all three are answered', () => {
    const { kit: now } = of({
      feet: ['zip'],
      packs: [{ point: 'universal', nm: 80 }],
      spools: [{ thread: { fibre: 'polyester', tex: 27 }, printed: 'No. 120', colour: '#888888' }],
    });
    expect(notTold({ ...kit, ...now })).toEqual([]);
  });
});
