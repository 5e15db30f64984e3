import { PLAN_FORMAT, PLAN_VERSION, type PlanFile } from '@eveningtide/core/plan-file';
import { BottleDto } from '../bottles/bottle.dto.js';
import { FinishDto } from '../finishes/finish.dto.js';
import { LogEntryDto } from '../log/log-entry.dto.js';
import { OwnMaterialDto } from '../materials/material.dto.js';
import { MixDto } from '../mixes/mix.dto.js';
import { PieceDto } from '../pieces/piece.dto.js';
import { Day, ListOf, OneOf, OneWord, OrNull, Whole } from '../validation/rules.js';
import { WorkshopDto } from '../workshop/workshop.dto.js';

export class PlanFileDto implements PlanFile {
  @OneWord([PLAN_FORMAT]) format: typeof PLAN_FORMAT;
  @Whole(1, PLAN_VERSION) version: number;
  @OrNull() @Day() anchorDate: string | null;
  @OneOf(() => WorkshopDto) workshop: WorkshopDto;
  @ListOf(() => OwnMaterialDto, 5000) materials: OwnMaterialDto[];
  @ListOf(() => BottleDto, 20_000) bottles: BottleDto[];
  @ListOf(() => MixDto, 20_000) mixes: MixDto[];
  @ListOf(() => FinishDto, 5000) finishes: FinishDto[];
  @ListOf(() => PieceDto, 10_000) pieces: PieceDto[];
  @ListOf(() => LogEntryDto, 1_000_000) log: LogEntryDto[];
}
