import { Injectable, type CallHandler, type ExecutionContext, type NestInterceptor } from '@nestjs/common';
import type { Request, Response } from 'express';
import { tap, type Observable } from 'rxjs';
import type { StoredEntry } from '../log/log.store.js';
import { LiveService, type Changed } from './live.service.js';

const ALL: Changed[] = ['pieces', 'bottles', 'materials', 'mixes', 'finishes', 'workshop', 'log', 'deleted'];

/** What a write to each address may change: what pointed to a thing that goes loses it. */
const TOUCHED: Record<string, Changed[]> = {
  pieces: ['pieces', 'log', 'deleted'],
  bottles: ['bottles', 'materials', 'pieces', 'mixes', 'deleted'],
  materials: ['materials', 'deleted'],
  mixes: ['mixes', 'pieces', 'deleted'],
  finishes: ['finishes', 'deleted'],
  workshop: ['workshop', 'pieces'],
  deleted: ALL,
  log: ['log'],
  devices: ['devices'],
  'plan-file': ALL,
  backups: ALL,
};

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
    const touched = TOUCHED[request.path.split('/')[2] ?? ''];
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
          if (what === 'log' && id !== undefined) this.live.changed([], by, { id, stored: (answer ?? null) as StoredEntry | null });
          else this.live.changed(touched, by);
        },
      }),
    );
  }
}
