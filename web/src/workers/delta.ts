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
    const changed = this.changedIn(list);
    const order = list.map((one) => this.idOf(one));
    const isSameOrder = order.length === this.order.length && order.every((id, i) => id === this.order[i]);
    this.sent = new Map(list.map((one) => [this.idOf(one), one]));
    this.order = order;
    return { order: isSameOrder ? null : order, changed };
  }

  /** The other end has these already. */
  has(some: readonly T[]): void {
    for (const one of some) this.sent.set(this.idOf(one), one);
  }

  /** What has changed in some of the list, which then counts as sent. */
  changedIn(some: readonly T[]): T[] {
    const changed = some.filter((one) => this.sent.get(this.idOf(one)) !== one);
    for (const one of changed) this.sent.set(this.idOf(one), one);
    return changed;
  }
}

/** A delta in parts of so many at the most, to be taken one after the other: a long list would hold up who packs and unpacks it in one go. */
export function* partsOf<T>({ order, changed }: Delta<T>, most: number): Generator<Delta<T>> {
  for (let from = 0; from + most < changed.length; from += most) yield { order: null, changed: changed.slice(from, from + most) };
  yield { order, changed: changed.slice(Math.floor(Math.max(0, changed.length - 1) / most) * most) };
}

/** Puts a list together again from what came; what did not change is the same object as before. */
export class Receiver<T> {
  private known = new Map<string, T>();
  private order: readonly string[] = [];
  private list: T[] = [];
  /** Something has come since the list was put together. */
  private isBehind = false;

  constructor(private readonly idOf: (one: T) => string) {}

  take({ order, changed }: Delta<T>): T[] {
    this.keep(changed);
    if (order === null && !this.isBehind) return this.list;
    this.order = order ?? this.order;
    this.list = this.those(this.order);
    this.isBehind = false;
    if (order) this.known = new Map(this.list.map((one) => [this.idOf(one), one]));
    return this.list;
  }

  /** Takes some of a list whose order is still to come. */
  keep(changed: readonly T[]): void {
    for (const one of changed) this.known.set(this.idOf(one), one);
    this.isBehind ||= changed.length > 0;
  }

  /** Of what has come, those. */
  those(ids: readonly string[]): T[] {
    return ids.flatMap((id) => this.known.get(id) ?? []);
  }
}
