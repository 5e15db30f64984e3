import { existsSync } from 'node:fs';
import { readdir, rm, stat } from 'node:fs/promises';
import { join } from 'node:path';
import { Injectable, Logger, type OnApplicationShutdown } from '@nestjs/common';
import { DataPlaces } from '../data/data-places.js';
import { notFound } from '../http/errors.js';
import { writeArchive } from './archive.js';
import { restoreArchive } from './restore.js';
import { outdated } from './rotation.js';

/** An automatic backup. */
export interface Backup {
  name: string;
  /** ISO time. */
  madeAt: string;
  bytes: number;
}

const NAME = /^eveningtide-(\d{4}-\d{2}-\d{2})T(\d{2})-(\d{2})-(\d{2})-(\d{3})Z\.tar\.gz$/;
const HOUR_MS = 3_600_000;
/** One a day, and a little slack for whoever starts at about the same time each evening. */
const DUE_AFTER_MS = 20 * HOUR_MS;

const nameAt = (time: Date): string => `eveningtide-${time.toISOString().slice(0, -1).replace(/[:.]/g, '-')}Z.tar.gz`;

function timeOf(name: string): string | null {
  const [, day, hour = '', minute = '', second = '', millisecond = ''] = NAME.exec(name) ?? [];
  return day === undefined ? null : `${day}T${hour}:${minute}:${second}.${millisecond}Z`;
}

@Injectable()
export class BackupsService implements OnApplicationShutdown {
  private readonly logger = new Logger('Backups');
  private timer: NodeJS.Timeout | null = null;
  /** Backups and restores follow one another. */
  private queue: Promise<unknown> = Promise.resolve();

  constructor(private readonly places: DataPlaces) {}

  /** Makes one now if none of today is there, and looks again every hour. A backup that fails is told and tried again. */
  startAutomatic(): void {
    const look = () => {
      this.makeIfDue().catch((error: unknown) =>
        this.logger.warn(`No automatic backup: ${error instanceof Error ? error.message : String(error)}`),
      );
    };
    look();
    this.timer = setInterval(look, HOUR_MS);
    this.timer.unref();
  }

  async onApplicationShutdown(): Promise<void> {
    if (this.timer) clearInterval(this.timer);
    await this.queue.catch(() => undefined);
  }

  /** The newest first. */
  async all(): Promise<Backup[]> {
    if (!existsSync(this.places.backups)) return [];
    const out: Backup[] = [];
    for (const name of await readdir(this.places.backups)) {
      const madeAt = timeOf(name);
      if (madeAt !== null) out.push({ name, madeAt, bytes: (await stat(join(this.places.backups, name))).size });
    }
    return out.sort((a, b) => b.madeAt.localeCompare(a.madeAt));
  }

  /** Makes a backup in the backups' folder and lets old ones go. */
  make(): Promise<Backup> {
    return this.afterOthers(async () => {
      const now = new Date();
      const file = join(this.places.backups, nameAt(now));
      await writeArchive(this.places, file, now.toISOString());
      await this.tidy();
      const made = (await this.all())[0];
      if (!made) throw new Error('the backup that was made is not there');
      return made;
    });
  }

  /** Where a kept backup lies. @throws NotFoundException */
  pathOf(name: string): string {
    const file = join(this.places.backups, name);
    if (timeOf(name) === null || !existsSync(file)) throw notFound('backup', name);
    return file;
  }

  /** Puts everything back as a backup file has it; what was there before is backed up first. */
  async restore(file: string): Promise<void> {
    await this.make();
    await this.afterOthers(() => restoreArchive(this.places, file));
  }

  private async makeIfDue(): Promise<void> {
    const [newest] = await this.all();
    if (!newest || Date.now() - Date.parse(newest.madeAt) > DUE_AFTER_MS) await this.make();
  }

  private async tidy(): Promise<void> {
    const kept = (await this.all()).map(({ name, madeAt }) => ({ name, madeAt: new Date(madeAt) }));
    const left = (await readdir(this.places.backups)).filter((name) => name.endsWith('.part'));
    for (const name of [...outdated(kept), ...left]) await rm(join(this.places.backups, name), { force: true });
  }

  private afterOthers<T>(work: () => Promise<T>): Promise<T> {
    const mine = this.queue.catch(() => undefined).then(work);
    this.queue = mine;
    return mine;
  }
}
