import { MEASURABLE, type Measurable } from '../../cloth';
import { FOOT, FULL_KIT, type Kit, needleName, PLATE, PLAIN_MACHINE, threadName } from '../../kit';
import { type Setup } from '../../setup';
import { STITCH } from '../../stitch';
import { clothAt } from './clothAt';
import { fallsShort } from '../search/stitchSize';
import { openQuestion, type Question } from '../question';
import { bestSettings } from '../search/bestSettings';

/** One thing to get, and what it would gain. */
export interface Missing {
  what: string;
  gains: string;
}

/** One measurement that would sharpen the answer. */
export interface MeasureNext {
  measure: Measurable;
  why: string;
  changes: string[];
}

const MEASURE_WHY: Record<Measurable, string> = {
  stretchAcross: 'How far it stretches across decides how much the seam must give.',
  stretchAlong: 'How far it stretches along decides a seam that runs the other way.',
  recovery: 'How well it comes back decides pressure, and whether a second row is safe.',
  massGsm: 'Its weight decides the needle and the thread.',
  thicknessMm: 'Its thickness decides tension and how much thread lies in the seam.',
};

/** Settings of one search that count when two answers are compared. */
const COMPARED: readonly (keyof Setup)[] = [
  'needle',
  'thread',
  'foot',
  'plate',
  'stitch',
  'lengthMm',
  'widthMm',
  'tensionSteps',
  'pressure',
];

/**
 * The measurements still missing, by how much of the setting each could change.
 *
 * Computed, not listed: the question is answered again with each inferred property at the low and at the high end
 * of its honest range, and what differs is counted.
 *
 * @param question - opened question
 * @param setup - the answer now
 * @returns measurements that would change something, most first
 */
export function measureNext(question: Question, setup: Setup): MeasureNext[] {
  const { profile } = question.seam;
  const open = MEASURABLE.filter(
    (property) => profile[property].source === 'inferred' && profile[property].high > profile[property].low,
  );
  return open
    .map((measure): MeasureNext => {
      const { low, high } = profile[measure];
      const changes = new Set([
        ...differences(question, measure, low, setup),
        ...differences(question, measure, high, setup),
      ]);
      return { measure, why: MEASURE_WHY[measure], changes: COMPARED.filter((key) => changes.has(key)) };
    })
    .filter((m) => m.changes.length > 0)
    .sort(
      (a, b) => b.changes.length - a.changes.length || MEASURABLE.indexOf(a.measure) - MEASURABLE.indexOf(b.measure),
    );
}

function differences(question: Question, measure: Measurable, value: number, now: Setup): (keyof Setup)[] {
  const cloth = clothAt(question.input.cloth, measure, value);
  const other = bestSettings(openQuestion({ ...question.input, cloth }))[0]?.setup;
  return COMPARED.filter((key) => JSON.stringify(other?.[key]) !== JSON.stringify(now[key]));
}

/**
 * What one more thing would gain: each part of the best setting of a full kit, tried alone beside what is owned.
 *
 * @param question - opened question
 * @param bestCost - what the best owned setting costs, null when there is none
 * @returns things worth having, the most gained first
 */
export function missingThings(question: Question, bestCost: number | null): Missing[] {
  const { input, kit, machine } = question;
  const withKit = (more: Kit) => bestSettings(openQuestion({ ...input, kit: more }))[0];
  const ideal = withKit(mergeKits(kit, FULL_KIT));
  const now = bestCost ?? Infinity;
  const things = ideal ? partsToTry(question, ideal.setup) : [];
  const gained = things.map((thing) => ({ ...thing, cost: withKit(thing.kit)?.cost ?? Infinity }));
  const single = gained.filter(({ cost }) => worth(now, cost)).sort((a, b) => a.cost - b.cost);
  if (single.length > 0)
    return single.map(({ what, fits, cost }) => ({ what, gains: gainText(now, cost) + (fits ? `; ${fits}` : '') }));
  if (ideal && worth(now, ideal.cost)) {
    return [{ what: things.map((t) => t.what).join(' and '), gains: gainText(now, ideal.cost) }];
  }
  return stitchToHave(question, machine, ideal?.cost ?? now);
}

/** Less than this off the cost is not worth buying a part for. */
const worth = (now: number, cost: number) => cost < now - 0.05;

function gainText(now: number, cost: number): string {
  if (now === Infinity) return 'makes the seam possible';
  if (fallsShort(now) && !fallsShort(cost)) return 'makes the seam give enough';
  return `takes about ${Math.round((100 * (now - cost)) / now)} % off the risks and compromises`;
}

function partsToTry({ kit, machine }: Question, ideal: Setup): { what: string; fits?: string; kit: Kit }[] {
  const has = <T>(list: readonly T[], item: T) => list.some((other) => JSON.stringify(other) === JSON.stringify(item));
  const needle = has(kit.needles, ideal.needle)
    ? []
    : [{ what: needleName(ideal.needle), kit: { ...kit, needles: [...kit.needles, ideal.needle] } }];
  const thread = has(kit.threads, ideal.thread)
    ? []
    : [{ what: threadName(ideal.thread), kit: { ...kit, threads: [...kit.threads, ideal.thread] } }];
  const foot = kit.feet.includes(ideal.foot)
    ? []
    : [
        {
          what: `${FOOT[ideal.foot].name} foot`,
          fits: shankText(machine),
          kit: { ...kit, feet: [...kit.feet, ideal.foot] },
        },
      ];
  const plate = kit.plates.includes(ideal.plate)
    ? []
    : [{ what: `${PLATE[ideal.plate].name} plate`, kit: { ...kit, plates: [...kit.plates, ideal.plate] } }];
  return [...needle, ...thread, ...foot, ...plate];
}

/** Feet are sold by shank: one for another machine does not fit. */
const shankText = ({ shank }: Question['machine']) =>
  shank === 'built-in' ? 'this machine takes its maker’s own feet' : `get one for a ${shank} shank`;

function mergeKits(a: Kit, b: Kit): Kit {
  return {
    needles: [...a.needles, ...b.needles],
    threads: [...a.threads, ...b.threads],
    feet: [...new Set([...a.feet, ...b.feet])],
    plates: [...new Set([...a.plates, ...b.plates])],
    overlocker: a.overlocker || b.overlocker,
  };
}

/** When no part to buy helps, it is the machine that lacks something: the stitch that would give enough. */
function stitchToHave(question: Question, machine: Question['machine'], cost: number): Missing[] {
  const { input } = question;
  const wider = {
    ...machine,
    stitches: PLAIN_MACHINE.stitches,
    maxWidthMm: Math.max(machine.maxWidthMm, 5),
    plates: PLAIN_MACHINE.plates,
  };
  const able = bestSettings(openQuestion({ ...input, machine: wider, kit: mergeKits(question.kit, FULL_KIT) }))[0];
  if (!able || !worth(cost, able.cost) || !fallsShort(cost)) return [];
  return [
    {
      what: `A machine with ${STITCH[able.setup.stitch].name.toLowerCase()} stitch`,
      gains: 'makes the seam give enough',
    },
  ];
}
