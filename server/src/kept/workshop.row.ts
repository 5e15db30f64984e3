import { KEPT_ONES } from '@eveningtide/core/kept';
import type { Workshop } from '@eveningtide/core/schedule';
import { Op, type Transaction } from 'sequelize';
import { Column, DataType, Model, PrimaryKey, Table, type ModelCtor } from 'sequelize-typescript';
import { AS_IS } from '../database/row.js';
import type { Rows } from '../database/rows.js';
import { PieceRow, StepRow } from './piece.row.js';

@Table({ ...AS_IS, tableName: 'workshop' })
export class WorkshopRow extends Model {
  @PrimaryKey @Column(DataType.INTEGER) declare id: number;
  @Column(DataType.INTEGER) declare version: number;
  @Column(DataType.REAL) declare eveningTempC: number;
  @Column(DataType.REAL) declare eveningRhPct: number;
  @Column(DataType.REAL) declare nightTempC: number;
  @Column(DataType.REAL) declare nightRhPct: number;
  @Column(DataType.STRING) declare daylightStart: string;
  @Column(DataType.STRING) declare daylightEnd: string;
  @Column(DataType.BOOLEAN) declare careful: boolean;
  @Column(DataType.REAL) declare airbrushCleanMin: number;
  @Column(DataType.STRING) declare daylightBy: string;
  @Column(DataType.REAL) declare latitudeDeg: number;
  @Column(DataType.STRING) declare noon: string;
  @Column(DataType.JSON) declare droppers: object;
  @Column(DataType.JSON) declare equipment: object;
  @Column(DataType.JSON) declare room: object;
  @Column(DataType.JSON) declare display: object;
  @Column(DataType.JSON) declare schools: object;
  @Column(DataType.JSON) declare rules: object[];
  @Column(DataType.JSON) declare measuring: object;
  @Column(DataType.JSON) declare planning: object;
  @Column(DataType.JSON) declare learning: object;
}

@Table({ ...AS_IS, tableName: 'weekly_evenings' })
export class WeeklyEveningRow extends Model {
  @PrimaryKey @Column(DataType.INTEGER) declare position: number;
  @Column(DataType.INTEGER) declare weekday: number;
  @Column(DataType.STRING) declare start: string;
  @Column(DataType.STRING) declare end: string;
}

@Table({ ...AS_IS, tableName: 'single_dates' })
export class SingleDateRow extends Model {
  @PrimaryKey @Column(DataType.INTEGER) declare position: number;
  @Column(DataType.STRING) declare date: string;
  @Column(DataType.STRING) declare start: string | null;
  @Column(DataType.STRING) declare end: string | null;
}

@Table({ ...AS_IS, tableName: 'drying_places' })
export class DryingPlaceRow extends Model {
  @PrimaryKey @Column(DataType.STRING) declare id: string;
  @Column(DataType.INTEGER) declare position: number;
  @Column(DataType.STRING) declare name: string;
  @Column(DataType.REAL) declare tempC: number;
  @Column(DataType.REAL) declare rhPct: number;
  @Column(DataType.INTEGER) declare models: number;
}

export interface StoredWorkshop {
  version: number;
  workshop: Workshop;
}

const ONLY = 1;
const LISTS: ModelCtor[] = [WeeklyEveningRow, SingleDateRow, DryingPlaceRow];
export const WORKSHOP_MODELS: ModelCtor[] = [WorkshopRow, ...LISTS];

/** The one workshop; before it was ever saved, it is the usual one at version 0. */
export async function readWorkshop(rows: Rows): Promise<StoredWorkshop> {
  const [row] = await rows(WorkshopRow, ['id']);
  if (!row) return { version: 0, workshop: KEPT_ONES.workshop.usual };
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

/** Writes the one workshop, as this version. */
export async function writeWorkshop(workshop: Workshop, version: number, transaction: Transaction): Promise<void> {
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

/** Steps, of pieces that were put aside too, that would dry in a place that is not there any more dry at the bench; their pieces get a new version. */
export async function forgetPlaces({ climate }: Workshop, transaction: Transaction): Promise<void> {
  const known = climate.places.map(({ id }) => id);
  const where = { dryingPlace: { [Op.ne]: null, [Op.notIn]: known } };
  const steps = await StepRow.findAll({ where, transaction });
  if (steps.length === 0) return;
  await StepRow.update({ dryingPlace: null }, { where, transaction });
  await PieceRow.increment('version', { where: { id: [...new Set(steps.map(({ pieceId }) => pieceId))] }, transaction });
}
