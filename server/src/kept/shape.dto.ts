import { LEAST_RATIO, MOST_RATIO, MOST_CHECKS, MOST_PARTS, MOST_ZONES } from '@eveningtide/core/limits';
import { PIECE_KINDS, type KeptShape, type PieceKind } from '@eveningtide/core/subjects';
import { Between, Id, ListOf, Name, OneOf, OneWord, YesNo } from '../validation/rules.js';
import { CheckDto, FeatureDto, PartDto, ShapeDto, SizeDto, ZoneDto } from './piece.dto.js';

export class KeptShapeDto implements KeptShape {
  @Id() id: string;
  @Name() name: string;
  @OneWord(PIECE_KINDS) kind: PieceKind;
  @Between(LEAST_RATIO, MOST_RATIO) scaleRatio: number;
  @OneOf(() => SizeDto) sizeMm: SizeDto;
  @YesNo() handled: boolean;
  @ListOf(() => PartDto, MOST_PARTS) parts: PartDto[];
  @ListOf(() => ZoneDto, MOST_ZONES) zones: ZoneDto[];
  @ListOf(() => FeatureDto) features: FeatureDto[];
  @ListOf(() => CheckDto, MOST_CHECKS) checks: CheckDto[];
  @OneOf(() => ShapeDto) shape: ShapeDto;
}
