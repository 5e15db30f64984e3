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

/** 409: something else still points to it. */
export class InUseException extends ConflictException {
  constructor(what: string, users: readonly string[]) {
    super({ error: 'in-use', message: `${what} is used by ${users.join(', ')}: give these another one first`, users });
  }
}

export const notFound = (what: string, id: string): NotFoundException =>
  new NotFoundException({ error: 'not-found', message: `there is no ${what} '${id}'` });
