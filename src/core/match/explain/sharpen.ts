import { MEASURABLE, type Measurable } from '../../cloth';
import { FOOT, FULL_KIT, type Kit, needleName, PLATE, PLAIN_MACHINE, sameThread, threadName } from '../../kit';
import { type Setup } from '../../setup';
import { SIGN_TEXT, STITCH } from '../../stitch';
import type { Scored } from '../search/search';
import { riskChanges } from './riskChange';
import { clothAt } from './clothAt';
import { fallsShort } from '../search/stitchSize';
import { openQuestion, type Question } from '../question';
import { bestSetting } from '../search/bestSettings';

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
  stretchAcross: 'How far it stretches across decides how much the seam must stretch.',
  stretchAlong: 'How far it stretches along decides seams that run the other way.',
  recovery: 'How well it recovers decides pressure, and whether a second row is safe.',
  massGsm: 'Its weight decides the needle and the thread.',
  thicknessMm: 'Its thickness decides tension and how much thread the seam holds.',
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
  const other = bestSetting(openQuestion({ ...question.input, cloth }))?.setup;
  return COMPARED.filter((key) => JSON.stringify(other?.[key]) !== JSON.stringify(now[key]));
}

/**
 * What one more thing would gain: each part of the best setting of a full kit, tried alone beside what is owned.
 *
 * @param question - opened question
 * @param before - the best owned setting, null when there is none
 * @returns things worth having, the most gained first
 */
export function missingThings(question: Question, before: Scored | null): Missing[] {
  const { input, kit, machine } = question;
  const withKit = (more: Kit) => bestSetting(openQuestion({ ...input, kit: more }));
  const ideal = withKit(mergeKits(kit, FULL_KIT));
  const now = before?.cost ?? Infinity;
  const things = ideal ? partsToTry(question, ideal.setup) : [];
  const gained = things.map((thing) => ({ ...thing, found: withKit(thing.kit) }));
  const single = gained
    .filter(({ found }) => worth(now, found?.cost ?? Infinity))
    .sort((a, b) => a.found!.cost - b.found!.cost);
  if (single.length > 0)
    return single.map(({ what, fits, found }) => ({
      what,
      gains: gainText(question, before, found!) + (fits ? `; ${fits}` : ''),
    }));
  if (ideal && worth(now, ideal.cost)) {
    return [{ what: things.map((t) => t.what).join(' and '), gains: gainText(question, before, ideal) }];
  }
  return stitchToHave(question, machine, ideal?.cost ?? now);
}

/** Less than this off the cost is not worth buying a part for. */
const worth = (now: number, cost: number) => cost < now - 0.05;

function gainText(question: Question, before: Scored | null, after: Scored): string {
  if (before === null) return 'makes the seam possible';
  if (fallsShort(before.cost) && !fallsShort(after.cost)) return 'makes the seam stretch enough';
  const { setup } = after;
  if (setup.stitch !== before.setup.stitch)
    return `${STITCH[setup.stitch].name.toLowerCase()} instead of ${STITCH[before.setup.stitch].name.toLowerCase()}, which is usual here`;
  const less = easedRisk(question, before.setup, setup);
  return less ?? 'is the usual choice here';
}

/** A risk has to fall by this much to be worth saying. */
const EASED = 0.05;

/** The risk that falls most from one setting to the other, in words; null where none does. */
function easedRisk({ seam }: Question, before: Setup, after: Setup): string | null {
  const [eased] = riskChanges(seam, after, before);
  return eased && eased.more > EASED ? `less risk of “${SIGN_TEXT[eased.sign].toLowerCase()}”` : null;
}

function partsToTry({ kit, machine }: Question, ideal: Setup): { what: string; fits?: string; kit: Kit }[] {
  const has = <T>(list: readonly T[], item: T) => list.some((other) => JSON.stringify(other) === JSON.stringify(item));
  const needle = has(kit.needles, ideal.needle)
    ? []
    : [{ what: needleName(ideal.needle), kit: { ...kit, needles: [...kit.needles, ideal.needle] } }];
  const thread = kit.threads.some((one) => sameThread(one, ideal.thread))
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
  shank === 'built-in' ? 'this machine takes its maker’s own feet' : `buy one for a ${shank} shank`;

function mergeKits(a: Kit, b: Kit): Kit {
  return {
    needles: [...a.needles, ...b.needles],
    threads: [...a.threads, ...b.threads],
    feet: [...new Set([...a.feet, ...b.feet])],
    plates: [...new Set([...a.plates, ...b.plates])],
    overlocker: a.overlocker || b.overlocker,
    ...(a.pins && b.pins && { pins: [...new Set([...a.pins, ...b.pins])] }),
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
  const able = bestSetting(openQuestion({ ...input, machine: wider, kit: mergeKits(question.kit, FULL_KIT) }));
  if (!able || !worth(cost, able.cost) || !fallsShort(cost)) return [];
  const { stitch, plate } = able.setup;
  if (machine.stitches.includes(stitch) && !machine.plates.includes(plate))
    return [
      {
        what: `${PLATE[plate].name} plate for this machine`,
        gains: `lets it sew ${STITCH[stitch].name.toLowerCase()}`,
      },
    ];
  return [
    {
      what: `A machine with ${STITCH[able.setup.stitch].name.toLowerCase()} stitch`,
      gains: 'makes the seam stretch enough',
    },
  ];
}
