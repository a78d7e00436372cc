import {
  bobbinFor,
  FIBRE,
  type Foot,
  nearestNeedlePosition,
  type Needle,
  PLATES,
  type Plate,
  pressureSteps,
  tensionSteps,
  type Thread,
} from '../../kit';
import { checkInterlocks } from '../../interlock';
import type { Setup } from '../../setup';
import { STITCHES, type StitchId } from '../../stitch';
import { feedCost } from './footAndPressure';
import { bladeCost, eyeCost, perforationCost, threadCost } from './needleSize';
import { shortfallCost, sizeCost, stitchSuitsNeedle } from './stitchSize';
import { tensionCost } from './tension';
import { lengthGrid, widthGrid } from './grid';
import type { Question } from '../question';

/** A setting with what it costs, lowest best. */
export interface Scored {
  setup: Setup;
  cost: number;
}

/** The best settings found: one for each stitch with each foot, best first. */
export type SearchResult = readonly Scored[];

interface Pair {
  needle: Needle;
  thread: Thread;
  cost: number;
  tension: number;
}

interface Carriage {
  foot: Foot;
  plate: Plate;
  pressure: number;
  cost: number;
}

interface Size {
  lengthMm: number;
  widthMm: number;
  cost: number;
}

/**
 * The best setting for each stitch under each foot, over needle × thread × foot × plate × stitch × length × width ×
 * tension × pressure.
 *
 * Exact, not a sample. The cost is a sum whose parts share few variables (needle with thread; foot with plate and
 * pressure; length with width and the thread's stretch; tension with thread), so each part is minimised where it
 * stands and the parts are joined; the interlocks tie them together through the widest swing that foot, plate and
 * needle leave free. `search.test.ts` compares it with plain enumeration.
 *
 * @param question - opened question
 * @param what - every way, or only as much as it takes to be sure of the best one
 * @returns settings, best first; ties keep the order of the tables, so the answer is always the same
 */
export function search(question: Question, what: 'every-way' | 'best' = 'every-way'): SearchResult {
  const pairs = cheapestOfClass(needlePairs(question));
  if (pairs.length === 0) return [];
  const { aims, machine } = question;
  const stitches = STITCHES.filter((stitch) => aims.stitch[stitch].cost !== null && machine.stitches.includes(stitch));
  // The likeliest first, so that the others are thrown out unseen.
  const inTurn = what === 'best' ? stitches.sort((a, b) => aims.stitch[a].cost! - aims.stitch[b].cost!) : stitches;
  const bound = what === 'best' ? { cost: Infinity } : null;
  const found: Scored[] = [];
  for (const stitch of inTurn) {
    const carriages = carriagesFor(question, stitch);
    const least = lowest(carriages);
    if (!least || (bound && pairs[0].cost + least.cost > bound.cost + ROUNDING)) continue;
    found.push(...bestPerFoot(question, stitch, pairs, carriages, bound));
  }
  const place = ({ setup }: Scored) => STITCHES.indexOf(setup.stitch);
  return found.sort((a, b) => a.cost - b.cost || place(a) - place(b));
}

function needlePairs(question: Question): Pair[] {
  const { kit, machine } = question;
  const steps = tensionSteps(machine);
  const threads = kit.threads.flatMap((thread) => {
    const cost = threadCost(question, thread);
    const best = lowest(steps.map((tension) => ({ tension, cost: tensionCost(question, thread, tension) })));
    return cost === null || !best ? [] : [{ thread, cost: cost + best.cost, tension: best.tension }];
  });
  return kit.needles.flatMap((needle) => {
    const blade = bladeCost(question, needle);
    if (blade === null) return [];
    return threads.map(({ thread, cost, tension }) => ({
      needle,
      thread,
      cost: blade + cost + eyeCost(needle, thread),
      tension,
    }));
  });
}

/** Pairs that no stitch can tell apart: same stretch of thread, same blade, same gap. */
const classOf = ({ needle, thread }: Pair) => `${FIBRE[thread.fibre].extension} ${needle.gapMm ?? 0} ${needle.nm}`;

function cheapestOfClass(pairs: Pair[]): Pair[] {
  const best = new Map<string, Pair>();
  for (const pair of pairs) {
    const key = classOf(pair);
    if (pair.cost < (best.get(key)?.cost ?? Infinity)) best.set(key, pair);
  }
  // Cheapest first, so that the floor below throws out most of the others unseen.
  return [...best.values()].sort((a, b) => a.cost - b.cost);
}

function carriagesFor(question: Question, stitch: StitchId): Carriage[] {
  const { kit, machine } = question;
  const plates = PLATES.filter((plate) => kit.plates.includes(plate) && machine.plates.includes(plate));
  const pressures = pressureSteps(machine).map((step) => step.pressure);
  return kit.feet.flatMap((foot) =>
    plates.flatMap((plate) => {
      const costs = pressures.map((pressure) => ({
        pressure,
        cost: feedCost(question, foot, plate, stitch, pressure),
      }));
      const allowed = costs.filter((c): c is { pressure: number; cost: number } => c.cost !== null);
      const best = lowest(allowed);
      return best ? [{ foot, plate, ...best }] : [];
    }),
  );
}

/** Sums in another order differ by less than this. */
const ROUNDING = 1e-9;

