import { Injectable, type BeforeApplicationShutdown, type CallHandler, type ExecutionContext, type NestInterceptor } from '@nestjs/common';
import { finalize, type Observable } from 'rxjs';

/** Longer than any read or save takes; switching the computer off must not hang on it. */
const PATIENCE_MS = 5000;

/**
 * Stopping waits for what is being answered: the browser may be gone, but the handler still reads, and the database must
 * not be closed under it.
 */
@Injectable()
export class RunningRequests implements NestInterceptor, BeforeApplicationShutdown {
  private running = 0;
  private whenNone: (() => void) | null = null;

  intercept(_context: ExecutionContext, next: CallHandler): Observable<unknown> {
    this.running += 1;
    return next.handle().pipe(
      finalize(() => {
        this.running -= 1;
        if (this.running === 0) this.whenNone?.();
      }),
    );
  }

  async beforeApplicationShutdown(): Promise<void> {
    if (this.running === 0) return;
    await new Promise<void>((resolve) => {
      const patience = setTimeout(resolve, PATIENCE_MS);
      this.whenNone = () => {
        clearTimeout(patience);
        resolve();
      };
    });
  }
}
