import { ANY, type Model } from './model';

/**
 * An order of seams in place, with where the machine stands before each of them, so that moving a run of seams costs only
 * the stretch it changes. It counts as `Way` does; a test holds the two against each other.
 *
 * One number says what still needs pressing: the place of the last walk to the iron. Everything sewn after it does.
 */
export class EditableSchedule {
  readonly order: Int16Array;
  readonly place: Int16Array;
  private readonly parts: number;
  private readonly wants: Int16Array;
  private readonly leaves: Int16Array;
  private readonly price: Float64Array;
  /** For each place: what is on the machine, where the iron was last gone to, what it cost up to here. */
  private readonly machine: Int16Array;
  private readonly pressed: Int16Array;
  private readonly cost: Float64Array;
  private readonly pressBefore: Int16Array[];
  private readonly tried: Int16Array;
  private readonly now: Int16Array;

  constructor(
    private readonly model: Model,
    start: readonly number[],
  ) {
    const { count, wants, leaves, price, now, press, before } = model;
    // What every seam wants alike costs the same in any order.
    const live = price.map((_, p) => p).filter((p) => new Set([...wants, ...leaves].map((w) => w[p])).size > 1);
    this.parts = live.length;
    this.wants = Int16Array.from(wants.flatMap((w) => live.map((p) => w[p])));
    this.leaves = Int16Array.from(leaves.flatMap((left) => live.map((p) => left[p])));
    this.price = Float64Array.from(live, (p) => price[p]);
    this.order = Int16Array.from(start);
    this.place = new Int16Array(count);
    this.machine = new Int16Array((count + 1) * this.parts);
    this.pressed = new Int16Array(count + 1);
    this.cost = new Float64Array(count + 1);
    this.pressBefore = before.map((all) => Int16Array.from(all.filter((b) => press[b])));
    this.tried = new Int16Array(count);
    this.now = new Int16Array(this.parts);
    live.forEach((p, k) => (this.machine[k] = now[p]));
    this.order.forEach((task, i) => (this.place[task] = i));
    this.settle(0, count);
  }

  get total(): number {
    return this.cost[this.model.count];
  }

  /** Between which places the run of `size` from `from` may begin without breaking what must come before what. */
  room(from: number, size: number): [first: number, last: number] {
    const { before, next, count } = this.model;
    let [first, last] = [0, count - size];
    for (let i = from; i < from + size; i += 1) {
      const task = this.order[i];
      for (const b of before[task]) if (this.place[b] < from && this.place[b] >= first) first = this.place[b] + 1;
      for (const n of next[task])
        if (this.place[n] >= from + size && this.place[n] - size < last) last = this.place[n] - size;
    }
    return [first, last];
  }

  /**
   * Moves a run to another place if the whole then costs no more than `limit`.
   *
   * @returns whether it was moved
   */
  move(from: number, size: number, to: number, limit: number): boolean {
    const [low, high] = to < from ? [to, from + size] : [from, to + size];
    this.lay(from, size, to, low);
    if (!this.holds(low, high, limit)) {
      for (let i = low; i < high; i += 1) this.place[this.order[i]] = i;
      return false;
    }
    for (let i = low; i < high; i += 1) this.order[i] = this.tried[i];
    this.settle(low, high);
    return true;
  }

  /** The stretch from `low` as it would be, with the places of its tasks. */
  private lay(from: number, size: number, to: number, low: number): void {
    const { order, tried, place } = this;
    let at = low;
    const put = (task: number) => {
      tried[at] = task;
      place[task] = at;
      at += 1;
    };
    if (to < from) {
      for (let i = from; i < from + size; i += 1) put(order[i]);
      for (let i = to; i < from; i += 1) put(order[i]);
      return;
    }
    for (let i = from + size; i < to + size; i += 1) put(order[i]);
    for (let i = from; i < from + size; i += 1) put(order[i]);
  }

  /** Whether the order with its stretch as tried costs no more than the limit. */
  private holds(low: number, high: number, limit: number): boolean {
    const { parts, machine, now, model, order, tried, cost } = this;
    for (let k = 0; k < parts; k += 1) now[k] = machine[low * parts + k];
    let pressed = this.pressed[low];
    let spent = cost[low];
    for (let i = low; i < model.count; i += 1) {
      if (i >= high) {
        const same = pressed === this.pressed[i];
        const saves = this.apart(i) + (same ? 0 : model.iron);
        const total = spent + this.total - cost[i];
        if (total - saves > limit) return false;
        if (total + saves <= limit) return true;
      }
      const task = i < high ? tried[i] : order[i];
      if (this.needsIron(task, pressed)) {
        spent += model.iron;
        pressed = i;
      }
      spent += this.change(task);
      if (spent > limit) return false;
    }
    return true;
  }

  /** What the machine as it is now can save or waste after a place against how it stood there: each part once at most. */
  private apart(i: number): number {
    const { parts, machine, now, price } = this;
    let sum = 0;
    for (let k = 0, at = i * parts; k < parts; k += 1, at += 1) if (machine[at] !== now[k]) sum += price[k];
    return sum;
  }

  private needsIron(task: number, pressed: number): boolean {
    const all = this.pressBefore[task];
    for (let i = 0; i < all.length; i += 1) if (this.place[all[i]] >= pressed) return true;
    return false;
  }

  /** Changes the machine for a task, and says what that costs. */
  private change(task: number): number {
    const { parts, wants, leaves, price, now } = this;
    let spent = 0;
    for (let k = 0, at = task * parts; k < parts; k += 1, at += 1) {
      const wanted = wants[at];
      if (wanted === ANY) continue;
      if (wanted !== now[k]) spent += price[k];
      now[k] = leaves[at];
    }
    return spent;
  }

  /** Writes down where the machine stands from `low` on; after `high` only as long as something differs. */
  private settle(low: number, high: number): void {
    const { parts, machine, now, model, order } = this;
    for (let k = 0; k < parts; k += 1) now[k] = machine[low * parts + k];
    let pressed = this.pressed[low];
    let spent = this.cost[low];
    for (let i = low; i < model.count; i += 1) {
      if (i > high && pressed === this.pressed[i] && spent === this.cost[i] && this.apart(i) === 0) return;
      this.pressed[i] = pressed;
      this.cost[i] = spent;
      for (let k = 0; k < parts; k += 1) machine[i * parts + k] = now[k];
      const task = order[i];
      if (this.needsIron(task, pressed)) {
        spent += model.iron;
        pressed = i;
      }
      spent += this.change(task);
    }
    this.cost[model.count] = spent;
  }
}
