import { firstOpen, type Interval } from '../units/index.js';
import { firstEndingAfter } from './elapse.js';
import type { Operation, PlanningProblem } from './problem.js';

interface Busy extends Interval {
  kind: 'work' | 'cleaning';
  colour: string | null;
}

/** A place found for an operation; `replaces` is the cleaning that moves behind it because the colour stays. */
export interface Slot {
  startMin: number;
  endMin: number;
  replaces: Busy | null;
}

/** The next whole minute, where the allowed time reaches that far: nobody starts at 19:30 and 24 seconds. */
function wholeMinute(atMin: number, allowed: readonly Interval[]): number {
  const whole = Math.ceil(atMin);
  return allowed.some((gap) => gap.fromMin <= atMin && whole <= gap.toMin) ? whole : atMin;
}

/**
 * The one pair of hands over time: what is taken, where something still fits. Every operation holds the hands, so one
 * list serves for hands and airbrush; cleaning after a colour holds both and is dropped while the colour stays.
 */
export class BenchTime {
  private readonly busy: Busy[] = [];

  constructor(private readonly problem: Pick<PlanningProblem, 'evenings' | 'daylight' | 'airbrushCleanMin' | 'resources'>) {}

  /** First slot for an operation inside the allowed minutes; null when there is none. */
  find(operation: Operation, allowed: readonly Interval[]): Slot | null {
    const { evenings, daylight, airbrushCleanMin, resources } = this.problem;
    if (operation.resources.some((wanted) => !resources.includes(wanted))) return null;
    const cleanMin = operation.resources.includes('airbrush') ? airbrushCleanMin : 0;
    let at = firstOpen(allowed, -Infinity);
    while (at !== null && Number.isFinite(at)) {
      const evening = evenings[firstEndingAfter(evenings, at)];
      if (!evening) return null;
      const start = wholeMinute(Math.max(at, evening.fromMin), allowed);
      const endMin = start + operation.durationMin;
      let next: number | null = null;
      if (firstOpen(allowed, start) !== start) next = Math.max(evening.fromMin, start);
      else if (endMin + cleanMin > evening.toMin) next = evening.toMin;
      else if (operation.daylight && !daylight.some((d) => d.fromMin <= start && endMin <= d.toMin))
        next = daylight.find((d) => d.fromMin > start)?.fromMin ?? null;
      else {
        const clashes = this.clashes(start, endMin + cleanMin);
        const [first] = clashes;
        if (!first) return { startMin: start, endMin, replaces: null };
        if (
          clashes.length === 1 &&
          first.kind === 'cleaning' &&
          cleanMin > 0 &&
          first.colour === operation.colour &&
          start >= first.fromMin
        )
          return { startMin: start, endMin, replaces: first };
        next =
          first.kind === 'cleaning' && cleanMin > 0 && first.colour === operation.colour && start < first.fromMin
            ? first.fromMin
            : first.toMin;
      }
      if (next === null) return null;
      at = firstOpen(allowed, next);
    }
    return null;
  }

  take(operation: Operation, slot: Slot): void {
    if (slot.replaces) this.busy.splice(this.busy.indexOf(slot.replaces), 1);
    this.insert({ fromMin: slot.startMin, toMin: slot.endMin, kind: 'work', colour: operation.colour });
    if (operation.resources.includes('airbrush'))
      this.insert({ fromMin: slot.endMin, toMin: slot.endMin + this.problem.airbrushCleanMin, kind: 'cleaning', colour: operation.colour });
  }

  /** A way back to how it stands now. */
  mark(): () => void {
    const saved = [...this.busy];
    return () => {
      this.busy.splice(0, this.busy.length, ...saved);
    };
  }

  get cleanings(): Interval[] {
    return this.busy.filter((b) => b.kind === 'cleaning').map(({ fromMin, toMin }) => ({ fromMin, toMin }));
  }

  private clashes(fromMin: number, toMin: number): Busy[] {
    const out: Busy[] = [];
    for (let i = firstEndingAfter(this.busy, fromMin); i < this.busy.length; i++) {
      const busy = this.busy[i];
      if (!busy || busy.fromMin >= toMin) break;
      out.push(busy);
    }
    return out;
  }

  private insert(busy: Busy): void {
    this.busy.splice(firstEndingAfter(this.busy, busy.fromMin), 0, busy);
  }
}
