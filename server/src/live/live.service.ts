import { Injectable, type OnModuleDestroy } from '@nestjs/common';
import { Subject, type Observable } from 'rxjs';

/** What the other screens are told to read again. */
export type Changed = 'pieces' | 'bottles' | 'materials' | 'mixes' | 'finishes' | 'workshop' | 'log' | 'devices';

export interface LiveEvent {
  type: string;
  data: object;
}

/** Tells every open screen at once what has changed. */
@Injectable()
export class LiveService implements OnModuleDestroy {
  private readonly told = new Subject<LiveEvent>();

  get events(): Observable<LiveEvent> {
    return this.told.asObservable();
  }

  /** `by` is the screen that wrote: it knows already. */
  changed(what: readonly Changed[], by: string | null): void {
    this.told.next({ type: 'changed', data: { what, by } });
  }

  tell(event: LiveEvent): void {
    this.told.next(event);
  }

  onModuleDestroy(): void {
    this.told.complete();
  }
}
