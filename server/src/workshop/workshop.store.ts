import { Injectable } from '@nestjs/common';
import { DEFAULT_WORKSHOP, type Workshop } from '@eveningtide/core/schedule';
import { Op, type Transaction } from 'sequelize';
import type { ModelCtor } from 'sequelize-typescript';
import { openRows, type Rows } from '../database/rows.js';
import { DryingPlaceRow, PieceRow, SingleDateRow, StepRow, WeeklyEveningRow, WorkshopRow } from '../database/models.js';

export interface StoredWorkshop {
  version: number;
  workshop: Workshop;
}

const ONLY = 1;
const LISTS: ModelCtor[] = [WeeklyEveningRow, SingleDateRow, DryingPlaceRow];

/** Reads and writes the one workshop. Before it was ever saved, it is the default at version 0. */
@Injectable()
export class WorkshopStore {
  read(transaction?: Transaction): Promise<StoredWorkshop> {
    return workshopIn(openRows(transaction));
  }

  /** Steps, of pieces that were put aside too, that would dry in a place that is not there any more dry at the bench; their pieces get a new version. */
  async forgetPlaces({ climate }: Workshop, transaction: Transaction): Promise<void> {
    const known = climate.places.map(({ id }) => id);
    const where = { dryingPlace: { [Op.ne]: null, [Op.notIn]: known } };
    const steps = await StepRow.findAll({ where, transaction });
    if (steps.length === 0) return;
    await StepRow.update({ dryingPlace: null }, { where, transaction });
    await PieceRow.increment('version', { where: { id: [...new Set(steps.map(({ pieceId }) => pieceId))] }, transaction });
  }

  async write(workshop: Workshop, version: number, transaction: Transaction): Promise<void> {
    const {
      climate,
      daylight,
      careful,
      airbrushCleanMin,
      dropsPerMl,
      equipment,
      room,
      display,
      schools,
      rules,
      measuring,
      planning,
      learning,
    } = workshop;
    await WorkshopRow.upsert(
      {
        id: ONLY,
        version,
        eveningTempC: climate.evening.tempC,
        eveningRhPct: climate.evening.rhPct,
        nightTempC: climate.night.tempC,
        nightRhPct: climate.night.rhPct,
        daylightStart: daylight.start,
        daylightEnd: daylight.end,
        daylightBy: daylight.by,
        latitudeDeg: daylight.latitudeDeg,
        noon: daylight.noon,
        careful,
        airbrushCleanMin,
        droppers: dropsPerMl,
        equipment,
        room,
        display,
        schools,
        rules,
        measuring,
        planning,
        learning,
      },
      { transaction },
    );
    for (const model of LISTS) await model.destroy({ where: {}, transaction });
    await WeeklyEveningRow.bulkCreate(
      workshop.weekly.map((evening, position) => ({ ...evening, position })),
      { transaction },
    );
    await SingleDateRow.bulkCreate(
      workshop.dates.map((date, position) => ({ ...date, position })),
      { transaction },
    );
    await DryingPlaceRow.bulkCreate(
      climate.places.map(({ id, name, air, models }, position) => ({ id, name, ...air, models, position })),
      { transaction },
    );
  }
}

export async function workshopIn(rows: Rows): Promise<StoredWorkshop> {
  const [row] = await rows(WorkshopRow, ['id']);
  if (!row) return { version: 0, workshop: DEFAULT_WORKSHOP };
  const [weekly, dates, places] = [await rows(WeeklyEveningRow), await rows(SingleDateRow), await rows(DryingPlaceRow)];
  return {
    version: row.version,
    workshop: {
      weekly: weekly.map(({ weekday, start, end }) => ({ weekday, start, end })),
      dates: dates.map(({ date, start, end }) => ({ date, start, end })),
      climate: {
        evening: { tempC: row.eveningTempC, rhPct: row.eveningRhPct },
        night: { tempC: row.nightTempC, rhPct: row.nightRhPct },
        places: places.map(({ id, name, tempC, rhPct, models }) => ({ id, name, air: { tempC, rhPct }, models })),
      },
      daylight: {
        by: row.daylightBy as Workshop['daylight']['by'],
        start: row.daylightStart,
        end: row.daylightEnd,
        latitudeDeg: row.latitudeDeg,
        noon: row.noon,
      },
      careful: row.careful,
      airbrushCleanMin: row.airbrushCleanMin,
      dropsPerMl: row.droppers as Workshop['dropsPerMl'],
      equipment: row.equipment as Workshop['equipment'],
      room: row.room as Workshop['room'],
      display: row.display as Workshop['display'],
      schools: row.schools as Workshop['schools'],
      rules: row.rules as Workshop['rules'],
      measuring: row.measuring as Workshop['measuring'],
      planning: row.planning as Workshop['planning'],
      learning: row.learning as Workshop['learning'],
    },
  };
}
