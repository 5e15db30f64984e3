import {
  FARTHEST_MM,
  LEAST_RATIO,
  LONGEST_STRIP_MM,
  MOST_COUNT,
  MOST_GLUED_BOARDS,
  MOST_KEEP_OFFS,
  MOST_PLANTS,
  MOST_RATIO,
  MOST_ROUNDS,
  MOST_SORTS,
  THICKEST_STRIP_MM,
} from '@eveningtide/core/limits';
import {
  GROUND_STANCES,
  GROWTH_KINDS,
  KEEP_OFF_KINDS,
  PLANT_KINDS,
  type GroundStance,
  type GrowthKind,
  type KeepOff,
  type KeepOffKind,
  type Growth,
  type MovedPlant,
  type PlantKind,
  type Planting,
  type Plants,
} from '@eveningtide/core/planting';
import { Between, Colour, Id, ListOf, Name, OneWord, OrNull, Text, Whole, YesNo } from '../validation/rules.js';

export class GrowthDto implements Growth {
  @Id() id: string;
  @Name() name: string;
  @OneWord(GROWTH_KINDS) kind: GrowthKind;
  @Between(0, 100) sharePct: number;
  @OrNull() @Between(0.1, THICKEST_STRIP_MM) fibreMm: number | null;
  @Whole(1, MOST_ROUNDS) rounds: number;
  @OrNull() @Colour() colour: string | null;
}

export class PlantsDto implements Plants {
  @Id() id: string;
  @Name() name: string;
  @OneWord(PLANT_KINDS) plant: PlantKind;
  @Whole(0, MOST_PLANTS) count: number;
  @Between(0.1, THICKEST_STRIP_MM) acrossMm: number;
  @Between(0.1, THICKEST_STRIP_MM) heightMm: number;
  @YesNo() inThrees: boolean;
}

export class KeepOffDto implements KeepOff {
  @Id() id: string;
  @Name() name: string;
  @OneWord(KEEP_OFF_KINDS) kind: KeepOffKind;
  @Between(-FARTHEST_MM, FARTHEST_MM) fromXMm: number;
  @Between(-FARTHEST_MM, FARTHEST_MM) fromYMm: number;
  @Between(-FARTHEST_MM, FARTHEST_MM) toXMm: number;
  @Between(-FARTHEST_MM, FARTHEST_MM) toYMm: number;
  @Between(0.1, THICKEST_STRIP_MM) widthMm: number;
}

export class MovedPlantDto implements MovedPlant {
  @Id() plantsId: string;
  @Whole(0, MOST_PLANTS) at: number;
  @Between(-FARTHEST_MM, FARTHEST_MM) xMm: number;
  @Between(-FARTHEST_MM, FARTHEST_MM) yMm: number;
}

export class PlantingDto implements Planting {
  @Id() id: string;
  @Name() name: string;
  @Between(LEAST_RATIO, MOST_RATIO) scaleRatio: number;
  @OneWord(GROUND_STANCES) stance: GroundStance;
  @Between(1, LONGEST_STRIP_MM) lengthMm: number;
  @Between(1, LONGEST_STRIP_MM) widthMm: number;
  @OrNull() @Whole(2, MOST_GLUED_BOARDS) boards: number | null;
  @OrNull() @Id() pieceId: string | null;
  @OrNull() @Id() zoneId: string | null;
  @ListOf(() => GrowthDto, MOST_SORTS) growths: GrowthDto[];
  @ListOf(() => PlantsDto, MOST_SORTS) plants: PlantsDto[];
  @ListOf(() => KeepOffDto, MOST_KEEP_OFFS) keepOffs: KeepOffDto[];
  @Whole(0, MOST_COUNT) seed: number;
  @ListOf(() => MovedPlantDto, MOST_SORTS * MOST_PLANTS) moved: MovedPlantDto[];
  @Text() note: string;
}
