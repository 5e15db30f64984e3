import { Injectable } from '@nestjs/common';
import type { Lab } from '@eveningtide/core/colour';
import {
  simulatedColourMeter,
  simulatedHygrometer,
  simulatedScale,
  type Device,
  type DeviceId,
  type Readings,
} from '@eveningtide/core/devices';
import { openRows } from '../database/rows.js';
import { readWorkshop } from '../kept/workshop.row.js';

/** A device as the server goes about it. */
export interface Instrument<Id extends DeviceId> {
  about: Pick<Device<Id, never>, 'id' | 'name' | 'simulated'>;
  /** It speaks by itself so often; null: only when it is asked. */
  everyMs: number | null;
  read: (at: string) => Promise<Readings[Id]>;
}

const AIR_EVERY_MS = 10_000;
const WEIGHT_EVERY_MS = 1000;
/** What the colour meter is held against until it is told: middle grey. */
const GREY: Lab = { l: 50, a: 0, b: 0 };

/** The simulated devices that ship with the app, and what each is told to have before it. */
@Injectable()
export class StandIns {
  private pan = { grams: 0, touchedMs: 0 };
  private under: Lab = GREY;
  private turn = 0;

  readonly instruments: { [Id in DeviceId]: Instrument<Id> };

  constructor() {
    const hygrometer = simulatedHygrometer();
    const scale = simulatedScale();
    const meter = simulatedColourMeter();
    this.instruments = {
      hygrometer: {
        about: hygrometer,
        everyMs: AIR_EVERY_MS,
        // its room is the workshop's, as it is described now
        read: async (at) => hygrometer.read(at, (await readWorkshop(openRows())).workshop.climate),
      },
      scale: {
        about: scale,
        everyMs: WEIGHT_EVERY_MS,
        read: (at) => Promise.resolve(scale.read(at, { grams: this.pan.grams, sinceS: (performance.now() - this.pan.touchedMs) / 1000 })),
      },
      'colour-meter': {
        about: meter,
        everyMs: null,
        read: (at) => Promise.resolve(meter.read(at, { lab: this.under, turn: this.turn++ })),
      },
    };
  }

  putOnPan(grams: number): void {
    this.pan = { grams, touchedMs: performance.now() };
  }

  holdAgainst(lab: Lab): void {
    this.under = lab;
  }
}
