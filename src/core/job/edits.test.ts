import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { clothsOf, tidied, withAnswer, withCloth, withOrder, withoutPiece, withoutSeam, withSize } from './edits';
import { type Job, jobSchema } from './job';
import { missingOrder } from './suggest';
import { jobFromTemplate, TEMPLATES } from './templates';

const jobs = TEMPLATES.map((template): Job => {
  let next = 0;
  const choice = { name: template.name, machineId: 'm', clothId: 'c', secondClothId: 'd', colour: 'sand' };
  return jobFromTemplate(template, choice, { id: 'j', newId: () => `k${(next += 1)}`, at: '2026-03-01T10:00:00Z' });
});
const anyJob = fc.constantFrom(...jobs);

describe('what is taken out of a job', () => {
  it('leaves nothing behind that points at it', () => {
    fc.assert(
      fc.property(anyJob, fc.nat(), (job, n) => {
        const seam = withoutSeam(job, job.seams[n % job.seams.length].id);
        expect(jobSchema.safeParse(seam).success).toBe(true);
        expect(seam.seams).toHaveLength(job.seams.length - 1);
        fc.pre(job.pieces.length > 0);
        const piece = withoutPiece(job, job.pieces[n % job.pieces.length].id);
        expect(jobSchema.safeParse(piece).success).toBe(true);
        expect(piece.pieces).toHaveLength(job.pieces.length - 1);
      }),
    );
  });

  it('the usual order is put in whole', () => {
    for (const job of jobs) {
      const loose = { ...job, seams: job.seams.map((seam) => ({ ...seam, after: [] })) };
      expect(missingOrder(withOrder(loose, missingOrder(loose.seams)).seams)).toEqual([]);
    }
  });
});

describe('the measures of a template', () => {
  it('are examples until they are changed, each by itself', () => {
    for (const job of jobs) {
      expect(job.pieces.every(({ examples }) => examples?.length === 2)).toBe(true);
      for (const seam of job.seams) expect(seam.examples ?? []).toEqual(Object.keys(seam.answers));
    }
    const [piece] = jobs[0].pieces;
    const wider = withSize(piece, { widthMm: 610 });
    expect([wider.widthMm, wider.examples]).toEqual([610, ['lengthMm']]);
    expect(withSize(wider, { lengthMm: undefined }).examples).toBeUndefined();
    const seam = jobs[0].seams.find(({ answers }) => Object.keys(answers).length > 1)!;
    const [first, ...others] = Object.keys(seam.answers);
    const answered = withAnswer(seam, first, 12);
    expect([answered.answers[first], answered.examples]).toEqual([12, others]);
    // An answer that was never an example changes nothing else.
    expect(withAnswer(seam, 'else', 1).examples).toEqual(seam.examples);
  });
});

describe('a job with links that lead nowhere', () => {
  const [job] = jobs;
  const last = job.seams.findLast((seam) => seam.after.length > 0)!;

  it('is tidied without touching anything else', () => {
    expect(tidied(job)).toEqual(job);
    const lost = { ...job, seams: job.seams.filter(({ id }) => id !== last.after[0].seamId), pieces: [] };
    expect(jobSchema.safeParse(lost).success).toBe(false);
    expect(jobSchema.safeParse(tidied(lost)).success).toBe(true);
    expect(tidied(lost).seams.map(({ id }) => id)).toEqual(lost.seams.map(({ id }) => id));
  });

  it('and a ring of seams is opened', () => {
    const first = job.seams.find(({ id }) => id === last.after[0].seamId)!;
    const ring = {
      ...job,
      seams: job.seams.map((s) => (s.id === first.id ? { ...s, after: [{ seamId: last.id, why: '' }] } : s)),
    };
    expect(jobSchema.safeParse(ring).success).toBe(false);
    expect(jobSchema.safeParse(tidied(ring)).success).toBe(true);
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

  it('one takes the place of another everywhere', () => {
    fc.assert(
      fc.property(anyJob, fc.constantFrom('c', 'd', null), (one, from) => {
        const swapped = withCloth(one, from, 'new');
        expect(jobSchema.safeParse(swapped).success).toBe(true);
        expect(clothsOf(swapped).map(({ clothId }) => clothId)).not.toContain(from);
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
