import { Controller, Res, Sse } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import type { Response } from 'express';
import { interval, map, merge, startWith, takeUntil, last, type Observable } from 'rxjs';
import { wallClock } from '../clock.js';
import { screenIdOf } from '../http/screen-id.js';
import { LiveService, type LiveEvent } from './live.service.js';

/** So often a silent line says that it is still there. */
const BEAT_MS = 15_000;

@ApiTags('live')
@Controller('api/live')
export class LiveController {
  constructor(private readonly live: LiveService) {}

  @Sse()
  @ApiOperation({ summary: 'Server-sent events: what has changed elsewhere' })
  events(@Res({ passthrough: true }) response: Response): Observable<LiveEvent> {
    const ended = this.live.events.pipe(last(null, null));
    const beat = interval(BEAT_MS).pipe(
      map((): LiveEvent => ({ type: 'beat', data: { wall: wallClock() } })),
      startWith<LiveEvent>({ type: 'hello', data: { state: this.live.state, wall: wallClock() } }),
      takeUntil(ended),
    );
    return merge(this.live.events, beat).pipe(takeUntil(this.live.cutOf(screenIdOf(response))));
  }
}
