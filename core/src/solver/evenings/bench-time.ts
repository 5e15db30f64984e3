import { firstOpen, type Interval } from '../../units/index.js';
import type { Setup } from '../problem.js';
import { lastsUntil, type Mode } from './compile.js';
import { firstEndingAfter } from './drying-clock.js';

interface Busy extends Interval {
  kind: 'work' | 'cleaning';
  colour: string | null;
  /** What has the time: an operation's number; for a cleaning, that of the operation it cleans up after. */
  node: number;
}

/**
 * A place found for an operation; `replaces` is the cleaning that is cut to `keepMin` because the colour stays or darkens, or that is put off to
 * `cleansFromMin` for what cannot wait.
 */
export interface Slot {
  startMin: number;
  endMin: number;
  replaces: Busy | null;
  keepMin: number;
  cleansFromMin: number | null;
}

/** Paint may stand in the airbrush for so long before it is cleaned: what cannot wait is done first (common practice; our number). */
const MOST_UNCLEANED_MIN = 15;

interface Change {
  name: string;
  list: Busy[];
  busy: Busy;
  added: boolean;
}

/** Of each evening, in minutes: all that is left of it, and what is left until it counts as filled. */
interface Free {
  whole: Float64Array;
  filled: Float64Array;
}

/** Minutes that are lost in reckoning. */
const SLACK = 1e-6;

/** What an evening offers. */
export interface Hours {
  evenings: readonly Interval[];
  filledTo: Float64Array;
  daylight: readonly Interval[];
  setup: Setup | null;
  /** Left out: one of each resource. */
  capacities?: Readonly<Record<string, number>> | undefined;
  /** How long what burns stays in the air; null or left out where nothing lights it. */
  vapourMin?: number | null | undefined;
}

/** Lists of when something burns in the air, and of when something would light it; no names of resources. */
const [VAPOUR, FLAME] = [' vapour', ' flame'];

const FREE = 'free';

interface Asked {
  /** The evening, by number. */
  e: number;
  daylightOnly: boolean;
  allowed: readonly Interval[];
}

/** The next whole minute, where the allowed time reaches that far: nobody starts at 19:30 and 24 seconds. */
function wholeMinute(atMin: number, allowed: readonly Interval[]): number {
  const whole = Math.ceil(atMin);
  return allowed.some((gap) => gap.fromMin <= atMin && whole <= gap.toMin) ? whole : atMin;
}

/**
 * What is taken of each resource over time, and where something still fits. Cleaning after a colour holds what it needs; it is left out while the colour stays and
 * shortened before a darker one.
 */
export class BenchTime {
  private readonly taken = new Map<string, Busy[]>();
  /** Minutes of each evening that are still free, by resource: full evenings are passed over at once. */
  private readonly free = new Map<string, Free>();
  private readonly trail: Change[] = [];
  private readonly cleanHolds: readonly string[];

  constructor(private readonly hours: Hours) {
    const { setup } = hours;
    this.cleanHolds = setup ? [setup.resource, ...(setup.holds ?? [])] : [];
  }

  /** First slot for a way of working inside the allowed minutes; null when there is none. */
  find(mode: Mode, daylightOnly: boolean, allowed: readonly Interval[]): Slot | null {
    const { evenings, capacities } = this.hours;
    if (capacities && mode.resources.some((wanted) => !(Number(capacities[wanted]) > 0))) return null;
    // its own cleaning is not counted: one that is there already may give way to it
    const leastMin = mode.durationMin - SLACK;
    const lists = mode.resources.map((name) => this.freeOf(name)[mode.fills ? 'whole' : 'filled']);
    let at = firstOpen(allowed, -Infinity);
    while (at !== null && at < Infinity) {
      let e = firstEndingAfter(evenings, at);
      while (lists.some((list) => (list[e] ?? Infinity) < leastMin)) e++;
      const evening = evenings[e];
      if (!evening) return null;
      const startMin = wholeMinute(Math.max(at, evening.fromMin), allowed);
      const slot: Slot = { startMin, endMin: startMin + mode.durationMin, replaces: null, keepMin: 0, cleansFromMin: null };
      const next = firstOpen(allowed, startMin) === startMin ? this.blockedUntil(mode, slot, { e, daylightOnly, allowed }) : startMin;
      if (next === FREE) return slot;
      if (next === null) return null;
      at = firstOpen(allowed, next);
    }
    return null;
  }

