import sqlite3 from 'sqlite3';

type Values = readonly (string | number | null)[];

/**
 * A plain connection to a database file. Copying whole databases wants statements (ATTACH, VACUUM INTO) that may not
 * stand in the transactions the models use.
 */
export class Connection {
  private constructor(private readonly db: sqlite3.Database) {}

  /** @param waitMs how long it waits for another who writes */
  static open(file: string, waitMs = 10_000): Promise<Connection> {
    return new Promise((resolve, reject) => {
      const db = new sqlite3.Database(file, (error) => {
        if (error) reject(error);
        else {
          db.configure('busyTimeout', waitMs);
          resolve(new Connection(db));
        }
      });
    });
  }

  run(sql: string, values: Values = []): Promise<void> {
    return new Promise((resolve, reject) => {
      this.db.run(sql, values, (error) => {
        if (error) reject(error);
        else resolve();
      });
    });
  }

  all<Row>(sql: string, values: Values = []): Promise<Row[]> {
    return new Promise((resolve, reject) => {
      this.db.all(sql, values, (error, rows: Row[]) => {
        if (error) reject(error);
        else resolve(rows);
      });
    });
  }

  close(): Promise<void> {
    return new Promise((resolve, reject) => {
      this.db.close((error) => {
        if (error) reject(error);
        else resolve();
      });
    });
  }
}
