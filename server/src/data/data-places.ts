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
}
