import { Injectable } from '@nestjs/common';
import type { Air } from '@eveningtide/core/climate';
import { Writes } from '../database/writes.js';
import { AirReadingRow } from './device.rows.js';

export interface AirReading extends Air {
  /** Local, `YYYY-MM-DDTHH:mm:ss`. */
  at: string;
}

/** One reading in so many is kept. */
const KEEP_EVERY = 30;
/** So many are kept: a day and a night. */
const MOST_KEPT = 288;

/** What the hygrometer read in the last day. */
@Injectable()
export class AirHistory {
  private heard = 0;

  constructor(private readonly writes: Writes) {}

  /** Oldest first. */
  async all(): Promise<AirReading[]> {
    const rows = await AirReadingRow.findAll({ order: [['at', 'DESC']], limit: MOST_KEPT });
    return rows.map(({ at, tempC, rhPct }) => ({ at, tempC, rhPct })).reverse();
  }

  /** Keeps the first reading and then one now and again. */
  async note(reading: AirReading): Promise<void> {
    if (this.heard++ % KEEP_EVERY !== 0) return;
    await this.writes.transaction(async (transaction) => {
      await AirReadingRow.upsert({ ...reading }, { transaction });
      const oldest = await AirReadingRow.findOne({ order: [['at', 'DESC']], offset: MOST_KEPT, transaction });
      if (oldest) await AirReadingRow.destroy({ where: { at: oldest.at }, transaction });
    });
  }
}