  /** Where the work could be there; else from when on it may be, null where there is no such time. A cleaning that gives way is put into the slot. */
  private blockedUntil(mode: Mode, slot: Slot, { e, daylightOnly, allowed }: Asked): number | typeof FREE | null {
    const { evenings, daylight, setup } = this.hours;
    const { startMin, endMin } = slot;
    const toMin = evenings[e]?.toMin ?? -Infinity;
    const cleanMin = mode.isSetUp ? (setup?.minutes ?? 0) : 0;
    if (endMin + cleanMin > lastsUntil(this.hours, mode, e)) return toMin;
    if (daylightOnly && !daylight.some((d) => d.fromMin <= startMin && endMin <= d.toMin))
      return daylight.find((d) => d.fromMin > startMin)?.fromMin ?? null;
    const litUntil = this.litUntil(mode, slot);
    if (litUntil !== null) return litUntil;
    const busyUntil = this.clash(mode, slot, cleanMin);
    return busyUntil < 0 || this.putsOffCleaning(mode, slot, allowed, toMin) ? FREE : busyUntil;
  }

  take(node: number, mode: Mode, { startMin, endMin, replaces, keepMin, cleansFromMin }: Slot): void {
    const { setup } = this.hours;
    if (replaces) {
      for (const name of this.cleanHolds) this.change(name, replaces, false);
      if (keepMin > 0) {
        const rinse = { ...replaces, toMin: replaces.fromMin + keepMin };
        for (const name of this.cleanHolds) this.change(name, rinse, true);
      }
      if (cleansFromMin !== null) {
        const later = { ...replaces, fromMin: cleansFromMin, toMin: cleansFromMin + replaces.toMin - replaces.fromMin };
        for (const name of this.cleanHolds) this.change(name, later, true);
      }
    }
    const work: Busy = { fromMin: startMin, toMin: endMin, kind: 'work', colour: mode.colour, node };
    for (const name of mode.resources) this.change(name, work, true);
    this.takeAir(mode, work);
    if (!mode.isSetUp || !setup) return;
    const cleaning: Busy = { fromMin: endMin, toMin: endMin + setup.minutes, kind: 'cleaning', colour: mode.colour, node };
    for (const name of this.cleanHolds) this.change(name, cleaning, true);
  }

  /** Gives back what was taken for an operation; what was sprayed before it is cleaned as what comes next wants it, whatever had given way since. */
  release(node: number): void {
    const list = this.listOf(this.hours.setup?.resource ?? '');
    const at = list.findIndex((b) => b.node === node && b.kind === 'work');
    const before = at < 0 ? undefined : list.slice(0, at).findLast(({ kind }) => kind === 'work');
    this.giveBack(node, 'work');
    this.giveBack(node, 'cleaning');
    if (before) this.cleanAfter(before);
  }

  private giveBack(node: number, kind: Busy['kind']): void {
    for (const [name, list] of this.taken)
      for (const busy of list.filter((b) => b.node === node && b.kind === kind)) this.change(name, busy, false);
  }

  /** Cleans up after an operation for what comes next, as soon as all that cleaning takes is free. */
  private cleanAfter({ node, colour }: Busy): void {
    const { setup } = this.hours;
    const list = this.listOf(setup?.resource ?? '');
    const at = list.findIndex((b) => b.node === node && b.kind === 'work');
    const work = list[at];
    if (!setup || !work) return;
    const next = list.slice(at + 1).find(({ kind }) => kind === 'work');
    const minutes = next ? this.cleaningBetween(colour, next.colour) : setup.minutes;
    const there = list.find((b) => b.node === node && b.kind === 'cleaning');
    if (minutes <= (there ? there.toMin - there.fromMin : 0)) return;
    this.giveBack(node, 'cleaning');
    let fromMin = work.toMin;
    for (let blocked: Busy | undefined; (blocked = this.inTheWay(fromMin, fromMin + minutes));) fromMin = blocked.toMin;
    const cleaning: Busy = { fromMin, toMin: fromMin + minutes, kind: 'cleaning', colour, node };
    for (const name of this.cleanHolds) this.change(name, cleaning, true);
  }

