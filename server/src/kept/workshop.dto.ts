import { BRUSH_WIDTHS_MM } from '@eveningtide/core/techniques';
import type { Air, ClimateProfile, Daylight, DryingPlace } from '@eveningtide/core/climate';
import type { DropLiquid } from '@eveningtide/core/mixing';
import { CLOCK_STYLES, isLocalDateTime, UNIT_SYSTEMS, type ClockStyle, type UnitSystem } from '@eveningtide/core/units';
import { DATE_STYLES, WEEK_STARTS, type DateStyle, type WeekStart } from '@eveningtide/core/schedule';
import type {
  Display,
  Equipment,
  KeptPlan,
  Learning,
  Measuring,
  Planning,
  Room,
  RuleSetting,
  SingleDate,
  WeeklyEvening,
  Workshop,
} from '@eveningtide/core/schedule';
import { RULES, SEVERITIES } from '@eveningtide/core/sequence';
import type { Wishes } from '@eveningtide/core/solver';
import { SCHOOLS, type SchoolId, type Schools } from '@eveningtide/core/techniques';
import {
  Between,
  Clock,
  Day,
  Id,
  ListOf,
  LocalDateTime,
  Name,
  OneOf,
  OneNumber,
  OneWord,
  OrNull,
  Shaped,
  SomeOf,
  Whole,
  YesNo,
} from '../validation/rules.js';

export class AirDto implements Air {
  @Between(-10, 60) tempC: number;
  @Between(1, 100) rhPct: number;
}

export class DryingPlaceDto implements DryingPlace {
  @Id() id: string;
  @Name() name: string;
  @OneOf(() => AirDto) air: AirDto;
  @Whole(1, 500) models: number;
}

export class ClimateProfileDto implements ClimateProfile {
  @OneOf(() => AirDto) evening: AirDto;
  @OneOf(() => AirDto) night: AirDto;
  @ListOf(() => DryingPlaceDto, 20) places: DryingPlaceDto[];
}

export class WeeklyEveningDto implements WeeklyEvening {
  @Whole(0, 6) weekday: number;
  @Clock() start: string;
  @Clock() end: string;
}

export class SingleDateDto implements SingleDate {
  @Day() date: string;
  @OrNull() @Clock() start: string | null;
  @OrNull() @Clock() end: string | null;
}

export class DaylightDto implements Daylight {
  @OneWord(['typed', 'latitude']) by: 'typed' | 'latitude';
  @Clock() start: string;
  @Clock() end: string;
  @Between(-90, 90) latitudeDeg: number;
  @Clock() noon: string;
}

export class DroppersDto implements Record<DropLiquid, number> {
  @Between(5, 100) water: number;
  @Between(5, 100) alcohol: number;
  @Between(5, 100) spirit: number;
  @Between(5, 100) hot: number;
}

export class MeasuringDto implements Measuring {
  @Between(0.01, 5) syringeMl: number;
  @Between(0.1, 50) capMl: number;
  @Between(0.05, 20) spoonMl: number;
  @OneWord(['drops', 'syringe', 'caps']) countBy: Measuring['countBy'];
  @Shaped('currency', { type: 'string', maxLength: 8 }, (sign) => typeof sign === 'string' && sign.length <= 8, 'at most 8 characters')
  currency: string;
}

export class EquipmentDto implements Equipment {
  @YesNo() airbrush: boolean;
  @YesNo() cans: boolean;
  @Whole(1, 500) boothModels: number;
  @Whole(1, 500) benchModels: number;
  @SomeOf(BRUSH_WIDTHS_MM) brushesMm: number[];
}

export class RoomDto implements Room {
  @Between(1, 10_000) volumeM3: number;
  @Between(0, 100) airChangesPerH: number;
}

export class DisplayDto implements Display {
  @OneWord(UNIT_SYSTEMS) units: UnitSystem;
  @OneWord(DATE_STYLES) dates: DateStyle;
  @OneWord(CLOCK_STYLES) clock: ClockStyle;
  @OneNumber(WEEK_STARTS) weekFrom: WeekStart;
}

