import { ANY, type Model } from './model';

/**
 * A machine on its way through an order: what is on it, what still needs pressing, what it has cost, changes between
 * the rows of a task aside: they are the same in any order. What a change and a walk to
 * the iron cost is said here and nowhere else.
 */
export class ScheduleWalk {
  readonly machine: Int16Array;
  /** Sewn, to be pressed, not pressed yet. */
  readonly unpressed: Uint8Array;
  cost = 0;
  /** How many still need pressing. */
  private wet = 0;

  constructor(private readonly model: Model) {
    this.machine = new Int16Array(model.now);
    this.unpressed = new Uint8Array(model.count);
  }

  copy(): ScheduleWalk {
    const copy = new ScheduleWalk(this.model);
    copy.become(this);
    return copy;
  }

  become(other: ScheduleWalk): void {
    this.machine.set(other.machine);
    this.unpressed.set(other.unpressed);
    this.wet = other.wet;
    this.cost = other.cost;
  }

  /** Whether a task waits for something that still needs pressing. Walking to the iron as late as possible presses the most in one walk. */
  needsIron(task: number): boolean {
    if (this.wet === 0) return false;
    for (const before of this.model.before[task]) if (this.unpressed[before] === 1) return true;
    return false;
  }

  /** Minutes that sewing one task would add, for changes and the iron before it. */
  stepCost(task: number): number {
    return this.changeCost(task) + (this.needsIron(task) ? this.model.iron : 0);
  }

  private changeCost(task: number): number {
    const { wants, price } = this.model;
    const wanted = wants[task];
    let cost = 0;
    for (let p = 0; p < wanted.length; p += 1) if (wanted[p] !== ANY && wanted[p] !== this.machine[p]) cost += price[p];
    return cost;
  }

  sew(task: number): void {
    const { leaves, press, iron, next } = this.model;
    if (this.needsIron(task)) {
      this.cost += iron;
      this.unpressed.fill(0);
      this.wet = 0;
    }
    this.cost += this.changeCost(task);
    const left = leaves[task];
    for (let p = 0; p < left.length; p += 1) if (left[p] !== ANY) this.machine[p] = left[p];
    if (!press[task] || next[task].length === 0) return;
    this.unpressed[task] = 1;
    this.wet += 1;
  }

  /** What nothing waits for any more needs no walk to the iron in between. */
  forget(task: number): void {
    if (this.unpressed[task] === 0) return;
    this.unpressed[task] = 0;
    this.wet -= 1;
  }
}
