import { existsSync } from 'node:fs';
import { readdir, rm, stat } from 'node:fs/promises';
import { join } from 'node:path';
import { Injectable, Logger, type OnApplicationShutdown } from '@nestjs/common';
import { Sequelize } from 'sequelize-typescript';
import { DataPlaces } from '../data/data-places.js';
import { closeReads } from '../database/reopen.js';
import { Writes } from '../database/writes.js';
import { notFound } from '../http/errors.js';
import { whatIsWrong } from '../http/trouble.js';
import { Turns } from '../turns.js';
import { DamagedSourceError, writeArchive } from './archive.js';
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
  private readonly turns = new Turns();

  constructor(
    private readonly places: DataPlaces,
    private readonly sequelize: Sequelize,
    private readonly writes: Writes,
  ) {}

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
    await this.turns.ended();
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
    return this.turns.take(async () => {
      const now = new Date();
      const name = nameAt(now);
      await writeArchive(this.places, join(this.places.backups, name), now.toISOString());
      await this.tidy(name);
      const made = (await this.all()).find((backup) => backup.name === name);
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

  /** Before everything is replaced: a backup of what is there, unless that is damaged. */
  async beforeReplacing(): Promise<void> {
    try {
      await this.make();
    } catch (error) {
      if (!(error instanceof DamagedSourceError) && whatIsWrong(error)?.kind !== 'damaged') throw error;
      this.logger.warn('What is there now is damaged: it is not backed up before it is replaced');
    }
  }

  /** Puts everything back as a backup file has it; what was there before is backed up first. */
  async restore(file: string): Promise<void> {
    await this.beforeReplacing();
    const around = { alone: this.writes.alone.bind(this.writes), closeReads: () => closeReads(this.sequelize) };
    await this.turns.take(() => restoreArchive(this.places, file, around));
  }

  private async makeIfDue(): Promise<void> {
    // one that bears a date of the future was made while the clock was wrong: it does not stand for today's
    const now = Date.now();
    const newest = Math.max(0, ...(await this.all()).map(({ madeAt }) => Date.parse(madeAt)).filter((at) => at <= now));
    if (now - newest > DUE_AFTER_MS) await this.make();
  }

  /** Old ones go; the one that was just made stays, whatever the clock says of others. */
  private async tidy(made: string): Promise<void> {
    const kept = (await this.all()).map(({ name, madeAt }) => ({ name, madeAt: new Date(madeAt) }));
    for (const name of outdated(kept)) if (name !== made) await rm(join(this.places.backups, name), { force: true });
  }
}
