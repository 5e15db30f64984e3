import { ConflictException, Injectable, type OnModuleDestroy, type OnModuleInit } from '@nestjs/common';
import type { Lab } from '@eveningtide/core/colour';
import { DEVICE_IDS, type AnyDeviceState, type DeviceId, type DeviceState } from '@eveningtide/core/devices';
import { Writes } from '../database/writes.js';
import { localMoment } from '../clock.js';
import { DeviceRow } from './device.rows.js';
import { notFound } from '../http/errors.js';
import { LiveService } from '../live/live.service.js';
import { AirHistory } from './air-history.js';
import { StandIns } from './stand-ins.js';

/** What is known of a device between two readings. */
interface Kept {
  timer: NodeJS.Timeout | null;
  isSilent: boolean;
  last: DeviceState['last'];
}

const isDevice = (id: string): id is DeviceId => (DEVICE_IDS as readonly string[]).includes(id);

/** Devices at the bench: what one reads goes to every open screen; one that falls silent leaves its last word. */
@Injectable()
export class DevicesService implements OnModuleInit, OnModuleDestroy {
  private readonly kept = new Map<DeviceId, Kept>(DEVICE_IDS.map((id) => [id, { timer: null, isSilent: false, last: null }]));

  constructor(
    private readonly writes: Writes,
    private readonly standIns: StandIns,
    private readonly history: AirHistory,
    private readonly live: LiveService,
  ) {}

  async onModuleInit(): Promise<void> {
    const on = await this.switchedOn();
    for (const id of DEVICE_IDS) if (on.has(id)) this.begin(id);
  }

  onModuleDestroy(): void {
    for (const id of DEVICE_IDS) this.end(id);
  }

  async all(): Promise<AnyDeviceState[]> {
    const on = await this.switchedOn();
    return DEVICE_IDS.map((id) => {
      const { id: _, name, simulated } = this.standIns.instruments[id].about;
      const { isSilent, last } = this.of(id);
      // the id says of which device the reading is
      return { id, name, simulated, on: on.has(id), isSilent, last } as AnyDeviceState;
    });
  }

  /** Switches a device on or off, or makes it fall silent as a real one does with an empty battery. */
  async set(id: string, { on, isSilent }: { on: boolean; isSilent: boolean }): Promise<AnyDeviceState[]> {
    if (!isDevice(id)) throw notFound('device', id);
    await this.writes.transaction((transaction) => DeviceRow.upsert({ id, isOn: on }, { transaction }));
    const kept = this.of(id);
    kept.isSilent = isSilent;
    this.end(id);
    if (!on) kept.last = null;
    else {
      this.begin(id);
      if (this.standIns.instruments[id].everyMs !== null) await this.read(id);
    }
    return this.all();
  }

  /** The stand-in of the scale has something else on its pan. @throws ConflictException when it is off. */
  async putOnPan(grams: number): Promise<void> {
    await this.mustBeOn('scale');
    this.standIns.putOnPan(grams);
    await this.read('scale');
  }

  /** The stand-in of the colour meter is held against a colour and asked. @throws ConflictException when it is off or silent. */
  async measure(lab: Lab): Promise<DeviceState<'colour-meter'>['last']> {
    await this.mustBeOn('colour-meter');
    if (this.of('colour-meter').isSilent)
      throw new ConflictException({
        error: 'silent',
        message: 'The colour meter does not answer: what it read last stands, or type the figures',
      });
    this.standIns.holdAgainst(lab);
    await this.read('colour-meter');
    return this.of('colour-meter').last as DeviceState<'colour-meter'>['last'];
  }

  private of(id: DeviceId): Kept {
    const kept = this.kept.get(id);
    if (!kept) throw notFound('device', id);
    return kept;
  }

  private async switchedOn(): Promise<Set<string>> {
    return new Set((await DeviceRow.findAll({ where: { isOn: true } })).map(({ id }) => id));
  }

  private async mustBeOn(id: DeviceId): Promise<void> {
    if (!(await this.switchedOn()).has(id))
      throw new ConflictException({
        error: 'off',
        message: `${this.standIns.instruments[id].about.name} is off: switch it on in Workshop`,
      });
  }

  private begin(id: DeviceId): void {
    const { everyMs } = this.standIns.instruments[id];
    if (everyMs === null) return;
    const timer = setInterval(() => {
      // the database may be closing: the next reading comes soon
      this.read(id).catch(() => undefined);
    }, everyMs);
    timer.unref();
    this.of(id).timer = timer;
  }

  private end(id: DeviceId): void {
    const kept = this.of(id);
    if (kept.timer) clearInterval(kept.timer);
    kept.timer = null;
  }

  private async read(id: DeviceId): Promise<void> {
    const kept = this.of(id);
    if (kept.isSilent) return;
    const at = localMoment();
    const reading = { at, ...(await this.standIns.instruments[id].read(at)) };
    kept.last = reading;
    if ('rhPct' in reading) await this.history.note(reading);
    this.live.tell({ type: 'reading', data: { device: id, reading } });
  }
}
