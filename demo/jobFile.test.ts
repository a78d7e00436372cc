import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import demo from './tansy-wren.json';
import { readSeams, readThing, settleJob, writeSeams } from '../src/core/file';
import { type Job, jobSchema } from '../src/core/job';

const apron = (): Job => jobSchema.parse(demo.jobs.find((j) => j.id === 'apron'));
const cloths = demo.cloths.map((c) => ({ id: c.id, name: c.cloth.name }));
const file = (job: Job) =>
  JSON.stringify({
    format: 'bobbet-job',
    version: 1,
    exportedAt: '2026-11-22T10:00:00Z',
    cloths: [{ id: 'denim', name: 'Apron denim' }],
    machine: { id: 'green', name: 'the green machine' },
    job,
  });
let next = 0;
const newId = () => `new-${(next += 1)}`;
const made = () => ({ id: newId(), newId, at: '2026-12-01T10:00:00Z' });

describe('a job in a file of version 1', () => {
  it('comes back with keys of its own and everything else as it was', () => {
    const read = readThing(file(apron()));
    if (!read.ok) throw new Error(read.error.message);
    const { job, missing } = settleJob(
      read.file,
      { cloths, machines: [{ id: 'green', name: 'the green machine' }] },
      made(),
    );
    expect(missing).toEqual([]);
    expect(jobSchema.safeParse(job).success).toBe(true);
    expect(job.name).toBe(apron().name);
    expect(job.seams.map((s) => [s.name, s.clothId, s.after.length])).toEqual(
      apron().seams.map((s) => [s.name, s.clothId, s.after.length]),
    );
    expect(job.seams.some((s) => apron().seams.some((old) => old.id === s.id))).toBe(false);
  });

  it('finds its cloth by name where the key is another, and names what is not here', () => {
    const read = readThing(file(apron()));
    if (!read.ok) throw new Error(read.error.message);
    const elsewhere = settleJob(read.file, { cloths: [{ id: 'd9', name: 'apron denim' }], machines: [] }, made());
    expect(elsewhere.job.seams[0].clothId).toBe('d9');
    expect(elsewhere.missing).toEqual(['the green machine']);
    expect(elsewhere.job.machineId).toBeNull();
  });

  it('is refused whole, naming the first wrong field', () => {
    const wrong = JSON.parse(file(apron()));
    wrong.job.seams[1].count = 0;
    expect(readThing(JSON.stringify(wrong))).toMatchObject({ ok: false, error: { path: 'job.seams[1].count' } });
    wrong.job.seams[1].count = 1;
    wrong.job.seams[1].after = [{ seamId: 'nowhere', why: '' }];
    const broken = readThing(JSON.stringify(wrong));
    expect(broken).toMatchObject({ ok: false, error: { path: 'job.seams[1].after[0].seamId' } });
    expect(readThing('{')).toMatchObject({ ok: false, error: { path: 'file' } });
  });
});

describe('seams as a table', () => {
  const names = () => ({ job: apron(), cloths });
  it('come back as they went out', () => {
    const read = readSeams(writeSeams(names()), names(), newId);
    if (!read.ok) throw new Error(read.errors[0].message);
    expect(read.records).toEqual(apron().seams);
  });

  it('take a new seam with what comes before it by name, further down as well', () => {
    const table = [
      ['Seam', 'Operation', 'Length in', 'After', 'Pieces', 'Fabric'],
      ['Loop', 'Plain seam, pressed open', '4', 'Late; Pocket', 'strap; middle', 'Apron denim'],
      ['Late', 'bar-tack', '', '', '', ''],
    ];
    const read = readSeams(table, names(), newId);
    if (!read.ok) throw new Error(read.errors[0].message);
    const [loop, late] = read.records;
    expect(loop.answers).toEqual({ seam: 101.6 });
    expect(loop.after.map((a) => a.seamId)).toEqual([late.id, apron().seams[1].id]);
    expect(loop).toMatchObject({ clothId: 'denim', stage: 'close' });
    expect(loop.pieces).toHaveLength(2);
    expect(late).toMatchObject({ procedureId: 'bar-tack', stage: 'finish' });
  });

  it('tell every wrong cell by row and column, and take nothing', () => {
    const table = [
      ['Seam', 'Operation', 'Fabric', 'After', 'Count'],
      ['A', 'gluing', 'Apron denim', '', '1'],
      ['B', 'dart', 'Moon silk', 'Nobody', '1.5'],
    ];
    const read = readSeams(table, names(), newId);
    if (read.ok) throw new Error('expected errors');
    expect(read.errors.map((e) => `${e.row} ${e.column}`).sort()).toEqual(['2 Operation', '3 After', '3 Fabric']);
  });
});

describe('seams as a table, whatever they are called', () => {
  const NAMES = ['Hem', 'hem', 'Side; left', 'Side; left', 'Écru "band"', '=1+1', 'Loop', ';', 'Pocket\n2'];
  const called = fc.array(fc.constantFrom(...NAMES), { minLength: 6, maxLength: 6 });
  const named = (all: readonly string[]) => {
    const job = apron();
    const [clothId, other] = cloths.map((c) => c.id);
    const seams = job.seams.map((s, i) => ({ ...s, name: all[i % all.length], clothId: i % 2 ? clothId : other }));
    const pieces = job.pieces.map((p, i) => ({ ...p, name: all[(i + 1) % all.length] }));
    return { job: { ...job, seams, pieces }, cloths: cloths.map((c, i) => ({ ...c, name: i < 2 ? 'Lawn' : c.name })) };
  };

  it('come back as they went out', () => {
    fc.assert(
      fc.property(called, (all) => {
        const of = named(all);
        expect(readSeams(writeSeams(of), of, newId)).toMatchObject({ ok: true, records: of.job.seams });
      }),
    );
  });

  it('come into a job that has none of them with the same pieces, cloths and what comes before what', () => {
    fc.assert(
      fc.property(called, (all) => {
        const of = named(all);
        const read = readSeams(writeSeams(of), { ...of, job: { ...of.job, seams: [] } }, newId);
        if (!read.ok) throw new Error(`${read.errors[0].column}: ${read.errors[0].message}`);
        expect(read.records.map(({ pieces, clothId, after }) => [pieces, clothId, after.map((a) => a.seamId)])).toEqual(
          of.job.seams.map(({ pieces, clothId, after }) => [pieces, clothId, after.map((a) => a.seamId)]),
        );
      }),
    );
  });

  it('are several new ones when several rows bear one name, and the first is what the name means', () => {
    const table = [
      ['Seam', 'Operation', 'After'],
      ['Tab', 'bar-tack', ''],
      ['Tab', 'bar-tack', ''],
      ['Rim', 'bar-tack', 'Tab'],
    ];
    const read = readSeams(table, { job: { seams: [], pieces: [] }, cloths }, newId);
    if (!read.ok) throw new Error(read.errors[0].message);
    const [first, second, rim] = read.records;
    expect(first.id).not.toBe(second.id);
    expect(rim.after.map((a) => a.seamId)).toEqual([first.id]);
  });
});
