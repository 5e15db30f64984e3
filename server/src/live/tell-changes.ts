import { Injectable, type CallHandler, type ExecutionContext, type NestInterceptor } from '@nestjs/common';
import { LIST_KEYS, keptListOf, type ListKey, type Stored } from '@eveningtide/core/kept';
import type { Request, Response } from 'express';
import { tap, type Observable } from 'rxjs';
import { servedOf } from '../kept/registry.js';
import { LiveService, type Changed } from './live.service.js';

const ALL: Changed[] = [...LIST_KEYS, 'workshop', 'deleted'];

/** What a write to a list may change: itself, what pointed to a thing that goes and loses it, and what lies among the recently deleted. */
const touchedBy = (key: ListKey): Changed[] => [
  key,
  ...keptListOf(key).loses,
  ...servedOf(key).touches,
  ...(servedOf(key).deleted === 'gone' ? [] : ['deleted' as const]),
];

/** What a write to each address may change. */
const TOUCHED = new Map<string, Changed[]>([
  ...LIST_KEYS.map((key): [string, Changed[]] => [key, touchedBy(key)]),
  ['workshop', ['workshop', 'pieces']],
  ['deleted', ALL],
  ['devices', ['devices']],
  ['plan-file', ALL],
  ['backups', ALL],
]);

/**
 * Each write that went well is told to every open screen; `x-eveningtide-screen` names the one that wrote. Each answer names in
 * `x-eveningtide-state` what was stored when it was asked for, so that a screen knows what it missed before its line was open.
 */
@Injectable()
export class TellChanges implements NestInterceptor {
  constructor(private readonly live: LiveService) {}

  intercept(context: ExecutionContext, next: CallHandler): Observable<unknown> {
    const request = context.switchToHttp().getRequest<Request>();
    context.switchToHttp().getResponse<Response>().setHeader('x-eveningtide-state', this.live.state);
    const touched = TOUCHED.get(request.path.split('/')[2] ?? '');
    if (request.method === 'GET' || !touched) return next.handle();
    const by = request.header('x-eveningtide-screen') ?? null;
    const [, , what, id] = request.path.split('/');
    let answer: unknown = null;
    return next.handle().pipe(
      tap({
        next: (value) => {
          answer = value;
        },
        complete: () => {
          if (what === 'log' && id !== undefined) this.live.changed([], by, { id, stored: (answer ?? null) as Stored<'log'> | null });
          else this.live.changed(touched, by);
        },
      }),
    );
  }
}
