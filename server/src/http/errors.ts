import { ConflictException, NotFoundException } from '@nestjs/common';

/** 409 with both versions: the one that was sent from, and what is stored now. */
export class StaleWriteException extends ConflictException {
  constructor(what: string, sentVersion: number, stored: { version: number }) {
    super({
      error: 'stale',
      message: `${what} was changed elsewhere since it was read (version ${String(sentVersion)}, now ${String(stored.version)})`,
      sentVersion,
      stored,
    });
  }
}

export const notFound = (what: string, id: string): NotFoundException =>
  new NotFoundException({ error: 'not-found', message: `there is no ${what} '${id}'` });
