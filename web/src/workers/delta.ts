/** What has changed in a list since it was sent last: a thread that keeps the list is told only that. */
export interface Delta<T> {
  /** Ids in order; null: the same things in the same order. */
  order: string[] | null;
  changed: T[];
}

/** Notes what was sent, by identity: what is the same object was not changed. */
export class Sender<T> {
  private sent = new Map<string, T>();
  private order: string[] = [];

  constructor(private readonly idOf: (one: T) => string) {}

  deltaTo(list: readonly T[]): Delta<T> {
    const now = new Map(list.map((one) => [this.idOf(one), one]));
    const order = [...now.keys()];
    const isSameOrder = order.length === this.order.length && order.every((id, i) => id === this.order[i]);
    const changed = list.filter((one) => this.sent.get(this.idOf(one)) !== one);
    this.sent = now;
    this.order = order;
    return { order: isSameOrder ? null : order, changed };
  }
}

/** Puts a list together again from what came; what did not change is the same object as before. */
export class Receiver<T> {
  private known = new Map<string, T>();
  private list: T[] = [];

  constructor(private readonly idOf: (one: T) => string) {}

  take({ order, changed }: Delta<T>): T[] {
    if (order === null && changed.length === 0) return this.list;
    for (const one of changed) this.known.set(this.idOf(one), one);
    const ids = order ?? this.list.map((one) => this.idOf(one));
    this.list = ids.flatMap((id) => this.known.get(id) ?? []);
    if (order) this.known = new Map(this.list.map((one) => [this.idOf(one), one]));
    return this.list;
  }
}
