import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { JobSeam } from './job';
import { findCycle } from './order';
import { STAGES } from './stages';
import { allBefore, missingOrder, suggestedOrder, usualOrder } from './suggest';
import { jobFromTemplate, TEMPLATES, withSuggested } from './templates';

const seam = (id: string, more: Partial<JobSeam> = {}): JobSeam => ({
  id,
  name: id,
  procedureId: 'plain-open',
  clothId: null,
  secondClothId: null,
  bandClothId: null,
  pieces: [],
  count: 1,
  answers: {},
  stage: 'close',
  needleColour: '',
  bobbinColour: '',
  after: [],
  notes: '',
  ...more,
});
const pairs = (seams: JobSeam[]) => suggestedOrder(seams).map(({ seamId, after }) => `${after} < ${seamId}`);

describe('what comes before what', () => {
  it('puts darts and zips before the seam that closes the piece, bands after it, hems last', () => {
    const found = pairs([
      seam('hem', { stage: 'hem' }),
      seam('band', { stage: 'band' }),
      seam('side'),
      seam('zip', { stage: 'zip' }),
      seam('dart', { stage: 'shape' }),
    ]);
    expect(found.sort()).toEqual(['band < hem', 'dart < side', 'side < band', 'zip < side']);
  });

  it('says nothing of seams that share no piece', () => {
    const dart = seam('dart', { stage: 'shape', pieces: ['back'] });
    expect(pairs([dart, seam('side', { pieces: ['front'] })])).toEqual([]);
    expect(pairs([dart, seam('side', { pieces: ['front', 'back'] })])).toEqual(['dart < side']);
  });

  it('says why', () => {
    const [first] = suggestedOrder([seam('zip', { stage: 'zip' }), seam('side')]);
    expect(first).toMatchObject({ seamId: 'side', after: 'zip', why: 'put a zip in while the piece opens flat' });
  });

  it('offers no suggestion against what its maker set, and none that is heeded already', () => {
    const zip = seam('zip', { stage: 'zip', after: [{ seamId: 'side', why: '' }] });
    expect(missingOrder([zip, seam('side')])).toEqual([]);
    expect(missingOrder(withSuggested([seam('zip', { stage: 'zip' }), seam('side')]))).toEqual([]);
  });

  it('never closes a ring, whatever stages there are', () => {
    const any = fc.array(fc.record({ stage: fc.constantFrom(...STAGES), pieces: fc.subarray(['a', 'b', 'c']) }), {
      maxLength: 12,
    });
    fc.assert(
      fc.property(any, (list) => {
        const seams = withSuggested(list.map((more, i) => seam(`s${i}`, more)));
        expect(findCycle(seams.map(({ id, after }) => ({ id, after: after.map((a) => a.seamId) })))).toBeNull();
        const before = allBefore(seams);
        const place = new Map(usualOrder({ seams }).map(({ id }, i) => [id, i]));
        for (const { id } of seams) for (const b of before.get(id)!) expect(place.get(b)!).toBeLessThan(place.get(id)!);
      }),
    );
  });

  it('still lists every seam when they wait for each other in a ring', () => {
    const ring = [seam('a', { after: [{ seamId: 'b', why: '' }] }), seam('b', { after: [{ seamId: 'a', why: '' }] })];
    expect(usualOrder({ seams: ring }).map(({ id }) => id)).toEqual(['a', 'b']);
    expect(allBefore(ring).get('a')).toEqual(new Set(['a', 'b']));
  });
});

describe('templates', () => {
  let next = 0;
  const made = { id: 'job', newId: () => `k${(next += 1)}`, at: '2026-03-01T10:00:00Z' };
  const choice = { name: 'x', machineId: null, clothId: 'c', secondClothId: 'd', colour: 'sand' };
  it.each(TEMPLATES.map((t) => [t.name, t] as const))(
    '%s has no ring, and every seam touches a piece',
    (_, template) => {
      const job = jobFromTemplate(template, choice, made);
      expect(findCycle(job.seams.map(({ id, after }) => ({ id, after: after.map((a) => a.seamId) })))).toBeNull();
      expect(job.seams.every(({ pieces }) => pieces.length > 0)).toBe(true);
      expect(job.seams.every(({ after }) => new Set(after.map((a) => a.seamId)).size === after.length)).toBe(true);
      expect(missingOrder(job.seams)).toEqual([]);
    },
  );

  it('sets the sleeves in after the shoulders, and hems last', () => {
    const job = jobFromTemplate(
      TEMPLATES.find((t) => t.id === 'knit-top')!,
      choice,
      made,
    );
    const names = usualOrder(job).map(({ name }) => name);
    expect(names.indexOf('Shoulders')).toBeLessThan(names.indexOf('Set the sleeves in flat'));
    expect(names.at(-1)).toMatch(/hem/);
  });

  it('sews only the lining in the second cloth, and the piping in both', () => {
    const bag = jobFromTemplate(
      TEMPLATES.find((t) => t.id === 'lined-bag')!,
      choice,
      made,
    );
    expect(bag.seams.find((s) => s.name.startsWith('Lining'))).toMatchObject({ clothId: 'd', secondClothId: null });
    const cushion = jobFromTemplate(
      TEMPLATES.find((t) => t.id === 'cushion-zip')!,
      choice,
      made,
    );
    expect(cushion.seams.find((s) => s.procedureId === 'piping')).toMatchObject({ clothId: 'c', secondClothId: 'd' });
  });
});
