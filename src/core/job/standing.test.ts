import { describe, expect, it } from 'vitest';
import type { Cloth } from '../cloth';
import { PLAIN_MACHINE } from '../kit';
import { USUAL_SCHOOLS } from '../setup';
import { plainSetup } from '../setup/plainSetup.testing';
import type { Job } from './job';
import { jobSchema } from './job';
import { schedule } from './order';
import { matchRows, planOfRow, procedureOf } from '../procedure';
import { seamWork } from './seamWork';
import { paceOf } from './pace';
import { jobStanding, type Surroundings } from './standing';
import { jobFromTemplate, TEMPLATES } from './templates';

const POPLIN: Cloth = { structure: 'woven', family: 'poplin', traits: [], massGsm: 120 };
const SETUP = plainSetup();

function apron(): Job {
  let next = 0;
  const choice = { name: 'Apron', machineId: 'm', clothId: 'c', secondClothId: null, colour: 'sand' };
  const template = TEMPLATES.find((t) => t.id === 'apron')!;
  return jobFromTemplate(template, choice, { id: 'j', newId: () => `k${(next += 1)}`, at: '2026-03-01T10:00:00Z' });
}

const around = (more: Partial<Surroundings> = {}): Surroundings => ({
  machine: PLAIN_MACHINE,
  clothOf: (id) => (id === 'c' ? POPLIN : null),
  settingOf: () => ({ setups: { main: SETUP }, proof: 'proven', cardId: 'card' }),
  runs: [],
  scraps: [],
  on: SETUP,
  owned: { threads: [], needles: [], lifeHours: 5 },
  schools: USUAL_SCHOOLS,
  todayMinutes: 60,
  pace: paceOf([]),
  ...more,
});

/** Nothing is proven; what is cut needs no proof. */
const open: Surroundings['settingOf'] = ({ procedureId }) =>
  procedureId === 'lay-and-cut'
    ? { setups: null, proof: 'hand', cardId: null }
    : { setups: { main: SETUP }, proof: 'none', cardId: null };

