import { Injectable } from '@nestjs/common';
import type { Transaction } from 'sequelize';
import { Sequelize } from 'sequelize-typescript';
import { Turns } from '../turns.js';

/**
 * The one way to write to the database. SQLite has one writer at a time; a second that waited for the lock inside the driver would hold one of the few
 * threads that the first needs to go on. So writers wait here, and reads go on beside them.
 */
@Injectable()
export class Writes {
  private readonly turns = new Turns();

  constructor(private readonly sequelize: Sequelize) {}

  /** All that `work` writes, or nothing. */
  transaction<T>(work: (transaction: Transaction) => Promise<T>): Promise<T> {
    return this.turns.take(() => this.sequelize.transaction(work));
  }

  /** Work on the database file by another connection: nobody writes meanwhile. */
  alone<T>(work: () => Promise<T>): Promise<T> {
    return this.turns.take(work);
  }
}
