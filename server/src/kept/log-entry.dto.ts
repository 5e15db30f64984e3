import {
  AIR_SOURCES,
  ENTRY_KINDS,
  type AirSource,
  type DryTest,
  type EntryKind,
  type LogEntry,
  type TroubleMet,
  type WorkPart,
} from '@eveningtide/core/log';
import { MOST_COATS, MOST_MIN, MOST_PICTURES, MOST_SITTINGS } from '@eveningtide/core/limits';
import { PictureDto } from './piece.dto.js';
import { StepDto } from './step.dto.js';
import {
  Between,
  Id,
  Missing,
  ListOf,
  LocalMoment,
  Name,
  OneOf,
  OneWord,
  OrNull,
  StepName,
  Text,
  Whole,
  Words,
} from '../validation/rules.js';
import { AirDto } from './workshop.dto.js';

/** A step as it was done: with the round behind its id. */
export class DoneStepDto extends StepDto {
  @StepName() declare id: string;
}

export class TroubleMetDto implements TroubleMet {
  @Id() trouble: string;
  @OrNull() @Id() remedy: string | null;
}

export class DryTestDto implements DryTest {
  @LocalMoment() at: string;
  @Between(0, 1_000_000) labelMin: number;
}

export class WorkPartDto implements WorkPart {
  @Between(0, MOST_COATS) from: number;
  @Between(0, MOST_COATS) to: number;
}

export class LogEntryDto implements LogEntry {
  @Id() id: string;
  @OneWord(ENTRY_KINDS) kind: EntryKind;
  @Id() pieceId: string;
  @OrNull() @StepName() stepId: string | null;
  @Whole(0, MOST_SITTINGS) sitting: number;
  @Missing() @OneOf(() => WorkPartDto) part?: WorkPartDto;
  @OrNull() @OneOf(() => DoneStepDto) step: DoneStepDto | null;
  @LocalMoment() startedAt: string;
  @OrNull() @LocalMoment() endedAt: string | null;
  @Missing() @Whole(-900, 900) utcOffsetMin?: number;
  @OrNull() @Between(0, MOST_MIN) plannedMin: number | null;
  @OrNull() @Between(0, MOST_MIN) tookMin: number | null;
  @OrNull() @OneOf(() => AirDto) air: AirDto | null;
  @OneWord(AIR_SOURCES) airFrom: AirSource;
  @Text() mix: string;
  @Words() marks: string[];
  @Text() note: string;
  @OrNull() @OneOf(() => TroubleMetDto) met: TroubleMetDto | null;
  @OrNull() @OneOf(() => DryTestDto) dryTest: DryTestDto | null;
  @ListOf(() => PictureDto, MOST_PICTURES) pictures: PictureDto[];
  @OrNull() @Name() setAside: string | null;
}
