import { Injectable, type OnModuleDestroy, type OnModuleInit } from '@nestjs/common';
import type { Air } from '@eveningtide/core/climate';
import { simulatedHygrometer, type DeviceState } from '@eveningtide/core/devices';
import { Sequelize } from 'sequelize-typescript';
import { AirReadingRow, DeviceRow } from '../database/models.js';
import { notFound } from '../http/errors.js';
import { LiveService } from '../live/live.service.js';
import { WorkshopStore } from '../workshop/workshop.store.js';

export interface AirReading extends Air {
  /** Local, `YYYY-MM-DDTHH:mm:ss`. */
  at: string;
}

const READ_EVERY_MS = 10_000;
/** One reading in so many is kept for the history. */
const KEEP_EVERY = 30;
/** So many are kept: a day and a night. */
const MOST_KEPT = 288;
const HYGROMETER = 'hygrometer';

const two = (n: number): string => String(n).padStart(2, '0');

/** The wall clock, local. */
function localMoment(): string {
  const now = new Date();
  return `${String(now.getFullYear())}-${two(now.getMonth() + 1)}-${two(now.getDate())}T${two(now.getHours())}:${two(now.getMinutes())}:${two(now.getSeconds())}`;
}

/** Devices at the bench. Only a simulated hygrometer so far: what is read goes to every open screen, and now and then into the history. */
@Injectable()
export class DevicesService implements OnModuleInit, OnModuleDestroy {
  private timer: NodeJS.Timeout | null = null;
  private reads = 0;
  private isSilent = false;
  private last: AirReading | null = null;

  constructor(
    private readonly sequelize: Sequelize,
    private readonly workshop: WorkshopStore,
    private readonly live: LiveService,
  ) {}

  async onModuleInit(): Promise<void> {
    if (await this.isOn()) this.begin();
  }

  onModuleDestroy(): void {
    this.end();
  }

  async all(): Promise<DeviceState<Air>[]> {
    const { workshop } = await this.workshop.read();
    const { id, name, simulated } = simulatedHygrometer(workshop.climate);
    return [{ id, name, simulated, on: await this.isOn(), isSilent: this.isSilent, last: this.last }];
  }

  /** Switches a device on or off, or makes it fall silent as a real one does with an empty battery. */
  async set(id: string, { on, isSilent }: { on: boolean; isSilent: boolean }): Promise<DeviceState<Air>[]> {
    if (id !== HYGROMETER) throw notFound('device', id);
    await this.sequelize.transaction((transaction) => DeviceRow.upsert({ id, isOn: on }, { transaction }));
    this.isSilent = isSilent;
    this.end();
    if (on) {
      this.begin();
      await this.read();
    } else this.last = null;
    this.live.changed(['devices'], null);
    return this.all();
  }

  /** What was read in the last day, oldest first. */
  async readings(): Promise<AirReading[]> {
    const rows = await AirReadingRow.findAll({ order: [['at', 'DESC']], limit: MOST_KEPT });
    return rows.map(({ at, tempC, rhPct }) => ({ at, tempC, rhPct })).reverse();
  }

  private async isOn(): Promise<boolean> {
    return (await DeviceRow.findByPk(HYGROMETER))?.isOn ?? false;
  }

  private begin(): void {
    this.timer = setInterval(() => {
      // the database may be closing: the next reading comes soon
      this.read().catch(() => undefined);
    }, READ_EVERY_MS);
    this.timer.unref();
  }

  private end(): void {
    if (this.timer) clearInterval(this.timer);
    this.timer = null;
  }

  private async read(): Promise<void> {
    if (this.isSilent) return;
    const { workshop } = await this.workshop.read();
    const at = localMoment();
    this.last = { at, ...simulatedHygrometer(workshop.climate).read(at) };
    if (this.reads++ % KEEP_EVERY === 0) await this.keep(this.last);
    this.live.tell({ type: 'reading', data: { device: HYGROMETER, reading: this.last } });
  }

  private async keep(reading: AirReading): Promise<void> {
    await this.sequelize.transaction(async (transaction) => {
      await AirReadingRow.upsert({ ...reading }, { transaction });
      const oldest = await AirReadingRow.findOne({ order: [['at', 'DESC']], offset: MOST_KEPT, transaction });
      if (oldest) await AirReadingRow.destroy({ where: { at: oldest.at }, transaction });
    });
  }
}