describe('where a job stands', () => {
  it('keeps the shape that is stored', () => {
    expect(jobSchema.safeParse(apron()).success).toBe(true);
  });

  it('puts one scrap before the seams it is for, when their setting is not proven', () => {
    const { items } = jobStanding(apron(), around({ settingOf: open }));
    const scraps = items.filter((item) => item.kind === 'scrap');
    for (const scrap of scraps)
      for (const id of scrap.kind === 'scrap' ? scrap.forSeams : [])
        expect(items.findIndex((i) => i.id === scrap.id)).toBeLessThan(items.findIndex((i) => i.id === id));
    // A plain seam, topstitching, a hem and bar tacks are proven apart.
    expect(scraps).toHaveLength(4);
  });

  it('counts twelve minutes for a scrap, at whatever pace', () => {
    const standing = (pace: Surroundings['pace']) => jobStanding(apron(), around({ settingOf: open, pace }));
    for (const factor of [1, 1.5]) {
      const { question, items } = standing({ ...paceOf([]), factor });
      const scraps = items.filter((item) => item.kind === 'scrap').map(({ id }) => id);
      const minutes = question.tasks.filter(({ id }) => scraps.includes(id)).map((task) => task.minutes);
      expect(minutes).toEqual([12, 12, 12, 12]);
    }
  });

  it('finds the scrap that was begun for it, and takes none of one cloth for a pair', () => {
    const job = apron();
    const pair = { ...job, seams: job.seams.map((s) => ({ ...s, secondClothId: 'd' })) };
    // Called alike: told apart by id all the same.
    const LAWN = { ...POPLIN };
    const clothOf = (id: string | null) => (id === 'c' ? POPLIN : id === 'd' ? LAWN : null);
    const scrap = { id: 's', clothId: 'c', secondId: null, machineId: 'm', operation: { kind: 'topstitch' as const } };
    const both = { ...scrap, id: 'p', secondId: 'd' };
    const found = (of: Job, scraps: Surroundings['scraps']) =>
      jobStanding(of, around({ clothOf, scraps })).seams.find(({ seam }) => seam.name === 'Topstitch the bib')!.scrapId;
    expect(found(job, [both, scrap])).toBe('s');
    expect(found(pair, [scrap])).toBeNull();
    expect(found(pair, [scrap, both])).toBe('p');
  });

  it('asks for no scrap where everything is proven', () => {
    expect(jobStanding(apron(), around()).items.every((item) => item.kind === 'seam')).toBe(true);
  });

  it('counts a seam as sewn by its run, and not when it is to be unpicked', () => {
    const job = apron();
    const run = { id: 'r', jobId: 'j', seamId: job.seams[0].id, status: 'done', outcome: 'good', atItSeconds: 600 };
    expect(jobStanding(job, around({ runs: [run] })).progress.done).toHaveLength(1);
    expect(jobStanding(job, around({ runs: [{ ...run, outcome: 'unpick' }] })).progress.done).toHaveLength(0);
    const [first] = jobStanding(job, around({ runs: [{ ...run, status: 'sewing' }] })).seams;
    expect(first).toMatchObject({ state: 'begun', runId: 'r' });
  });

  it('asks to get only what the rest of it takes, and knows how long it has taken', () => {
    const job = apron();
    const runs = job.seams.map(({ id }, i) => ({ id, jobId: 'j', seamId: id, status: 'done', atItSeconds: 60 * i }));
    const half = jobStanding(job, around({ runs: runs.slice(0, 3) }));
    const total = (threads: { totalMm: number }[]) => threads.reduce((sum, t) => sum + t.totalMm, 0);
    expect(total(half.restBudget.threads)).toBeLessThan(total(half.budget.threads));
    expect(half.tookMin).toBe(3);
    const all = jobStanding(job, around({ runs }));
    expect(all.restBudget.threads).toEqual([]);
    expect(total(all.budget.threads)).toBeCloseTo(total(half.budget.threads), 6);
  });

  it('says what waits for what, and what fits into today', () => {
    const { progress, timeline } = jobStanding(apron(), around());
    const hem = progress.blocked.find((b) => b.for.includes('Topstitch the bib'));
    expect(hem).toBeDefined();
    expect(progress.today.at(-1)!.toMin).toBeLessThanOrEqual(60);
    expect(progress.today.length + progress.later.length).toBe(timeline.stops.length);
    expect(jobStanding(apron(), around({ todayMinutes: 5 })).progress.today).toHaveLength(1);
  });

  it('fills the time without a hole, and every band to its end', () => {
    const { timeline, question } = jobStanding(apron(), around({ on: null }));
    timeline.stops.forEach((stop, i) => expect(stop.fromMin).toBe(i === 0 ? 0 : timeline.stops[i - 1].toMin));
    const sewing = question.tasks.reduce((sum, task) => sum + task.minutes, 0);
    expect(timeline.totalMin).toBeCloseTo(sewing + timeline.changesMin, 9);
    for (const { spans } of timeline.bands) expect(spans.at(-1)!.toMin).toBe(timeline.totalMin);
  });

  it('keeps the order it was given, and takes in what is new where it usually goes', () => {
    const job = apron();
    const found = schedule(jobStanding(job, around()).question);
    if ('blocked' in found) throw new Error('expected an order');
    const { weighed, items } = jobStanding({ ...job, order: found.order }, around());
    expect(items.map(({ id }) => id)).toEqual(found.order);
    expect(weighed.cost).toBeCloseTo(found.cost, 6);
    const without = found.order.filter((id) => id !== job.seams[1].id);
    const again = jobStanding({ ...job, order: without }, around()).items.map(({ id }) => id);
    expect(again).toContain(job.seams[1].id);
    expect(again).toHaveLength(found.order.length);
  });

  it('puts each row of a seam on the machine: what its topstitching is threaded with is what it leaves', () => {
    const job = apron();
    const felled = { ...job.seams[0], procedureId: 'flat-felled', answers: {}, after: [] };
    const setups = { main: SETUP, top: { ...SETUP, thread: { fibre: 'polyester' as const, tex: 60 }, lengthMm: 3.5 } };
    const one = { ...job, seams: [felled] };
    const settingOf = () => ({ setups, proof: 'proven' as const, cardId: 'card' });
    const { question, timeline, weighed, left } = jobStanding(one, around({ settingOf }));
    expect(question.tasks[0].needs.lengthMm).toBe(SETUP.lengthMm);
    expect(question.tasks[0].rows.map(({ lengthMm }) => lengthMm)).toEqual([3.5]);
    const [stop] = timeline.stops;
    expect(stop.inside.map(({ row, changes }) => [row, changes.map(({ change }) => change)])).toEqual([
      ['top', ['thread', 'bobbin', 'lengthMm']],
    ]);
    expect(stop.inside[0].atMin).toBeGreaterThan(stop.sewMin);
    expect(stop.inside[0].atMin).toBeLessThan(stop.toMin);
    // The first thread is put on before, the second within: both are paid for, and shown.
    expect(weighed.cost).toBeCloseTo(timeline.changesMin, 9);
    expect(left.minutes).toBeGreaterThan(weighed.cost);
    expect(timeline.bands.find(({ part }) => part === 'thread')!.spans).toHaveLength(2);
  });

  it('goes to the iron for a seam only where its fabric takes one', () => {
    const VINYL: Cloth = { structure: 'coated', family: 'vinyl', traits: [] };
    const open = { ...apron().seams[0], procedureId: 'plain-open', answers: {} };
    const work = (cloth: Cloth) => {
      const rows = matchRows(procedureOf('plain-open')!, { cloth });
      const plans = { main: planOfRow(rows.main) };
      return seamWork(open, cloth, PLAIN_MACHINE, { setups: { main: SETUP }, plans }, { schools: USUAL_SCHOOLS });
    };
    expect(work(POPLIN).presses).toBe(true);
    expect(work(VINYL).presses).toBe(false);
  });

  it('waits for settings that are not known yet, and not for a seam without a cloth', () => {
    const nothing = { setups: null, proof: 'none' as const, cardId: null };
    expect(jobStanding(apron(), around({ settingOf: () => nothing })).waiting).toBe(true);
    const open = apron();
    const bare = { ...open, seams: open.seams.map((s) => ({ ...s, clothId: null })) };
    expect(jobStanding(bare, around({ settingOf: () => nothing })).waiting).toBe(false);
  });
});

