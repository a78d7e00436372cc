import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type Job, jobFromTemplate, jobSchema, TEMPLATES, withCloth, withoutPiece, withoutSeam } from '../../job';
import { before, type RecordChange, changeOf, inverse, isSame, type StoredRow } from './recordChange';
import { mergeBack, stepBack } from './takeBack';

const jobs = TEMPLATES.map((template): Job => {
  let next = 0;
  const choice = { name: template.name, machineId: 'm', clothId: 'c', secondClothId: 'd', colour: 'sand' };
  return jobFromTemplate(template, choice, { id: 'j', newId: () => `k${(next += 1)}`, at: '2026-03-01T10:00:00Z' });
});
const anyJob = fc.constantFrom(...jobs);
const renamed = (job: Job): Job => ({ ...job, seams: job.seams.map((s) => ({ ...s, name: `${s.name} now` })) });

describe('an edit taken out of a job, with what was written since kept', () => {
  it('a piece comes back in its place, touched by the seams that touched it', () => {
    fc.assert(
      fc.property(anyJob, fc.nat(), (job, n) => {
        fc.pre(job.pieces.length > 0);
        const { id } = job.pieces[n % job.pieces.length];
        const without = withoutPiece(job, id);
        expect(mergeBack(without, job, without)).toEqual(job);
        expect(mergeBack(without, job, renamed(without))).toEqual(renamed(job));
        expect(mergeBack(without, job, job)).toEqual(job);
      }),
    );
  });

  it('a seam comes back, waited for by those that waited for it', () => {
    fc.assert(
      fc.property(anyJob, fc.nat(), (job, n) => {
        const { id } = job.seams[n % job.seams.length];
        const without = withoutSeam(job, id);
        expect(mergeBack(without, job, without)).toEqual(job);
        const noted = { ...without, notes: 'written since' };
        expect(mergeBack(without, job, noted)).toEqual({ ...job, notes: 'written since' });
      }),
    );
  });

  it('other fabrics are the old ones again, and new names stay', () => {
    fc.assert(
      fc.property(anyJob, fc.constantFrom('c', 'd', null), (job, from) => {
        const swapped = withCloth(job, from, 'new');
        expect(mergeBack(swapped, job, renamed(swapped))).toEqual(renamed(job));
      }),
    );
  });

  it('a seam that was put in goes again, unless somebody has worked on it since', () => {
    const [job] = jobs;
    const more = { ...job, seams: [...job.seams, { ...job.seams[0], id: 'more', name: 'More' }] };
    expect(mergeBack(more, job, more)).toEqual(job);
    const worked = { ...more, seams: more.seams.map((s) => (s.id === 'more' ? { ...s, notes: 'mine' } : s)) };
    expect(mergeBack(more, job, worked)).toEqual(worked);
    expect(jobSchema.safeParse(worked).success).toBe(true);
  });
});

describe('a list of things without an id', () => {
  const reading = (at: string) => ({ gauge: 'mass', at });
  it('gets back the one that was deleted, beside one that was added since', () => {
    const [a, b, c] = ['1', '2', '3'].map(reading);
    expect(mergeBack([a], [a, b], [a, c])).toEqual([a, b, c]);
  });

  it('and two that hold the same are two', () => {
    const a = reading('1');
    expect(mergeBack([a], [a, a], [a, reading('2')])).toEqual([a, a, reading('2')]);
  });
});

describe('one change taken back', () => {
  const row = (more: StoredRow = {}): StoredRow => ({ id: 'a', name: 'A', notes: '', ...more });
  const updated: RecordChange = { kind: 'updated', table: 'cloths', id: 'a', change: [row(), row({ name: 'B' })] };

  it('puts what was deleted there again, and leaves what is there already', () => {
    const removed: RecordChange = { kind: 'removed', table: 'cloths', id: 'a', from: row() };
    expect(stepBack(removed, undefined)).toEqual({ do: 'put', record: row() });
    expect(stepBack(removed, row({ name: 'another' }))).toEqual({ do: 'nothing' });
  });

  it('deletes what was added, and nothing when it is gone', () => {
    const added: RecordChange = { kind: 'added', table: 'cloths', id: 'a', to: row() };
    expect(stepBack(added, row())).toEqual({ do: 'delete' });
    expect(stepBack(added, undefined)).toEqual({ do: 'nothing' });
  });

  it('undoes only what it did', () => {
    expect(stepBack(updated, row({ name: 'B', notes: 'new' }))).toEqual({ do: 'put', record: row({ notes: 'new' }) });
    expect(stepBack(updated, row({ name: 'C' }))).toEqual({ do: 'nothing' });
    expect(stepBack(updated, undefined)).toEqual({ do: 'bring-back' });
  });
});

describe('changes are values', () => {
  const record = fc.option(fc.dictionary(fc.string(), fc.jsonValue(), { maxKeys: 4 }), { nil: undefined });
  it('whose inverse leads back, and whose inverse of the inverse is the change', () => {
    fc.assert(
      fc.property(record, record, (from, to) => {
        const change = changeOf('cloths', 'a', from, to);
        expect(change === null).toBe(isSame(from, to));
        if (!change) return;
        expect(inverse(inverse(change))).toEqual(change);
        expect(before(inverse(change))).toEqual(to);
        const step = stepBack(change, to);
        expect(step).toEqual(from === undefined ? { do: 'delete' } : { do: 'put', record: from });
      }),
    );
  });
});