const School = (id: SchoolId) => OneWord(SCHOOLS[id].choices.map((choice) => choice.id));

export class SchoolsDto implements Schools {
  @School('fixingPowders') fixingPowders: Schools['fixingPowders'];
  @School('base') base: Schools['base'];
  @School('sealing') sealing: Schools['sealing'];
  @School('shading') shading: Schools['shading'];
  @School('drying') drying: Schools['drying'];
  @School('ground') ground: Schools['ground'];
  @School('order') order: Schools['order'];
  @School('glue') glue: Schools['glue'];
  @School('repeat') repeat: Schools['repeat'];
}

export class RuleSettingDto implements RuleSetting {
  @OneWord(RULES.map((rule) => rule.id)) rule: string;
  @OneWord([...SEVERITIES, 'off']) severity: RuleSetting['severity'];
}

export class WishesDto implements Wishes {
  @Between(0, 10) soonest: number;
  @Between(0, 10) fewest: number;
  @Between(0, 10) easy: number;
  @Between(0, 10) safe: number;
}

/** A step in a kept plan: piece, step with its round, sitting. */
const STEP_NAME = /^[A-Za-z0-9._~/-]{1,200}$/;
const isStepName = (value: unknown): value is string => typeof value === 'string' && STEP_NAME.test(value);
const MOST_KEPT = 20_000;
const isListOf = (test: (value: unknown) => boolean) => (value: unknown) =>
  Array.isArray(value) && value.length <= MOST_KEPT && value.every(test);
const isTime = (value: unknown): boolean => typeof value === 'string' && isLocalDateTime(value);
const TEXTS = { type: 'array', items: { type: 'string' } } as const;

export class NotBeforeDto {
  @Shaped('stepName', { type: 'string' }, isStepName, 'piece/step/sitting') step: string;
  @LocalDateTime() at: string;
}

export class KeptPlanDto implements KeptPlan {
  @Day() keptOn: string;
  @Shaped('stepNames', TEXTS, isListOf(isStepName), 'a list of piece/step/sitting') order: string[];
  @Shaped('times', TEXTS, isListOf(isTime), 'a list of YYYY-MM-DDTHH:mm') keptFree: string[];
  @ListOf(() => NotBeforeDto, MOST_KEPT) notBefore: NotBeforeDto[];
}

export class PlanningDto implements Planning {
  @OneOf(() => WishesDto) wishes: WishesDto;
  @OrNull() @OneOf(() => KeptPlanDto) kept: KeptPlanDto | null;
}

export class LearningDto implements Learning {
  @YesNo() minutes: boolean;
  @YesNo() drying: boolean;
}

export class WorkshopDto implements Workshop {
  @ListOf(() => WeeklyEveningDto, 21) weekly: WeeklyEveningDto[];
  @ListOf(() => SingleDateDto) dates: SingleDateDto[];
  @OneOf(() => ClimateProfileDto) climate: ClimateProfileDto;
  @OneOf(() => DaylightDto) daylight: DaylightDto;
  @YesNo() careful: boolean;
  @Between(0, 60) airbrushCleanMin: number;
  @OneOf(() => DroppersDto) dropsPerMl: DroppersDto;
  @OneOf(() => MeasuringDto) measuring: MeasuringDto;
  @OneOf(() => EquipmentDto) equipment: EquipmentDto;
  @OneOf(() => RoomDto) room: RoomDto;
  @OneOf(() => DisplayDto) display: DisplayDto;
  @OneOf(() => SchoolsDto) schools: SchoolsDto;
  @ListOf(() => RuleSettingDto, 100) rules: RuleSettingDto[];
  @OneOf(() => PlanningDto) planning: PlanningDto;
  @OneOf(() => LearningDto) learning: LearningDto;
}

export class SaveWorkshopDto {
  @Whole(0, Number.MAX_SAFE_INTEGER) version: number;
  @OneOf(() => WorkshopDto) workshop: WorkshopDto;
}
