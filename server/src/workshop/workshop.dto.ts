import type { Air, ClimateProfile, DryingPlace } from '@eveningtide/core/climate';
import type { SingleDate, WeeklyEvening, Workshop } from '@eveningtide/core/schedule';
import { Between, Clock, Day, Id, ListOf, Name, OneOf, OrNull, Whole, YesNo } from '../validation/rules.js';

export class AirDto implements Air {
  @Between(-10, 60) tempC: number;
  @Between(1, 100) rhPct: number;
}

export class DryingPlaceDto implements DryingPlace {
  @Id() id: string;
  @Name() name: string;
  @OneOf(() => AirDto) air: AirDto;
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

export class DaylightDto {
  @Clock() start: string;
  @Clock() end: string;
}

export class WorkshopDto implements Workshop {
  @ListOf(() => WeeklyEveningDto, 21) weekly: WeeklyEveningDto[];
  @ListOf(() => SingleDateDto) dates: SingleDateDto[];
  @OneOf(() => ClimateProfileDto) climate: ClimateProfileDto;
  @OneOf(() => DaylightDto) daylight: DaylightDto;
  @YesNo() careful: boolean;
  @Between(0, 60) airbrushCleanMin: number;
  @Between(5, 100) dropsPerMl: number;
}

export class SaveWorkshopDto {
  @Whole(0, Number.MAX_SAFE_INTEGER) version: number;
  @OneOf(() => WorkshopDto) workshop: WorkshopDto;
}
