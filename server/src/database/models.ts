import type { ModelCtor } from 'sequelize-typescript';
import { Column, DataType, Model, PrimaryKey, Table } from 'sequelize-typescript';

/**
 * Rows as they lie in the tables. Names are the core's own; the tables themselves are made by the migrations, so the
 * models say only what Sequelize must know to read and write them.
 */
const AS_IS = { timestamps: false, underscored: false } as const;

abstract class ChildRow extends Model {
  @PrimaryKey @Column(DataType.STRING) declare pieceId: string;
  @PrimaryKey @Column(DataType.STRING) declare id: string;
  @Column(DataType.INTEGER) declare position: number;
}

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

@Table({ ...AS_IS, tableName: 'materials' })
export class MaterialRow extends Model {
  @PrimaryKey @Column(DataType.STRING) declare id: string;
  @Column(DataType.INTEGER) declare version: number;
  @Column(DataType.INTEGER) declare position: number;
  @Column(DataType.STRING) declare name: string;
  @Column(DataType.STRING) declare like: string;
  @Column(DataType.STRING) declare colour: string | null;
  @Column(DataType.REAL) declare sheenGu: number | null;
  @Column(DataType.REAL) declare volumeSolidsPct: number | null;
  @Column(DataType.REAL) declare dryingFactor: number | null;
  @Column(DataType.REAL) declare minFilmC: number | null;
  @Column(DataType.REAL) declare lifeMonths: number | null;
  @Column(DataType.BOOLEAN) declare driesLighter: boolean | null;
  @Column(DataType.BOOLEAN) declare testFirst: boolean | null;
  @Column(DataType.STRING) declare note: string;
}

@Table({ ...AS_IS, tableName: 'bottles' })
export class BottleRow extends Model {
  @PrimaryKey @Column(DataType.STRING) declare id: string;
  @Column(DataType.INTEGER) declare version: number;
  @Column(DataType.INTEGER) declare position: number;
  @Column(DataType.STRING) declare name: string;
  @Column(DataType.STRING) declare material: string;
  @Column(DataType.STRING) declare colour: string;
  @Column(DataType.REAL) declare sizeMl: number | null;
  @Column(DataType.REAL) declare leftMl: number | null;
  @Column(DataType.STRING) declare openedOn: string | null;
  @Column(DataType.STRING) declare triedOn: string | null;
  @Column(DataType.STRING) declare place: string;
  @Column(DataType.STRING) declare note: string;
  @Column(DataType.REAL) declare price: number | null;
  @Column(DataType.JSON) declare whiteSwatch: object | null;
  @Column(DataType.REAL) declare dropsPerMl: number | null;
}

@Table({ ...AS_IS, tableName: 'mixes' })
export class MixRow extends Model {
  @PrimaryKey @Column(DataType.STRING) declare id: string;
  @Column(DataType.INTEGER) declare version: number;
  @Column(DataType.INTEGER) declare position: number;
  @Column(DataType.INTEGER) declare number: number;
  @Column(DataType.STRING) declare name: string;
  @Column(DataType.JSON) declare components: object[];
  @Column(DataType.REAL) declare madeMl: number | null;
  @Column(DataType.STRING) declare madeOn: string | null;
  @Column(DataType.STRING) declare colour: string | null;
  @Column(DataType.JSON) declare changes: object[];
  @Column(DataType.STRING) declare note: string;
}

@Table({ ...AS_IS, tableName: 'log_entries' })
export class LogEntryRow extends Model {
  @PrimaryKey @Column(DataType.STRING) declare id: string;
  @Column(DataType.INTEGER) declare version: number;
  @Column(DataType.STRING) declare kind: string;
  @Column(DataType.STRING) declare pieceId: string;
  @Column(DataType.STRING) declare stepId: string | null;
  @Column(DataType.INTEGER) declare sitting: number;
  @Column(DataType.JSON) declare step: object | null;
  @Column(DataType.STRING) declare startedAt: string;
  @Column(DataType.STRING) declare endedAt: string | null;
  @Column(DataType.INTEGER) declare utcOffsetMin: number | null;
  @Column(DataType.REAL) declare plannedMin: number | null;
  @Column(DataType.REAL) declare tookMin: number | null;
  @Column(DataType.JSON) declare air: object | null;
  @Column(DataType.STRING) declare airFrom: string;
  @Column(DataType.STRING) declare mix: string;
  @Column(DataType.JSON) declare marks: string[];
  @Column(DataType.STRING) declare note: string;
  @Column(DataType.JSON) declare met: object | null;
  @Column(DataType.JSON) declare dryTest: object | null;
  @Column(DataType.JSON) declare pictures: object[];
  @Column(DataType.STRING) declare setAside: string | null;
}

