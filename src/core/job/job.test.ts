import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type Job, jobSchema } from './job';
import { schedule, scheduleInputSchema } from './order';
import { needsOf, sayNeed } from './needs';
import { coloursOf, inOrder, kindOf, proofNeeded, type WorkItem } from './plan';
import { STAGES } from './stages';
import { duplicateJob, emptyJob, jobFromTemplate, TEMPLATES } from './templates';
import { BANDS, timelineOf } from './timeline';
import { usualStage } from './usualStage';
import { PROCEDURES } from '../procedure';
import type { Setup } from '../setup';

let next = 0;
const newId = () => `k${(next += 1)}`;
const made = (id = 'job') => ({ id, newId, at: '2026-03-01T10:00:00Z' });
const choice = { name: 'Bag', machineId: 'm', clothId: 'c', secondClothId: 'd', colour: 'sand' };
const bag = (): Job =>
  jobFromTemplate(
    TEMPLATES.find((t) => t.id === 'lined-bag')!,
    choice,
    made(),
  );
const refused = (job: unknown) => {
  const read = jobSchema.safeParse(job);
  return read.success ? null : { path: read.error.issues[0].path.join('.'), message: read.error.issues[0].message };
};

describe('a job', () => {
  it.each(TEMPLATES.map((t) => [t.name, t] as const))(
    'made from “%s” keeps the shape that is stored',
    (_, template) => {
      expect(refused(jobFromTemplate(template, choice, made()))).toBeNull();
    },
  );

  it('made from nothing keeps it too', () => {
    expect(refused(emptyJob(choice, made()))).toBeNull();
  });

  it('names the piece or seam that is pointed at and not there', () => {
    const job = bag();
    const [first, ...rest] = job.seams;
    expect(refused({ ...job, seams: [{ ...first, pieces: ['lost'] }, ...rest] })).toEqual({
      path: 'seams.0.pieces.0',
      message: 'expected one of the project’s pieces, got "lost"',
    });
    const waits = { ...first, after: [{ seamId: 'gone', why: '' }] };
    expect(refused({ ...job, seams: [waits, ...rest] })?.path).toBe('seams.0.after.0.seamId');
  });

  it('takes no key twice', () => {
    const job = bag();
    expect(refused({ ...job, seams: [...job.seams, job.seams[0]] })?.path).toBe(`seams.${job.seams.length}.id`);
    expect(refused({ ...job, pieces: [...job.pieces, job.pieces[0]] })?.path).toBe(`pieces.${job.pieces.length}.id`);
  });

  it.each([
    ['a seam without a name', { name: ' ' }, 'seams.0.name'],
    ['no seam at all alike', { count: 0 }, 'seams.0.count'],
    ['a stage nobody knows', { stage: 'ironing' }, 'seams.0.stage'],
    ['an answer that is no number', { answers: { seam: 'long' } }, 'seams.0.answers.seam'],
  ])('refuses %s, and says where', (_, wrong, path) => {
    const job = bag();
    expect(refused({ ...job, seams: [{ ...job.seams[0], ...wrong }] })?.path).toBe(path);
  });
});

describe('made again', () => {
  it('has the same seams with keys of their own, none of them sewn', () => {
    const job = { ...bag(), doneAt: '2026-03-02T10:00:00Z', order: ['x'] };
    job.seams[0].doneAt = '2026-03-02T09:00:00Z';
    const copy = duplicateJob(job, made('again'));
    expect(refused(copy)).toBeNull();
    expect(copy.name).toBe('Bag, again');
    expect(copy.doneAt).toBeUndefined();
    expect(copy.order).toEqual([]);
    expect(copy.seams.every((s) => s.doneAt === undefined)).toBe(true);
    expect(copy.seams.map((s) => s.name)).toEqual(job.seams.map((s) => s.name));
    expect(copy.seams.some((s) => job.seams.some((old) => old.id === s.id))).toBe(false);
  });

  it('waits for the same things and touches the same pieces', () => {
    const job = bag();
    const copy = duplicateJob(job, made('again'));
    const names = ({ seams, pieces }: Job) =>
      seams.map((s) => [
        s.after.map((a) => seams.find((o) => o.id === a.seamId)!.name),
        s.pieces.map((p) => pieces.find((o) => o.id === p)!.name),
      ]);
    expect(names(copy)).toEqual(names(job));
  });

  it('does not run out of letters for its name', () => {
    expect(duplicateJob({ ...bag(), name: 'x'.repeat(120) }, made('again')).name).toHaveLength(120);
  });
});

