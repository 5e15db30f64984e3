import type { Finish, FinishVersion, FinishZone } from '@eveningtide/core/finishes';
import {
  KEEP_CLEAN,
  PIECE_KINDS,
  SEEN,
  SHEENS,
  type KeepClean,
  type PieceKind,
  type Seen,
  type Sheen,
  type SubstrateId,
} from '@eveningtide/core/subjects';
import { ReliefDto } from '../pieces/piece.dto.js';
import { StepDto, StepGroupDto } from '../pieces/step.dto.js';
import { Between, Day, Id, ListOf, Name, OneOf, OneWord, OrNull, Text, Whole, YesNo } from '../validation/rules.js';

export class FinishZoneDto implements FinishZone {
  @Id() id: string;
  @Name() name: string;
  @Id() substrate: SubstrateId;
  @OneWord(SHEENS) startSheen: Sheen;
  @OneOf(() => ReliefDto) relief: ReliefDto;
  @OneWord(SEEN) seen: Seen;
  @OrNull() @OneWord(KEEP_CLEAN) keepClean: KeepClean | null;
}

export class FinishVersionDto implements FinishVersion {
  @Whole(1, 100_000) version: number;
  @Day() savedOn: string;
  @Text() note: string;
  @Name() fromPiece: string;
  @OneWord(PIECE_KINDS) kind: PieceKind;
  @Between(1, 1000) scaleRatio: number;
  @YesNo() handled: boolean;
  @OneWord(SHEENS.filter((sheen) => sheen !== 'bare')) sheenWanted: Exclude<Sheen, 'bare'>;
  @ListOf(() => FinishZoneDto, 60) zones: FinishZoneDto[];
  @ListOf(() => StepGroupDto, 40) groups: StepGroupDto[];
  @ListOf(() => StepDto, 200) steps: StepDto[];
}

export class FinishDto implements Finish {
  @Id() id: string;
  @Name() name: string;
  @ListOf(() => FinishVersionDto, 200) versions: FinishVersionDto[];
}

/** A finish and the version it was read at: a save from an older one is refused. */
export class SaveFinishDto {
  @Whole(0, Number.MAX_SAFE_INTEGER) version: number;
  @OneOf(() => FinishDto) finish: FinishDto;
}
