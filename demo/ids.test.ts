import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import demo from './tansy-wren.json';
import { isProofOf, nearestCards } from '../src/core/card';
import { outOfDateToday } from '../src/core/workroom';
import { clothOf, clothProfile } from '../src/core/cloth';
import { readWorkroom, type Workroom } from '../src/core/file';
import { jobStanding, paceOf, proofNeeded, type Surroundings } from '../src/core/job';
import { answer } from '../src/core/match';
import { USUAL_SCHOOLS } from '../src/core/setup';

const read = readWorkroom(JSON.stringify(demo));
if (!read.ok) throw new Error(`${read.error.path}: ${read.error.message}`);
const workroom = read.workroom;

/** A few names for everything, so that many things are called alike. */
const names = fc.array(fc.constantFrom('Merino jersey', 'Deck canvas', 'Twin', 'the green machine', 'A'), {
  minLength: 12,
  maxLength: 12,
});

/** The workroom with every cloth and machine called something else since its cards were proven. */
function renamed(all: readonly string[]): Workroom {
  return {
    ...workroom,
    cloths: workroom.cloths.map((c, i) => ({ ...c, cloth: { ...c.cloth, name: all[i] } })),
    machines: workroom.machines.map((m, i) => ({ ...m, machine: { ...m.machine, name: all[10 + i] } })),
  };
}

/** What Match answers for every card's own question, as far as names have no part in it. */
function answersOf({ cloths, machines, cards }: Workroom) {
  return cards.map(({ clothId, machineId, operation }) => {
    const cloth = clothOf(cloths.find(({ id }) => id === clothId)!);
    const { machine } = machines.find(({ id }) => id === machineId)!;
    const found = answer({ cloth, machine, operation, clothId, machineId, tested: cards });
    const near = nearestCards(cards, clothProfile(cloth), operation, { clothId, machineId });
    return {
      setup: found.setup,
      give: found.give,
      confidence: found.confidence,
      weights: near.map(({ card, weight, sameMachine }) => [card.id, weight, sameMachine]),
      proof: cards.filter((card) => isProofOf(card, { clothId, machineId }, operation.kind)).map(({ id }) => id),
    };
  });
}

const stalenessOf = ({ cloths, machines, cards, care, onMachine, needles, threads }: Workroom) => {
  const kit = { needles: 'any', threads: 'any' } as const;
  const kept = { cloths, machines, care, onMachines: onMachine, stock: needles, spools: threads, kit };
  const outOfDate = outOfDateToday({ ...kept, needleLifeHours: 8 });
  return cards.map((card) => outOfDate(card).map(({ code }) => code));
};

/** What is left of every project, in which order, at what cost. */
function ordersOf({ cloths, machines, cards, runs, swatches, jobs, onMachine }: Workroom) {
  return jobs.map((job) => {
    const machine = machines.find(({ id }) => id === job.machineId)!;
    const around: Surroundings = {
      machine: machine.machine,
      clothOf: (id) => {
        const cloth = cloths.find((one) => one.id === id);
        return cloth ? clothOf(cloth) : null;
      },
      settingOf: (seam) => {
        const card = cards.find((one) => one.clothId === seam.clothId);
        return {
          setups: card ? { main: card.setup } : null,
          proof: card ? 'proven' : proofNeeded(seam.procedureId),
          cardId: null,
        };
      },
      runs,
      scraps: swatches,
      on: onMachine.find((on) => on.machineId === job.machineId)?.setup ?? null,
      owned: { threads: [], needles: [], lifeHours: 8 },
      schools: USUAL_SCHOOLS,
      todayMinutes: 90,
      pace: paceOf([]),
    };
    const { items, weighed, question, seams } = jobStanding(job, around);
    return [items.map(({ id }) => id), weighed.cost, question, seams.map(({ scrapId }) => scrapId)];
  });
}

describe('what things are called', () => {
  const [answers, stale, orders] = [answersOf(workroom), stalenessOf(workroom), ordersOf(workroom)];

  it('changes no answer, no weight and no proof', () => {
    fc.assert(
      fc.property(names, (all) => void expect(answersOf(renamed(all))).toEqual(answers)),
      { numRuns: 12 },
    );
  });

  it('makes no card stale, and none fresh', () => {
    fc.assert(fc.property(names, (all) => void expect(stalenessOf(renamed(all))).toEqual(stale)));
  });

  it('changes no order of work', () => {
    fc.assert(
      fc.property(names, (all) => void expect(ordersOf(renamed(all))).toEqual(orders)),
      { numRuns: 30 },
    );
  });

  it('is no proof: of a machine without an id every card is from another one', () => {
    const [card] = workroom.cards;
    const profile = clothProfile(card.cloth);
    expect(nearestCards([card], profile, card.operation, { machineId: card.machineId })[0].weight).toBe(1);
    expect(nearestCards([card], profile, card.operation)[0].weight).toBe(0.5);
  });
});
