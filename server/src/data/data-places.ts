import { existsSync, readdirSync } from 'node:fs';
import { basename, dirname, join } from 'node:path';

/** Where everything of one workshop lies: its database, and beside it folders that bear its name. */
export class DataPlaces {
  readonly pictures: string;
  readonly backups: string;
  /** Whoever works on the data holds it. */
  readonly lock: string;

  constructor(readonly databaseFile: string) {
    const stem = join(dirname(databaseFile), basename(databaseFile, '.sqlite'));
    this.pictures = `${stem}-pictures`;
    this.backups = `${stem}-backups`;
    this.lock = `${stem}.lock`;
  }

  /** File names of the backups, the newest first: their names begin with when they were made. */
  backupNames(): string[] {
    if (!existsSync(this.backups)) return [];
    return readdirSync(this.backups)
      .filter((name) => name.endsWith('.tar.gz'))
      .sort()
      .reverse();
  }
}
