import { clothOf } from '../src/core/cloth';
import type { Workroom } from '../src/core/file';
import type { Machine } from '../src/core/kit';
import {
  type Job,
  jobFromTemplate,
  jobStanding,
  kindOf,
  paceOf,
  proofNeeded,
  schedule,
  seamWork,
  TEMPLATES,
} from '../src/core/job';
import { seeded } from '../src/core/random';
import { KNOWLEDGE } from '../src/core/result';
import { type OperationKind, type Setup, USUAL_SCHOOLS } from '../src/core/setup';

type Run = Workroom['runs'][number];

/** What the demo knows of its cloths and machines. */
export interface Aboard {
  cloths: Workroom['cloths'];
  machine: Machine & { name: string };
  setup: (clothId: string, kind: OperationKind) => Setup;
  cards: Workroom['cards'];
  on: Setup;
}

const HOUR = 3_600_000;
const at = (base: string, hours: number) => `${new Date(Date.parse(base) + hours * HOUR).toISOString().slice(0, 19)}Z`;

interface Made {
  id: string;
  template: string;
  name: string;
  clothId: string;
  secondClothId?: string;
  colour: string;
  begun: string;
  notes?: string;
}

function made({ id, template, begun, notes = '', ...more }: Made): Job {
  let next = 0;
  const newId = () => `${id}-${(next += 1)}`;
  const choice = { machineId: 'green', secondClothId: null, ...more };
  return {
    ...jobFromTemplate(
      TEMPLATES.find((t) => t.id === template)!,
      choice,
      { id, newId, at: begun },
    ),
    notes,
  };
}

/** A job whose pieces are cut. */
function cutOut(about: Made): Job {
  const job = made(about);
  const [cut, ...rest] = job.seams;
  return { ...job, seams: [{ ...cut, doneAt: at(about.begun, 1) }, ...rest] };
}

/** Runs of some seams of a job, one after the other, each taking what the estimate says and a little more or less. */
function sewn(job: Job, seams: Job['seams'], begun: string, seed: number, aboard: Aboard): Run[] {
  const chance = seeded(seed);
  let hours = 0;
  return seams.map((seam): Run => {
    const cloth = aboard.cloths.find((c) => c.id === seam.clothId)!;
    const setup = aboard.setup(cloth.id, kindOf(seam.procedureId));
    const work = seamWork(seam, clothOf(cloth), aboard.machine, { setups: { main: setup } }, {});
    const minutes = (work.needleMin + work.handlingMin) * (1.05 + 0.5 * chance.next());
    const startedAt = at(begun, hours);
    hours += minutes / 60 + 0.2;
    return {
      id: `run-${seam.id}`,
      procedureId: seam.procedureId,
      clothId: cloth.id,
      clothName: cloth.cloth.name,
      machineId: 'green',
      machineName: aboard.machine.name,
      answers: seam.answers,
      jobId: job.id,
      seamId: seam.id,
      setup,
      tried: [],
      status: 'done',
      step: 0,
      counted: 0,
      pieces: seam.count,
      piece: seam.count,
      needleMinutes: Math.round(work.needleMin * 10) / 10,
      atItSeconds: Math.round(minutes * 60),
      startedAt,
      doneAt: at(startedAt, minutes / 60),
      outcome: chance.next() < 0.75 ? 'good' : 'will-do',
      knowledge: KNOWLEDGE,
      notes: '',
    };
  });
}

/** A job with the order of work that changes the machine least, from what is on it now. */
function inBestOrder(job: Job, runs: readonly Run[], { cloths, machine, setup, cards, on }: Aboard): Job {
  const { question } = jobStanding(job, {
    machine,
    clothOf: (id) => {
      const cloth = cloths.find((c) => c.id === id);
      return cloth ? clothOf(cloth) : null;
    },
    settingOf: ({ clothId, procedureId }) => {
      const kind = kindOf(procedureId);
      const card = cards.find((c) => c.clothId === clothId && c.machineId === 'green' && c.operation.kind === kind);
      if (card) return { setups: { main: card.setup }, proof: 'proven', cardId: card.id };
      const proof = proofNeeded(procedureId);
      return { setups: proof === 'hand' ? null : { main: setup(clothId!, kind) }, proof, cardId: null };
    },
    runs,
    scraps: [],
    on,
    owned: { threads: [], needles: [], lifeHours: 5 },
    schools: USUAL_SCHOOLS,
    todayMinutes: 90,
    pace: paceOf([]),
  });
  const found = schedule(question);
  if ('blocked' in found) throw new Error(`inBestOrder: ${found.blocked[0].text}`);
  return { ...job, order: found.order };
}

/** The three things being made on board: one done, one half way, one not begun. Made up. */
export function jobsOnBoard(aboard: Aboard): { jobs: Job[]; runs: Run[] } {
  const cushion = cutOut({
    id: 'cushion',
    template: 'cushion-zip',
    name: 'Deck cushion cover',
    clothId: 'deck',
    secondClothId: 'sateen',
    colour: 'sand',
    begun: '2026-11-15T13:00:00Z',
    notes: 'The first of four. Piping in the sateen that was left from the headscarf.',
  });
  const apron = cutOut({
    id: 'apron',
    template: 'apron',
    name: 'Work apron for the engine hold',
    clothId: 'denim',
    colour: 'ochre',
    begun: '2026-11-20T09:30:00Z',
  });
  const top = cutOut({
    id: 'top',
    template: 'knit-top',
    name: 'Base layer for the winter run',
    clothId: 'merino',
    colour: 'storm grey',
    begun: '2026-11-21T18:00:00Z',
  });
  const [, piping, , ...rest] = cushion.seams;
  // The zip lies between them, in the log of what was sewn on board.
  const cushionRuns = [
    ...sewn(cushion, [piping], '2026-11-16T13:10:00Z', 5, aboard),
    ...sewn(cushion, rest, '2026-11-16T15:00:00Z', 6, aboard),
  ];
  const [, pocket, sides] = apron.seams;
  const apronRuns = sewn(apron, [pocket], '2026-11-20T10:00:00Z', 8, aboard);
  const underWay: Run[] = [...apronRuns, { ...apronRuns[0], seamId: sides.id, status: 'sewing' }];
  return {
    jobs: [
      inBestOrder(top, [], aboard),
      inBestOrder(apron, underWay, aboard),
      { ...cushion, doneAt: cushionRuns.at(-1)!.doneAt },
    ],
    runs: [...cushionRuns, ...apronRuns],
  };
}
