import { ForbiddenException, Injectable, type NestMiddleware } from '@nestjs/common';
import type { NextFunction, Request, Response } from 'express';

const LOCAL_NAMES = new Set(['localhost', '127.0.0.1', '[::1]']);

/** Host without its port. */
const nameOf = (host: string): string => host.replace(/:\d+$/, '');

function isLocal(origin: string): boolean {
  try {
    return LOCAL_NAMES.has(nameOf(new URL(origin).host));
  } catch {
    return false;
  }
}

/** Refuses requests that name another host or come from another site: a page elsewhere must not reach the workshop. */
@Injectable()
export class LocalOnly implements NestMiddleware {
  use(request: Request, _response: Response, next: NextFunction): void {
    const { host, origin } = request.headers;
    if (!host || !LOCAL_NAMES.has(nameOf(host)))
      throw new ForbiddenException({
        error: 'foreign-host',
        message: `host ${String(host)} is not allowed here; allowed: localhost, 127.0.0.1`,
      });
    if (origin !== undefined && !isLocal(origin))
      throw new ForbiddenException({ error: 'foreign-origin', message: `origin ${origin} is not allowed here; allowed: this machine` });
    next();
  }
}
