import { describe, expect, it } from 'vitest';
import type { Cloth } from '../../cloth';
import { type Job, jobFromTemplate, TEMPLATES } from '../../job';
import { newRun, type Run } from '../../procedure';
import { type Proven, seamAfterSeam, seamAfterTest } from '..';

const AT = '2026-11-25T10:00:00Z';
const POPLIN: Cloth = { name: 'Poplin', structure: 'woven', family: 'poplin', traits: [] };
const proven = (more: Partial<Proven> = {}): Proven => ({
  procedureId: null,
  kind: 'join',
  clothId: 'c',
  cloth: POPLIN,
  machineId: 'm',
  ...more,
});
const run = (more: Partial<Run> = {}): Run =>
  newRun({
    id: 'r',
    procedureId: 'plain-open',
    clothId: 'c',
    clothName: 'Poplin',
    machineId: 'm',
    machineName: 'Fern',
    startedAt: AT,
    status: 'asking',
    ...more,
  });
let keys = 0;
const apron: Job = jobFromTemplate(
  TEMPLATES.find(({ id }) => id === 'apron')!,
  { name: 'Apron', machineId: 'm', clothId: 'c', secondClothId: null, colour: '' },
  { id: 'j', newId: () => `k${(keys += 1)}`, at: AT },
);
const done = (names: readonly string[]): Job => ({
  ...apron,
  seams: apron.seams.map((seam) => (names.includes(seam.name) ? { ...seam, doneAt: AT } : seam)),
});

describe('after a passed test', () => {
  it('the operation that waits comes first, of that kind, fabric and machine alone', () => {
    expect(seamAfterTest(proven(), [], [run()])).toEqual({ kind: 'run', run: run() });
    for (const other of [
      { status: 'done' as const },
      { clothId: 'd' },
      { machineId: 'n' },
      { procedureId: 'bar-tack' },
    ])
      expect(seamAfterTest(proven(), [], [run(other)])?.kind).toBe('operation');
  });

  it('then a seam of a project on that fabric that can be sewn now', () => {
    const felled = proven({ procedureId: 'flat-felled' });
    // The pieces are not cut yet: it waits, and is offered on its own.
    expect(seamAfterTest(felled, [apron], [])).toEqual({ kind: 'operation', procedureId: 'flat-felled' });
    const cut = done(['Lay and cut', 'Pocket']);
    expect(seamAfterTest(felled, [cut], [])).toMatchObject({ kind: 'seam', seam: { name: 'Sides to the middle' } });
    expect(seamAfterTest(felled, [{ ...cut, doneAt: AT }], [])?.kind).toBe('operation');
  });

  it('else the usual operation of that kind, and none where none suits the fabric', () => {
    expect(seamAfterTest(proven(), [], [])).toMatchObject({ kind: 'operation' });
    const neoprene: Cloth = { name: 'N', structure: 'foam', family: 'neoprene', traits: [] };
    expect(seamAfterTest(proven({ kind: 'gather', cloth: neoprene }), [], [])).toBeNull();
  });
});

describe('after a seam of a project', () => {
  it('comes the first that is not sewn and waits for nothing, in the order of work', () => {
    expect(seamAfterSeam(apron, [])?.name).toBe('Lay and cut');
    const cut = done(['Lay and cut']);
    const next = seamAfterSeam(cut, [])!;
    expect(next.after.every(({ seamId }) => cut.seams.find(({ id }) => id === seamId)?.doneAt)).toBe(true);
    const ready = cut.seams.filter(
      ({ after, doneAt }) => !doneAt && after.every(({ seamId }) => cut.seams.find(({ id }) => id === seamId)?.doneAt),
    );
    expect(ready.length).toBeGreaterThan(1);
    for (const { id } of ready) expect(seamAfterSeam({ ...cut, order: [id] }, [])?.id).toBe(id);
    expect(seamAfterSeam(done(apron.seams.map(({ name }) => name)), [])).toBeNull();
  });
});
