import { Catch, HttpException, Logger, type ArgumentsHost } from '@nestjs/common';
import { BaseExceptionFilter } from '@nestjs/core';
import type { Response } from 'express';
import { whatIsWrong } from './trouble.js';

/**
 * Whatever a handler did not expect: said in words, so that the page can tell a full disk from a damaged database and both from a server that is away.
 * What was refused on purpose goes its usual way.
 */
@Catch()
export class TroubleFilter extends BaseExceptionFilter {
  private readonly logger = new Logger('Trouble');

  override catch(error: unknown, host: ArgumentsHost): void {
    const trouble = error instanceof HttpException ? null : whatIsWrong(error);
    const response = host.switchToHttp().getResponse<Response>();
    // an answer that has begun cannot be made another
    if (!trouble || response.headersSent) {
      super.catch(error, host);
      return;
    }
    const { status, kind, message } = trouble;
    if (status >= 500) this.logger.error(kind === 'internal' && error instanceof Error ? (error.stack ?? error.message) : message);
    response.status(status).json({ error: kind, message });
  }
}
