import { Injectable, type OnApplicationShutdown } from '@nestjs/common';
import { Connection } from './connection.js';
import { isCalled } from './sqlite-code.js';
import { StartError } from '../start-error.js';
import type { DataPlaces } from '../data/data-places.js';

/** Another server works on the same data. */
export class DataInUseError extends StartError {
  constructor(file: string) {
    super(
      `Eveningtide is running already on these data (${file}): two at once would not know of each other. Open the one that runs, end it first, or choose other data with EVENINGTIDE_DATA.`,
    );
  }
}

/**
 * Held as long as the server works on the data. It is SQLite's own lock on an empty file, which the system lets go when the process ends, however it
 * ends.
 */
@Injectable()
export class DataLock implements OnApplicationShutdown {
  private constructor(private readonly connection: Connection) {}

  /** @throws DataInUseError */
  static async take({ databaseFile, lock }: DataPlaces): Promise<DataLock> {
    const connection = await Connection.open(lock, 0);
    try {
      await connection.run('BEGIN EXCLUSIVE');
    } catch (error) {
      await connection.close();
      throw isCalled(error, 'SQLITE_BUSY') ? new DataInUseError(databaseFile) : error;
    }
    return new DataLock(connection);
  }

  onApplicationShutdown(): Promise<void> {
    return this.release();
  }

  async release(): Promise<void> {
    await this.connection.close();
  }
}