describe('operations in a job', () => {
  it.each(PROCEDURES.map((p) => [p.id]))('%s has a place in the work, and a kind that is proven', (id) => {
    expect(STAGES).toContain(usualStage(id));
    expect(kindOf(id)).toBe(PROCEDURES.find((p) => p.id === id)!.kind);
  });

  it('want no proof where nothing is held, and none where no machine sews', () => {
    expect(proofNeeded('baste')).toBe('free');
    expect(proofNeeded('stay-stitch')).toBe('free');
    expect(proofNeeded('close-gap')).toBe('hand');
    expect(proofNeeded('plain-open')).toBe('none');
  });

  it('of a newer file close the thing and are proven as a plain seam', () => {
    expect(usualStage('unheard-of')).toBe('close');
    expect(kindOf('unheard-of')).toBe('join');
  });
});

describe('what a seam wants on the machine', () => {
  const setup: Setup = {
    needle: { point: 'jeans', nm: 100 },
    thread: { fibre: 'polyester', tex: 40 },
    foot: 'zip',
    footSide: 'left',
    plate: 'standard',
    stitch: 'straight',
    lengthMm: 3,
    widthMm: 0,
    needlePositionMm: 0,
    tensionSteps: 0.5,
    pressure: 0.5,
  };
  it('tells the side of a one-bar foot and the colour of each thread by id, however the colour is written', () => {
    const needs = needsOf(setup, { needle: ' Ochre', bobbin: 'grey' });
    expect(needs.foot).toBe('zip:left');
    expect(needs.thread).toBe('polyester:40:ochre');
    expect(needs.bobbin).toBe('polyester:40:grey');
  });

  it('is nothing while no setting is known', () => {
    expect(needsOf(null, { needle: 'ochre', bobbin: '' })).toEqual({});
  });

  it('takes the colour of the job where the seam says nothing, and of the needle for the bobbin', () => {
    expect(coloursOf({ colour: 'sand' }, { needleColour: '', bobbinColour: '' })).toEqual({
      needle: 'sand',
      bobbin: 'sand',
    });
    expect(coloursOf({ colour: 'sand' }, { needleColour: 'red', bobbinColour: '' })).toEqual({
      needle: 'red',
      bobbin: 'red',
    });
    expect(coloursOf({ colour: 'sand' }, { needleColour: '', bobbinColour: 'grey' })).toEqual({
      needle: 'sand',
      bobbin: 'grey',
    });
  });

  it('reads as people say it', () => {
    expect(sayNeed('needle', setup.needle)).toBe('Jeans 100/16');
    expect(sayNeed('foot', 'walking')).toBe('Walking');
    expect(sayNeed('lengthMm', 2.5)).toBe('2.5');
  });
});

const item = (id: string) => ({ kind: 'seam', id, name: id, now: { work: { runs: [] } } }) as never as WorkItem;

describe('an order that is kept', () => {
  it('takes in what it does not name after what usually comes before it', () => {
    const items = ['a', 'b', 'c', 'd'].map(item);
    const ids = (order: string[]) => inOrder(items, order).map(({ id }) => id);
    expect(ids([])).toEqual(['a', 'b', 'c', 'd']);
    expect(ids(['d', 'a'])).toEqual(['d', 'a', 'b', 'c']);
    expect(ids(['c', 'gone', 'a', 'b', 'd'])).toEqual(['c', 'a', 'b', 'd']);
  });

  it('loses nothing and names nothing twice, whatever it says', () => {
    const keys = ['a', 'b', 'c', 'd', 'e'];
    fc.assert(
      fc.property(fc.array(fc.constantFrom(...keys, 'gone')), (order) => {
        const found = inOrder(keys.map(item), order).map(({ id }) => id);
        expect([...found].sort()).toEqual(keys);
      }),
    );
  });
});

describe('the timeline', () => {
  const question = scheduleInputSchema.parse({
    tasks: [
      { id: 'a', needs: { needle: 'fine', foot: 'standard' }, minutes: 10 },
      { id: 'b', needs: { foot: 'zip' }, minutes: 20 },
      { id: 'c', needs: { needle: 'stout' }, minutes: 5 },
    ],
    now: { needle: 'fine' },
  });
  const found = schedule(question);
  if ('blocked' in found) throw new Error('expected an order');
  const line = timelineOf(question, found.order.map(item), found.changes);

  it('gives changes their minutes before the seam they are for', () => {
    expect(line.totalMin).toBeCloseTo(35 + found.cost, 9);
    expect(line.changesMin).toBeCloseTo(found.cost, 9);
    for (const { changes, fromMin, sewMin } of line.stops) expect(sewMin > fromMin).toBe(changes.length > 0);
  });

  it('shows each part as bands that meet, from when it is first known', () => {
    expect(line.bands.map((b) => b.part)).toEqual(BANDS.map(([part]) => part));
    const needle = line.bands.find((b) => b.part === 'needle')!;
    expect(needle.spans.map((s) => s.value)).toEqual(['fine', 'stout']);
    expect(needle.spans[0].fromMin).toBe(0);
    expect(needle.spans[1].fromMin).toBe(needle.spans[0].toMin);
    expect(line.bands.find((b) => b.part === 'thread')!.spans).toEqual([]);
  });
});