  /** What has something that cleaning takes, within these minutes. */
  private inTheWay(fromMin: number, toMin: number): Busy | undefined {
    for (const name of this.cleanHolds) {
      const list = this.listOf(name);
      const busy = list[firstEndingAfter(list, fromMin)];
      if (busy && busy.fromMin < toMin) return busy;
    }
    return undefined;
  }

  /** A point to come back to. */
  mark(): number {
    return this.trail.length;
  }

  backTo(mark: number): void {
    while (this.trail.length > mark) {
      const { name, list, busy, added } = this.trail.pop() as Change;
      this.count(name, busy, !added);
      if (added) list.splice(list.indexOf(busy), 1);
      else list.splice(placeFor(list, busy), 0, busy);
    }
  }

  get cleanings(): Interval[] {
    const { setup } = this.hours;
    return this.listOf(setup?.resource ?? '')
      .filter((b) => b.kind === 'cleaning')
      .map(({ fromMin, toMin }) => ({ fromMin, toMin }));
  }

  /** What has a resource at a minute; null when it is free. */
  holder(resource: string, atMin: number): Busy | null {
    const list = this.listOf(resource);
    const busy = list[firstEndingAfter(list, atMin)];
    return busy && busy.fromMin <= atMin ? busy : null;
  }

  /** What the work does to the air, where anything lights it. */
  private takeAir({ vapour }: Mode, work: Busy): void {
    const { vapourMin = null } = this.hours;
    if (vapour === null || vapourMin === null) return;
    if (vapour !== 'lights') this.change(VAPOUR, { ...work, toMin: work.toMin + vapourMin }, true);
    if (vapour !== 'gives') this.change(FLAME, work, true);
  }

  /** From when on neither lights what the other gives; null: it does not now. */
  private litUntil({ vapour, isPinned = false }: Mode, { startMin, endMin }: Slot): number | null {
    const { vapourMin = null } = this.hours;
    if (vapour === null || vapourMin === null || isPinned) return null;
    const meets = (name: string, untilMin: number): Busy | undefined =>
      this.listOf(name).find(({ fromMin, toMin }) => fromMin < untilMin && toMin > startMin);
    const burns = vapour === 'gives' ? undefined : meets(VAPOUR, endMin);
    const lights = vapour === 'lights' ? undefined : meets(FLAME, endMin + vapourMin);
    return burns || lights ? Math.max(burns?.toMin ?? -Infinity, lights?.toMin ?? -Infinity) : null;
  }

  /** −1 when all is free, with the cleaning it replaces put into the slot; else from when on it may be. */
  private clash(mode: Mode, slot: Slot, cleanMin: number): number {
    const { startMin, endMin } = slot;
    for (const name of mode.isSetUp ? new Set([...mode.resources, ...this.cleanHolds]) : mode.resources) {
      const list = this.listOf(name);
      const until = mode.isSetUp && this.cleanHolds.includes(name) ? endMin + cleanMin : endMin;
      for (let i = firstEndingAfter(list, startMin); i < list.length; i++) {
        const busy = list[i] as Busy;
        if (busy.fromMin >= until) break;
        const keepMin = mode.isSetUp && busy.kind === 'cleaning' ? this.rinse(busy, mode.colour) : null;
        if (keepMin === null) return busy.toMin;
        if (startMin < busy.fromMin + keepMin) return busy.fromMin + keepMin;
        slot.replaces = busy;
        slot.keepMin = keepMin;
      }
    }
    return -1;
  }

