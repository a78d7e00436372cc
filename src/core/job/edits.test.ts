import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  clothsOf,
  withCloth,
  withClothsOf,
  withOrder,
  withoutOrder,
  withoutPiece,
  withoutSeam,
  withPieceBack,
  withSeamBack,
} from './edits';
import { type Job, jobSchema } from './job';
import { missingOrder } from './suggest';
import { jobFromTemplate, TEMPLATES } from './templates';

const jobs = TEMPLATES.map((template): Job => {
  let next = 0;
  const choice = { name: template.name, machineId: 'm', clothId: 'c', secondClothId: 'd', colour: 'sand' };
  return jobFromTemplate(template, choice, { id: 'j', newId: () => `k${(next += 1)}`, at: '2026-03-01T10:00:00Z' });
});
const anyJob = fc.constantFrom(...jobs);
const renamed = (job: Job): Job => ({ ...job, seams: job.seams.map((s) => ({ ...s, name: `${s.name} now` })) });

describe('what is taken out of a job comes back where it was', () => {
  it('a piece, touched by the seams that touched it, with what else was written since', () => {
    fc.assert(
      fc.property(anyJob, fc.nat(), (job, n) => {
        fc.pre(job.pieces.length > 0);
        const { id } = job.pieces[n % job.pieces.length];
        const without = withoutPiece(job, id);
        expect(jobSchema.safeParse(without).success).toBe(true);
        expect(without.pieces).toHaveLength(job.pieces.length - 1);
        expect(withPieceBack(without, job, id)).toEqual(job);
        expect(withPieceBack(renamed(without), job, id)).toEqual(renamed(job));
        expect(withPieceBack(job, job, id)).toEqual(job);
      }),
    );
  });

  it('a seam, waited for by those that waited for it', () => {
    fc.assert(
      fc.property(anyJob, fc.nat(), (job, n) => {
        const { id } = job.seams[n % job.seams.length];
        const without = withoutSeam(job, id);
        expect(jobSchema.safeParse(without).success).toBe(true);
        expect(without.seams).toHaveLength(job.seams.length - 1);
        expect(withSeamBack(without, job, id)).toEqual(job);
        expect(withSeamBack(job, job, id)).toEqual(job);
      }),
    );
  });

  it('a seam does not wait for one that was taken out after it', () => {
    const [job] = jobs;
    const last = job.seams.findLast((seam) => seam.after.length > 0)!;
    const [{ seamId }] = last.after;
    const without = withoutSeam(withoutSeam(job, last.id), seamId);
    const back = withSeamBack(without, job, last.id);
    expect(jobSchema.safeParse(back).success).toBe(true);
    expect(back.seams.some((seam) => seam.id === last.id)).toBe(true);
  });

  it('what waits for what', () => {
    for (const job of jobs) {
      const loose = { ...job, seams: job.seams.map((seam) => ({ ...seam, after: [] })) };
      const missing = missingOrder(loose.seams);
      const heeded = withOrder(loose, missing);
      expect(missingOrder(heeded.seams)).toEqual([]);
      expect(withoutOrder(heeded, missing)).toEqual(loose);
    }
  });
});

describe('the cloths of a job', () => {
  const [job] = jobs;
  it('are counted with what hangs on them; a seam without a second cloth lacks none', () => {
    expect(clothsOf(job)).toEqual([{ clothId: 'c', seams: job.seams.length, pieces: job.pieces.length }]);
    const cushion = jobs.find(({ name }) => name.startsWith('Piped cushion'))!;
    const of = (id: string) => clothsOf(cushion).find(({ clothId }) => clothId === id)!;
    expect(of('c').pieces + of('d').pieces).toBe(cushion.pieces.length);
    expect(of('d').seams).toBe(cushion.seams.filter((s) => [s.clothId, s.secondClothId].includes('d')).length);
    expect(jobs.flatMap(clothsOf).every(({ clothId }) => clothId !== null)).toBe(true);
    expect(clothsOf(withCloth(job, 'c', null))[0]).toMatchObject({ clothId: null, seams: job.seams.length });
    expect(clothsOf({ seams: [], pieces: [] })).toEqual([]);
  });

  it('one takes the place of another everywhere, and the old ones come back with what else was written since', () => {
    fc.assert(
      fc.property(anyJob, fc.constantFrom('c', 'd', null), (one, from) => {
        const swapped = withCloth(one, from, 'new');
        expect(jobSchema.safeParse(swapped).success).toBe(true);
        expect(clothsOf(swapped).map(({ clothId }) => clothId)).not.toContain(from);
        expect(withClothsOf(swapped, one)).toEqual(one);
        expect(withClothsOf(renamed(swapped), one)).toEqual(renamed(one));
      }),
    );
  });

  it('those that had none yet get theirs, and the others keep theirs', () => {
    const half = { ...job, seams: job.seams.map((seam, i) => (i % 2 ? seam : { ...seam, clothId: null })) };
    const all = withCloth(half, null, 'e');
    expect(all.seams.map(({ clothId }) => clothId)).toEqual(job.seams.map((_, i) => (i % 2 ? 'c' : 'e')));
    expect(all.seams.map((s) => s.secondClothId)).toEqual(job.seams.map((s) => s.secondClothId));
  });
});
