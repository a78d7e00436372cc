/** A pile from which the first is always taken, by an order of its own. */
export class Heap<T> {
  private readonly items: T[] = [];

  /** @param earlier - whether the first of two comes before the second */
  constructor(private readonly earlier: (a: T, b: T) => boolean) {}

  push(item: T): void {
    const { items } = this;
    items.push(item);
    for (let i = items.length - 1; i > 0;) {
      const up = (i - 1) >> 1;
      if (!this.earlier(items[i], items[up])) break;
      [items[i], items[up]] = [items[up], items[i]];
      i = up;
    }
  }

  /** The first, or undefined when there is none left. */
  pop(): T | undefined {
    const { items } = this;
    const top = items[0];
    const last = items.pop();
    if (items.length === 0 || last === undefined) return top;
    items[0] = last;
    for (let i = 0; ;) {
      const [l, r] = [2 * i + 1, 2 * i + 2];
      let least = i;
      if (l < items.length && this.earlier(items[l], items[least])) least = l;
      if (r < items.length && this.earlier(items[r], items[least])) least = r;
      if (least === i) return top;
      [items[i], items[least]] = [items[least], items[i]];
      i = least;
    }
  }
}
