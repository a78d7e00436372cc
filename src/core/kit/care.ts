import { idsOf, oneOf, type Origin, tableOf } from '../result';

/** One kind of care: how often, what to do, and what to mind. */
interface CareRow {
  name: string;
  how: string;
  /** Sewing hours between two times; null where only trouble or the calendar says so. */
  everyHours: number | null;
  /** Months after which it is due whatever was sewn; null where hours alone decide. */
  everyMonths: number | null;
  caution: string;
}

const KEEPING: Origin = {
  provenance: 'common-practice',
  source: 'How machines are looked after; each machine’s manual has the last word.',
};
const POWER = 'Switch the machine off and unplug it first.';

/** Every kind of care. The machine's manual has the last word on all of them. */
export const CARE = tableOf<CareRow>()({
  lint: {
    name: 'Clean lint from the feed and bobbin case',
    how: 'Take the plate off and brush lint from the feed teeth and around the hook. Never blow it further in.',
    everyHours: 8,
    everyMonths: null,
    caution: POWER,
    ...KEEPING,
  },
  oil: {
    name: 'Oil',
    how: 'One drop, only where the manual shows. Then sew on a scrap until it leaves no mark. Many machines need no oil.',
    everyHours: 20,
    everyMonths: null,
    caution: `${POWER} Only machine oil, and only if the manual asks for it.`,
    ...KEEPING,
  },
  bulb: {
    name: 'Bulb',
    how: 'A new bulb of the kind the manual names.',
    everyHours: null,
    everyMonths: null,
    caution: `${POWER} Let the bulb cool.`,
    ...KEEPING,
  },
  service: {
    name: 'Service by a technician',
    how: 'Timing, belts and wiring are for a qualified technician.',
    everyHours: 200,
    everyMonths: 24,
    caution: 'Do not open the housing yourself.',
    ...KEEPING,
  },
  'new-foot': {
    name: 'New foot',
    how: 'A foot that is new to this machine may hold the fabric another way: sew a line on scrap before you trust old settings.',
    everyHours: null,
    everyMonths: null,
    caution: POWER,
    ...KEEPING,
  },
});
export type CareKind = keyof typeof CARE;
export const CARE_KINDS = idsOf(CARE);
export const careKindSchema = oneOf(CARE_KINDS);

/** Hours and months between two times, as the person set them for one machine. */
export type CareEvery = Partial<Record<CareKind, { everyHours: number | null; everyMonths: number | null }>>;

/** One time something was done. */
export interface CareDone {
  kind: CareKind;
  at: string;
  /** Sewing hours of the machine at that moment. */
  atHours: number;
}

/** How one kind of care stands. */
export interface CareStanding {
  kind: CareKind;
  last: CareDone | null;
  /** Sewing hours since it was last done (since the machine came, if never). */
  sinceHours: number;
  everyHours: number | null;
  /** Hours left before it is due, below 0 when overdue; null when hours do not decide. */
  leftHours: number | null;
  due: boolean;
  why: string | null;
}

const MONTH_MS = 30.4375 * 24 * 3600 * 1000;

/**
 * How every kind of care of one machine stands.
 *
 * @param machine - its sewing hours so far, since when it is here, and what its owner set
 * @param done - its care log, in any order
 * @param now - the moment, ISO text
 * @returns one standing for each kind
 * @example
 * careStandings({ sewnHours: 9, addedAt: '2026-01-01T00:00:00Z' }, [], '2026-02-01T00:00:00Z').filter((s) => s.due).map((s) => s.kind) // => ['lint']
 */
export function careStandings(
  machine: { sewnHours: number; addedAt: string; careEvery?: CareEvery },
  done: readonly CareDone[],
  now: string,
): CareStanding[] {
  return CARE_KINDS.map((kind) => {
    const last = done.filter((d) => d.kind === kind).reduce<CareDone | null>(later, null);
    const { everyHours, everyMonths } = machine.careEvery?.[kind] ?? CARE[kind];
    const sinceHours = Math.max(0, machine.sewnHours - (last?.atHours ?? 0));
    const months = (Date.parse(now) - Date.parse(last?.at ?? machine.addedAt)) / MONTH_MS;
    const leftHours = everyHours === null ? null : everyHours - sinceHours;
    const byHours = leftHours !== null && leftHours <= 1e-9;
    const byMonths = everyMonths !== null && months >= everyMonths;
    const hours = `${sinceHours.toFixed(1)} h sewn since, every ${everyHours} h`;
    const why = byHours ? hours : byMonths ? `${Math.floor(months)} months since, every ${everyMonths}` : null;
    return { kind, last, sinceHours, everyHours, leftHours, due: byHours || byMonths, why };
  });
}

const later = (best: CareDone | null, one: CareDone) => (best && best.at >= one.at ? best : one);