  /** The work is by hand, cannot wait until the airbrush is clean, and the cleaning can come after it: then the slot puts it off. */
  private putsOffCleaning(mode: Mode, slot: Slot, allowed: readonly Interval[], lastMin: number): boolean {
    const { startMin, endMin } = slot;
    const [held] = mode.resources.filter((name) => this.cleanHolds.includes(name));
    if (mode.isSetUp || held === undefined) return false;
    const list = this.listOf(held);
    const at = firstEndingAfter(list, startMin);
    const busy = list[at];
    // a cleaning that is going on is not broken off
    if (busy?.kind !== 'cleaning' || startMin > busy.fromMin) return false;
    const sprayedMin = workBefore(list, at, busy.node)?.toMin ?? busy.fromMin;
    if (endMin > sprayedMin + MOST_UNCLEANED_MIN) return false;
    const closesMin = allowed.find((gap) => gap.fromMin <= startMin && startMin <= gap.toMin)?.toMin ?? Infinity;
    const untilMin = endMin + busy.toMin - busy.fromMin;
    if (closesMin >= busy.toMin || untilMin > lastMin) return false;
    const isFree = (name: string): boolean => {
      const all = this.listOf(name);
      for (let i = firstEndingAfter(all, startMin); i < all.length; i++) {
        const one = all[i] as Busy;
        if (one.fromMin >= untilMin) break;
        if (one !== busy) return false;
      }
      return true;
    };
    if (![...this.cleanHolds, ...mode.resources].every(isFree)) return false;
    Object.assign(slot, { replaces: busy, keepMin: 0, cleansFromMin: endMin });
    return true;
  }

  /** What is left of a cleaning when this colour comes next; null: all of it. */
  private rinse({ colour, fromMin, toMin }: Busy, next: string | null): number | null {
    const keepMin = this.cleaningBetween(colour, next);
    return keepMin < toMin - fromMin ? keepMin : null;
  }

  /** Minutes of cleaning from one colour to the next. */
  private cleaningBetween(colour: string | null, next: string | null): number {
    const { minutes = 0, rinseMin, darkness = {} } = this.hours.setup ?? {};
    if (colour === next) return 0;
    const [first, second] = [darkness[colour ?? ''], darkness[next ?? '']];
    return first !== undefined && second !== undefined && second > first ? Math.min(rinseMin ?? minutes, minutes) : minutes;
  }

  private listOf(name: string): Busy[] {
    let list = this.taken.get(name);
    if (!list) this.taken.set(name, (list = []));
    return list;
  }

  private freeOf(name: string): Free {
    let free = this.free.get(name);
    if (!free) {
      const { evenings, filledTo } = this.hours;
      free = {
        whole: Float64Array.from(evenings, (e) => e.toMin - e.fromMin),
        filled: Float64Array.from(evenings, (e, i) => (filledTo[i] ?? e.toMin) - e.fromMin),
      };
      this.free.set(name, free);
    }
    return free;
  }

  private count(name: string, { fromMin, toMin }: Busy, added: boolean): void {
    const { evenings, filledTo } = this.hours;
    const { whole, filled } = this.freeOf(name);
    const e = firstEndingAfter(evenings, fromMin);
    const sign = added ? -1 : 1;
    whole[e] = (whole[e] ?? 0) + sign * (toMin - fromMin);
    filled[e] = (filled[e] ?? 0) + sign * Math.max(0, Math.min(toMin, filledTo[e] ?? toMin) - fromMin);
  }

  private change(name: string, busy: Busy, added: boolean): void {
    this.count(name, busy, added);
    const list = this.listOf(name);
    if (added) list.splice(placeFor(list, busy), 0, busy);
    else list.splice(list.indexOf(busy), 1);
    this.trail.push({ name, list, busy, added });
  }
}

/** The work of an operation that stands before a place; it is a few places off, so it is looked for from there. */
function workBefore(list: readonly Busy[], at: number, node: number): Busy | undefined {
  for (let i = at - 1; i >= 0; i--) if (list[i]?.kind === 'work' && list[i]?.node === node) return list[i];
  return undefined;
}

const placeFor = (list: readonly Busy[], { fromMin }: Busy): number => firstEndingAfter(list, fromMin);
