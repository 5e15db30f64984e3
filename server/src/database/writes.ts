import { Injectable, type OnApplicationShutdown } from '@nestjs/common';
import type { Transaction } from 'sequelize';
import { Sequelize } from 'sequelize-typescript';
import { Turns } from '../turns.js';

/**
 * The one way to write to the database. SQLite has one writer at a time; a second that waited for the lock inside the driver would hold one of the few
 * threads that the first needs to go on. So writers wait here, and reads go on beside them.
 */
@Injectable()
export class Writes implements OnApplicationShutdown {
  private readonly turns = new Turns();
  private ended = 0;

  constructor(private readonly sequelize: Sequelize) {}

  /** How often something was written: what was read at another count may be out of date. */
  get written(): number {
    return this.ended;
  }

  /** All that `work` writes, or nothing. */
  transaction<T>(work: (transaction: Transaction) => Promise<T>): Promise<T> {
    return this.alone(() => this.sequelize.transaction(work));
  }

  /** Work on the database file by another connection: nobody writes meanwhile. */
  alone<T>(work: () => Promise<T>): Promise<T> {
    return this.turns.take(work).finally(() => this.ended++);
  }

  /** Who writes also closes: what nobody waits for, like when a screen was last seen, is written to its end first. */
  async onApplicationShutdown(): Promise<void> {
    await this.turns.ended();
    await this.sequelize.close();
  }
}