@Table({ ...AS_IS, tableName: 'devices' })
export class DeviceRow extends Model {
  @PrimaryKey @Column(DataType.STRING) declare id: string;
  @Column(DataType.BOOLEAN) declare isOn: boolean;
}

@Table({ ...AS_IS, tableName: 'screens' })
export class ScreenRow extends Model {
  @PrimaryKey @Column(DataType.STRING) declare id: string;
  @Column(DataType.STRING) declare name: string;
  @Column(DataType.STRING) declare tokenHash: string;
  /** ISO 8601, UTC. */
  @Column(DataType.STRING) declare pairedAt: string;
  @Column(DataType.STRING) declare seenAt: string;
}

@Table({ ...AS_IS, tableName: 'air_readings' })
export class AirReadingRow extends Model {
  @PrimaryKey @Column(DataType.STRING) declare at: string;
  @Column(DataType.REAL) declare tempC: number;
  @Column(DataType.REAL) declare rhPct: number;
}

@Table({ ...AS_IS, tableName: 'finishes' })
export class FinishRow extends Model {
  @PrimaryKey @Column(DataType.STRING) declare id: string;
  @Column(DataType.INTEGER) declare version: number;
  @Column(DataType.INTEGER) declare position: number;
  @Column(DataType.STRING) declare name: string;
  @Column(DataType.JSON) declare versions: object[];
}

@Table({ ...AS_IS, tableName: 'pieces' })
export class PieceRow extends Model {
  @PrimaryKey @Column(DataType.STRING) declare id: string;
  @Column(DataType.INTEGER) declare version: number;
  @Column(DataType.INTEGER) declare position: number;
  @Column(DataType.STRING) declare name: string;
  @Column(DataType.STRING) declare kind: string;
  @Column(DataType.STRING) declare template: string;
  @Column(DataType.REAL) declare scaleRatio: number;
  @Column(DataType.JSON) declare sizeMm: object | null;
  @Column(DataType.BOOLEAN) declare handled: boolean;
  @Column(DataType.STRING) declare sheenWanted: string;
  @Column(DataType.STRING) declare doneBy: string | null;
  @Column(DataType.STRING) declare archivedOn: string | null;
  @Column(DataType.STRING) declare note: string;
  @Column(DataType.STRING) declare likeness: string;
  @Column(DataType.INTEGER) declare varySeed: number | null;
  @Column(DataType.JSON) declare finish: object | null;
  @Column(DataType.JSON) declare intent: object | null;
  @Column(DataType.JSON) declare waivers: object[];
  @Column(DataType.STRING) declare deletedAt: string | null;
}

@Table({ ...AS_IS, tableName: 'parts' })
export class PartRow extends ChildRow {
  @Column(DataType.STRING) declare name: string;
  @Column(DataType.BOOLEAN) declare removable: boolean;
}

@Table({ ...AS_IS, tableName: 'zones' })
export class ZoneRow extends ChildRow {
  @Column(DataType.STRING) declare partId: string;
  @Column(DataType.STRING) declare name: string;
  @Column(DataType.STRING) declare substrate: string;
  @Column(DataType.STRING) declare startSheen: string;
  @Column(DataType.STRING) declare startColour: string | null;
  @Column(DataType.REAL) declare areaMm2: number;
  @Column(DataType.STRING) declare down: string;
  @Column(DataType.JSON) declare relief: object;
  @Column(DataType.STRING) declare seen: string;
  @Column(DataType.STRING) declare keepClean: string | null;
}

@Table({ ...AS_IS, tableName: 'features' })
export class FeatureRow extends ChildRow {
  @Column(DataType.STRING) declare zoneId: string;
  @Column(DataType.STRING) declare kind: string;
  @Column(DataType.STRING) declare label: string;
  @Column(DataType.REAL) declare xMm: number;
  @Column(DataType.REAL) declare yMm: number;
}

