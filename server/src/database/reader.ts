import { Injectable } from '@nestjs/common';
import { DataPlaces } from '../data/data-places.js';
import { Connection } from './connection.js';

/** Reads of whole tables, beside the models: a connection for each, so that it sees one state of all of them and outlives no restore. */
@Injectable()
export class Reader {
  constructor(private readonly places: DataPlaces) {}

  async read<T>(work: (connection: Connection) => Promise<T>): Promise<T> {
    const connection = await Connection.open(this.places.databaseFile);
    try {
      await connection.run('BEGIN');
      return await work(connection);
    } finally {
      // ends the reading with it
      await connection.close();
    }
  }
}