/** With a bound only what may still be cheaper than it is looked at, and it sinks with what is found. */
function bestPerFoot(
  question: Question,
  stitch: StitchId,
  pairs: Pair[],
  carriages: Carriage[],
  bound: { cost: number } | null,
): Scored[] {
  const sizes = new SizeTable(question, stitch);
  const best = new Map<Foot, { cost: number; pair: Pair; carriage: Carriage; size: Size }>();
  for (const pair of pairs) {
    if (!stitchSuitsNeedle(question, stitch, pair.needle)) continue;
    const floor = pair.cost + sizes.floor();
    for (const carriage of carriages) {
      const known = best.get(carriage.foot);
      if (known && floor + carriage.cost >= known.cost) continue;
      if (bound && floor + carriage.cost > bound.cost + ROUNDING) continue;
      const size = sizes.best(pair, carriage);
      if (!size) continue;
      const cost = pair.cost + carriage.cost + size.cost;
      if (!known || cost < known.cost) best.set(carriage.foot, { cost, pair, carriage, size });
      if (bound) bound.cost = Math.min(bound.cost, cost);
    }
  }
  return [...best.values()].map(({ cost, pair, carriage, size }) => ({
    cost,
    setup: toSetup(question, stitch, pair, carriage, size),
  }));
}

const plainThread = ({ fibre, tex }: Thread): Thread => ({ fibre, tex });

function toSetup(
  { machine, aims, kit }: Question,
  stitch: StitchId,
  { needle, thread, tension }: Pick<Pair, 'needle' | 'thread' | 'tension'>,
  { foot, plate, pressure }: Omit<Carriage, 'cost'>,
  { lengthMm, widthMm }: Omit<Size, 'cost'>,
): Setup {
  const position = aims.position[foot];
  const aside = position ? nearestNeedlePosition(machine, position.mm) : 0;
  return {
    needle,
    thread: plainThread(thread),
    bobbin: plainThread(bobbinFor(thread, kit)),
    foot,
    ...(position && { footSide: position.footSide }),
    plate,
    stitch,
    lengthMm,
    widthMm,
    needlePositionMm: plate === 'straight' ? machine.straightHoleMm : aside,
    tensionSteps: tension,
    pressure,
  };
}

/** The best length and width of one stitch, remembered for each thread stretch, needle size and free width. */
class SizeTable {
  private readonly lengths: number[];
  private readonly widths: number[];
  /** Every size with what it costs by itself, the cheapest first. */
  private readonly cheapestFirst: readonly Size[];
  private readonly byThread = new Map<string, (number | undefined)[]>();
  private readonly byPair = new Map<Pair, Map<number, Size | null>>();
  private readonly widest = new Map<Carriage, Map<number, number>>();

  constructor(
    private readonly question: Question,
    private readonly stitch: StitchId,
  ) {
    this.lengths = lengthGrid(question, stitch);
    this.widths = widthGrid(question, stitch);
    this.cheapestFirst = this.lengths
      .flatMap((lengthMm) =>
        this.widths.map((widthMm) => ({
          lengthMm,
          widthMm,
          cost: sizeCost(question, stitch, { lengthMm, widthMm }),
        })),
      )
      .sort((a, b) => a.cost - b.cost);
  }

  /** No size costs less than this, whatever the thread and whatever foot and plate leave free. */
  floor(): number {
    return this.cheapestFirst[0]?.cost ?? Infinity;
  }

  best(pair: Pair, carriage: Carriage): Size | null {
    const free = this.widestFree(pair, carriage);
    if (free < 0) return null;
    const known = this.byPair.get(pair) ?? new Map<number, Size | null>();
    this.byPair.set(pair, known);
    if (!known.has(free)) known.set(free, this.bestWithin(pair, free));
    return known.get(free)!;
  }

  private bestWithin(pair: Pair, free: number): Size | null {
    const short = this.shortfalls(pair);
    let best: Size | null = null;
    for (const [at, size] of this.cheapestFirst.entries()) {
      // Giving too little and tearing only add to it.
      if (best && size.cost >= best.cost) break;
      if (size.widthMm > free) continue;
      short[at] ??= shortfallCost(this.question, this.stitch, size, pair.thread, pair.needle.gapMm);
      const cost = size.cost + short[at] + perforationCost(this.question, this.stitch, size.lengthMm, pair.needle.nm);
      if (!best || cost < best.cost) best = { ...size, cost };
    }
    return best;
  }

  /** What each size costs by giving too little with such a thread, filled in as it is asked for. */
  private shortfalls({ needle, thread }: Pair): (number | undefined)[] {
    const key = `${FIBRE[thread.fibre].extension} ${needle.gapMm ?? 0}`;
    const known = this.byThread.get(key) ?? [];
    this.byThread.set(key, known);
    return known;
  }

  /** The widest swing no interlock forbids, −1 when none is allowed. Reach grows with width, so it is one limit. */
  private widestFree(pair: Pair, carriage: Carriage): number {
    const { nm, gapMm } = pair.needle;
    const blade = nm * 10 + (gapMm ?? 0);
    const known = this.widest.get(carriage) ?? new Map<number, number>();
    this.widest.set(carriage, known);
    if (!known.has(blade)) known.set(blade, this.findWidest(pair, carriage));
    return known.get(blade)!;
  }

  private findWidest(pair: Pair, carriage: Carriage): number {
    const lengthMm = this.lengths[0];
    if (lengthMm === undefined || this.widths.length === 0) return -1;
    const { machine, seam } = this.question;
    const free = (widthMm: number) => {
      const setup = toSetup(this.question, this.stitch, pair, carriage, { lengthMm, widthMm });
      return checkInterlocks({ setup, machine, thicknessMm: seam.underFootMm }).length === 0;
    };
    // What the narrowest width cannot do, no wider one can.
    return free(this.widths[0]) ? this.widths.findLast(free)! : -1;
  }
}

function lowest<T extends { cost: number }>(items: readonly T[]): T | undefined {
  return items.reduce<T | undefined>((best, item) => (best && best.cost <= item.cost ? best : item), undefined);
}
