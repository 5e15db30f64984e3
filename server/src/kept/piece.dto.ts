import {
  DOWNS,
  KEEP_CLEAN,
  LIKENESSES,
  MADE_OF,
  PIECE_KINDS,
  SEEN,
  SHEENS,
  VIEW_IDS,
  type Check,
  type Down,
  type Feature,
  type FinishUse,
  type Hidden,
  type KeepClean,
  type Likeness,
  type MadeOf,
  type Member,
  type Part,
  type Patch,
  type Picture,
  type Piece,
  type PieceKind,
  type Pin,
  type Point,
  type Relief,
  type Seen,
  type Shape,
  type Sheen,
  type Size,
  type SubstrateId,
  type View,
  type ViewId,
  type Waiver,
  type Zone,
} from '@eveningtide/core/subjects';
import {
  LEAST_RATIO,
  MOST_RATIO,
  FARTHEST_MM,
  MOST_ALIKE,
  MOST_CHANGES,
  MOST_CHECKS,
  MOST_CORNERS,
  MOST_COUNT,
  MOST_GROUPS,
  MOST_LINES,
  MOST_MEMBERS,
  MOST_PARTS,
  MOST_PATCHES,
  MOST_PICTURES,
  MOST_SETS,
  MOST_STEPS,
  MOST_ZONES,
} from '@eveningtide/core/limits';
import {
  Between,
  Colour,
  Day,
  FileName,
  Id,
  Lines,
  ListOf,
  Name,
  OneOf,
  OneWord,
  OrNull,
  Outline,
  Outlines,
  Text,
  Whole,
  Words,
  YesNo,
} from '../validation/rules.js';
import { IntentDto } from './intent.dto.js';
import { StepDto, StepGroupDto } from './step.dto.js';

const WANTED_SHEENS = SHEENS.filter((sheen) => sheen !== 'bare');

export class PartDto implements Part {
  @Id() id: string;
  @Name() name: string;
  @YesNo() removable: boolean;
}

export class ReliefDto implements Relief {
  @Between(0, 50_000) grooveDepthUm: number;
  @Between(0, 50_000) grooveWidthUm: number;
  @Between(0, 50_000) crestHeightUm: number;
}

export class PatchDto implements Patch {
  @Id() zoneId: string;
  @Outline() outline: Point[];
  @Outlines(MOST_CORNERS) holes: Point[][];
  @Whole(0, 1000) count: number;
  @Between(0, 100) stretch: number;
}

export class ViewDto implements View {
  @OneWord(VIEW_IDS) id: ViewId;
  @Name() name: string;
  @Between(0, FARTHEST_MM) widthMm: number;
  @Between(0, FARTHEST_MM) heightMm: number;
  @ListOf(() => PatchDto, MOST_PATCHES) patches: PatchDto[];
  @Lines(MOST_LINES) lines: Point[][];
}

export class HiddenDto implements Hidden {
  @Id() zoneId: string;
  @Between(0, 10_000_000) areaMm2: number;
}

export class ShapeDto implements Shape {
  @ListOf(() => ViewDto, VIEW_IDS.length) views: ViewDto[];
  @ListOf(() => HiddenDto, MOST_ZONES) hidden: HiddenDto[];
}

export class ZoneDto implements Zone {
  @Id() id: string;
  @Id() partId: string;
  @Name() name: string;
  @Id() role: string;
  @OrNull() @OneWord(MADE_OF) of: MadeOf | null;
  @OrNull() @YesNo() carries: boolean | null;
  @Words(MOST_SETS) sets: string[];
  @Whole(1, MOST_ALIKE) count: number;
  @Id() substrate: SubstrateId;
  @OneWord(SHEENS) startSheen: Sheen;
  @OrNull() @Colour() startColour: string | null;
  @Between(0, 10_000_000) areaMm2: number;
  @OneWord(DOWNS) down: Down;
  @OneOf(() => ReliefDto) relief: ReliefDto;
  @OneWord(SEEN) seen: Seen;
  @OrNull() @OneWord(KEEP_CLEAN) keepClean: KeepClean | null;
}

export class FeatureDto implements Feature {
  @Id() id: string;
  @Id() zoneId: string;
  @Name() kind: string;
  @Name() label: string;
  @Between(-10_000, 10_000) xMm: number;
  @Between(-10_000, 10_000) yMm: number;
}

export class MemberDto implements Member {
  @Id() id: string;
  @Name() label: string;
  @Words() differences: string[];
}

export class PinDto implements Pin {
  @Id() id: string;
  @Between(0, 1) xShare: number;
  @Between(0, 1) yShare: number;
  @OrNull() @Id() zoneId: string | null;
  @OrNull() @Id() featureId: string | null;
  @Text() note: string;
}

export class PictureDto implements Picture {
  @Id() id: string;
  @FileName() fileName: string;
  @Text() caption: string;
  @OrNull() @Day() takenOn: string | null;
  @Whole(0, 20_000) widthPx: number;
  @Whole(0, 20_000) heightPx: number;
  @ListOf(() => PinDto) pins: PinDto[];
}

export class CheckDto implements Check {
  @Id() id: string;
  @OneWord(['before', 'after']) when: 'before' | 'after';
  @Name() text: string;
  @YesNo() done: boolean;
}

export class SizeDto implements Size {
  @Between(0.1, 10_000) lengthMm: number;
  @Between(0.1, 10_000) widthMm: number;
  @Between(0.1, 10_000) heightMm: number;
}

export class WaiverDto implements Waiver {
  @Id() rule: string;
  @Id() stepId: string;
  @Name() reason: string;
}

export class FinishUseDto implements FinishUse {
  @Id() finishId: string;
  @Whole(1, MOST_COUNT) version: number;
  @Id() setId: string;
}

export class PieceDto implements Piece {
  @Id() id: string;
  @Name() name: string;
  @OneWord(PIECE_KINDS) kind: PieceKind;
  @Id() template: string;
  @Between(LEAST_RATIO, MOST_RATIO) scaleRatio: number;
  @OrNull() @OneOf(() => SizeDto) sizeMm: SizeDto | null;
  @OrNull() @OneOf(() => ShapeDto) shape: ShapeDto | null;
  @YesNo() handled: boolean;
  @YesNo() cleaned: boolean;
  @OneWord(WANTED_SHEENS) sheenWanted: Exclude<Sheen, 'bare'>;
  @OrNull() @Day() doneBy: string | null;
  @OrNull() @Day() archivedOn: string | null;
  @Text() note: string;
  @OneWord(LIKENESSES) likeness: Likeness;
  @OrNull() @Whole(0, 4_294_967_295) varySeed: number | null;
  @OrNull() @OneOf(() => FinishUseDto) finish: FinishUseDto | null;
  @OrNull() @OneOf(() => IntentDto) intent: IntentDto | null;
  @ListOf(() => WaiverDto, MOST_CHANGES) waivers: WaiverDto[];
  @ListOf(() => PartDto, MOST_PARTS) parts: PartDto[];
  @ListOf(() => ZoneDto, MOST_ZONES) zones: ZoneDto[];
  @ListOf(() => FeatureDto) features: FeatureDto[];
  @ListOf(() => MemberDto, MOST_MEMBERS) members: MemberDto[];
  @ListOf(() => PictureDto, MOST_PICTURES) pictures: PictureDto[];
  @ListOf(() => CheckDto, MOST_CHECKS) checks: CheckDto[];
  @ListOf(() => StepGroupDto, MOST_GROUPS) groups: StepGroupDto[];
  @ListOf(() => StepDto, MOST_STEPS) steps: StepDto[];
}