describe('what a job takes', () => {
  it('counts thread by colour with its unpicking share, and what has to be bought', () => {
    const spool = { thread: { fibre: 'polyester' as const, tex: 27 }, colourName: 'Sand', metres: [{ by: 5 }] };
    const owned = { threads: [spool], needles: [], lifeHours: 5 };
    const { budget, seams } = jobStanding(apron(), around({ owned }));
    const [need] = budget.threads;
    const needleMm = seams.reduce((sum, s) => sum + s.work.needleMm, 0);
    expect(budget.threads).toHaveLength(1);
    expect(need.needleMm).toBeCloseTo(needleMm, 6);
    expect(need.totalMm).toBeCloseTo(1.1 * (need.needleMm + need.bobbinMm + need.handMm), 6);
    expect(need.ownedMm).toBe(5000);
    expect(need.buyMm).toBeCloseTo(need.totalMm - 5000, 6);
  });

  it('does not tell to buy where a spool was never measured', () => {
    const spool = { thread: { fibre: 'polyester' as const, tex: 27 }, colourName: 'sand', metres: [] };
    const [need] = jobStanding(apron(), around({ owned: { threads: [spool], needles: [], lifeHours: 5 } })).budget
      .threads;
    expect(need).toMatchObject({ ownedMm: null, buyMm: 0 });
  });

  it('asks about a spool that was never measured only where the others are not enough', () => {
    const spool = { thread: { fibre: 'polyester' as const, tex: 27 }, colourName: 'sand' };
    const threads = [
      { ...spool, metres: [] },
      { ...spool, metres: [{ id: 'a', at: '2026-01-01T00:00:00Z', by: 900 }] },
    ];
    const [need] = jobStanding(apron(), around({ owned: { threads, needles: [], lifeHours: 5 } })).budget.threads;
    expect(need).toMatchObject({ ownedMm: 900_000, buyMm: 0 });
  });

  it('keeps the bobbin’s colour apart from the one on top', () => {
    const job = apron();
    const two = { ...job, seams: job.seams.map((s) => ({ ...s, bobbinColour: 'grey' })) };
    const { budget } = jobStanding(two, around());
    expect(budget.threads.map((t) => [t.colour, t.needleMm > 0, t.bobbinMm > 0])).toEqual([
      ['sand', true, false],
      ['grey', false, true],
    ]);
    expect(budget.bobbins[0].thread).toMatch(/grey$/);
  });

  it('asks for a needle when none of its kind is owned, and for none while hours are left', () => {
    const fresh = { needle: SETUP.needle, sewn: [{ by: 1 }], spent: null };
    const buy = (needles: (typeof fresh)[], lifeHours: number | null) =>
      jobStanding(apron(), around({ owned: { threads: [], needles, lifeHours } })).budget.needles[0].buy;
    expect(buy([], 5)).toBe(1);
    expect(buy([fresh], 5)).toBe(0);
    expect(buy([{ ...fresh, sewn: [{ by: 5 }] }], 5)).toBe(1);
    expect(buy([fresh], null)).toBe(0);
    expect(buy([], null)).toBe(1);
  });

  it('lists zips by their length and adds what the maker wrote down', () => {
    const job = apron();
    const zip = {
      ...job.seams[0],
      id: 'zip',
      procedureId: 'zip-centred',
      answers: { zip: 200, top: 20, opening: 220 },
      count: 2,
    };
    const notions = [{ id: 'n', name: 'eyelets', unit: 'count' as const, needed: 4, owned: 1 }];
    const { budget } = jobStanding({ ...job, seams: [zip], notions }, around());
    expect(budget.notions).toEqual([
      { name: 'zip, 200 mm', label: 'zip, {= 200 mm}', unit: 'count', needed: 2, owned: 0, buy: 2 },
      { name: 'eyelets', label: 'eyelets', unit: 'count', needed: 4, owned: 1, buy: 3 },
    ]);
  });

  it('says why, where the answers of a seam do not go together', () => {
    const job = apron();
    const wrong = { ...job.seams[0], procedureId: 'zip-centred', answers: { zip: 300, top: 20, opening: 100 } };
    const [now] = jobStanding({ ...job, seams: [wrong] }, around()).seams;
    expect(now.work.problem).toMatch(/zip ends {= 320 mm} below the raw top edge and the opening is {= 100 mm}/);
    expect(now.work.needleMm).toBe(0);
  });
});
