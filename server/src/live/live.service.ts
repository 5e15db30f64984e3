import { randomUUID } from 'node:crypto';
import { Injectable, type OnModuleDestroy } from '@nestjs/common';
import type { ListKey, Stored } from '@eveningtide/core/kept';
import { filter, Subject, type Observable } from 'rxjs';

/** What the other screens are told to read again. */
export type Changed = ListKey | 'workshop' | 'devices' | 'screens' | 'deleted';

/** What has become of one entry of the log: it is told itself, so that nobody reads a long log again for it. */
export interface LogChange {
  id: string;
  /** Null: it was taken back. */
  stored: Stored<'log'> | null;
}

export interface LiveEvent {
  type: string;
  data: object;
}

/** Tells every open screen at once what has changed. */
@Injectable()
export class LiveService implements OnModuleDestroy {
  private readonly told = new Subject<LiveEvent>();
  private readonly gone = new Subject<string>();
  private readonly run = randomUUID();
  private changes = 0;

  /** Names what is stored now: the next change makes it another. A screen that read at another state must read again. */
  get state(): string {
    return `${this.run}.${String(this.changes)}`;
  }

  get events(): Observable<LiveEvent> {
    return this.told.asObservable();
  }

  /** `by` is the screen that wrote: it knows already. */
  changed(what: readonly Changed[], by: string | null, log: LogChange | null = null): void {
    this.changes += 1;
    this.told.next({ type: 'changed', data: { what, by, state: this.state, log } });
  }

  /** A screen that was sent away hears nothing more. */
  cut(screenId: string): void {
    this.gone.next(screenId);
  }

  /** When the line of this screen is cut. */
  cutOf(screenId: string | null): Observable<string> {
    return this.gone.pipe(filter((id) => id === screenId));
  }

  tell(event: LiveEvent): void {
    this.told.next(event);
  }

  onModuleDestroy(): void {
    this.told.complete();
  }
}
