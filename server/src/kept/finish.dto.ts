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
import { LEAST_RATIO, MOST_RATIO, MOST_CHANGES, MOST_COUNT, MOST_GROUPS, MOST_STEPS, MOST_ZONES } from '@eveningtide/core/limits';
import { ReliefDto } from './piece.dto.js';
import { StepDto, StepGroupDto } from './step.dto.js';
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
  @Whole(1, MOST_COUNT) version: number;
  @Day() savedOn: string;
  @Text() note: string;
  @Name() fromPiece: string;
  @OneWord(PIECE_KINDS) kind: PieceKind;
  @Between(LEAST_RATIO, MOST_RATIO) scaleRatio: number;
  @YesNo() handled: boolean;
  @OneWord(SHEENS.filter((sheen) => sheen !== 'bare')) sheenWanted: Exclude<Sheen, 'bare'>;
  @ListOf(() => FinishZoneDto, MOST_ZONES) zones: FinishZoneDto[];
  @ListOf(() => StepGroupDto, MOST_GROUPS) groups: StepGroupDto[];
  @ListOf(() => StepDto, MOST_STEPS) steps: StepDto[];
}

export class FinishDto implements Finish {
  @Id() id: string;
  @Name() name: string;
  @ListOf(() => FinishVersionDto, MOST_CHANGES) versions: FinishVersionDto[];
}