@Table({ ...AS_IS, tableName: 'members' })
export class MemberRow extends ChildRow {
  @Column(DataType.STRING) declare label: string;
  @Column(DataType.JSON) declare differences: string[];
}

@Table({ ...AS_IS, tableName: 'pictures' })
export class PictureRow extends ChildRow {
  @Column(DataType.STRING) declare fileName: string;
  @Column(DataType.STRING) declare caption: string;
  @Column(DataType.STRING) declare takenOn: string | null;
  @Column(DataType.INTEGER) declare widthPx: number;
  @Column(DataType.INTEGER) declare heightPx: number;
  @Column(DataType.JSON) declare pins: object[];
}

@Table({ ...AS_IS, tableName: 'checks' })
export class CheckRow extends ChildRow {
  @Column(DataType.STRING) declare when: string;
  @Column(DataType.STRING) declare text: string;
  @Column(DataType.BOOLEAN) declare done: boolean;
}

@Table({ ...AS_IS, tableName: 'step_groups' })
export class StepGroupRow extends ChildRow {
  @Column(DataType.STRING) declare name: string;
  @Column(DataType.INTEGER) declare rounds: number;
  @Column(DataType.STRING) declare gate: string;
}

@Table({ ...AS_IS, tableName: 'steps' })
export class StepRow extends ChildRow {
  @Column(DataType.STRING) declare technique: string;
  @Column(DataType.STRING) declare material: string | null;
  @Column(DataType.STRING) declare bottleId: string | null;
  @Column(DataType.STRING) declare mixId: string | null;
  @Column(DataType.JSON) declare zones: string[];
  @Column(DataType.JSON) declare dilution: object | null;
  @Column(DataType.INTEGER) declare coats: number;
  @Column(DataType.REAL) declare coverPct: number | null;
  @Column(DataType.REAL) declare strength: number | null;
  @Column(DataType.STRING) declare tool: string | null;
  @Column(DataType.REAL) declare dryUm: number | null;
  @Column(DataType.REAL) declare airPressureBar: number | null;
  @Column(DataType.STRING) declare direction: string | null;
  @Column(DataType.STRING) declare source: string | null;
  @Column(DataType.REAL) declare allowance: number | null;
  @Column(DataType.STRING) declare colour: string | null;
  @Column(DataType.STRING) declare drying: string;
  @Column(DataType.STRING) declare dryingPlace: string | null;
  @Column(DataType.REAL) declare handsOnMin: number | null;
  @Column(DataType.REAL) declare waitMin: number | null;
  @Column(DataType.STRING) declare pinnedAt: string | null;
  @Column(DataType.STRING) declare priority: string;
  @Column(DataType.STRING) declare groupId: string | null;
  @Column(DataType.JSON) declare members: string[] | null;
  @Column(DataType.STRING) declare gate: string | null;
  @Column(DataType.BOOLEAN) declare daylight: boolean;
  @Column(DataType.STRING) declare fromWish: string | null;
  @Column(DataType.STRING) declare note: string;
}

/** What was deleted and may come back. */
@Table({ ...AS_IS, tableName: 'bin' })
export class BinRow extends Model {
  @PrimaryKey @Column(DataType.STRING) declare kind: string;
  @PrimaryKey @Column(DataType.STRING) declare id: string;
  @Column(DataType.STRING) declare name: string;
  @Column(DataType.JSON) declare content: object;
  @Column(DataType.STRING) declare deletedAt: string;
}

export const MODELS: ModelCtor[] = [
  WorkshopRow,
  WeeklyEveningRow,
  SingleDateRow,
  DryingPlaceRow,
  MaterialRow,
  BottleRow,
  MixRow,
  FinishRow,
  PieceRow,
  PartRow,
  ZoneRow,
  FeatureRow,
  MemberRow,
  PictureRow,
  CheckRow,
  StepGroupRow,
  StepRow,
  LogEntryRow,
  DeviceRow,
  ScreenRow,
  AirReadingRow,
  BinRow,
];

/** Rows with a version for optimistic locking. */
export const VERSIONED: ModelCtor[] = [WorkshopRow, MaterialRow, BottleRow, MixRow, FinishRow, PieceRow, LogEntryRow];
