import { FORMERS, MATTERS, PROFILES, type Former, type Grain, type Load, type Matter, type Profile } from '@eveningtide/core/loads';
import {
  LEAST_RATIO,
  MOST_RATIO,
  LONGEST_STRIP_MM,
  MOST_COUNT,
  MOST_GRAINS,
  MOST_WAGON_G,
  THICKEST_STRIP_MM,
} from '@eveningtide/core/limits';
import { Between, Id, ListOf, Name, OneWord, OrNull, Text, Whole, YesNo } from '../validation/rules.js';

export class GrainDto implements Grain {
  @Id() id: string;
  @Name() name: string;
  @OneWord(MATTERS) matter: Matter;
  @Between(0.01, THICKEST_STRIP_MM) grainMm: number;
  @Between(0, 1000) parts: number;
}

export class LoadDto implements Load {
  @Id() id: string;
  @Name() name: string;
  @Between(LEAST_RATIO, MOST_RATIO) scaleRatio: number;
  @Whole(1, MOST_COUNT) count: number;
  @Between(0.1, LONGEST_STRIP_MM) lengthMm: number;
  @Between(0.1, LONGEST_STRIP_MM) widthMm: number;
  @Between(0, THICKEST_STRIP_MM) depthMm: number;
  @Between(0, THICKEST_STRIP_MM) overMm: number;
  @OneWord(PROFILES) profile: Profile;
  @OneWord(FORMERS) former: Former;
  @Between(0.1, THICKEST_STRIP_MM) coverMm: number;
  @ListOf(() => GrainDto, MOST_GRAINS) grains: GrainDto[];
  @Between(0, 1000) glueParts: number;
  @Between(0, 1000) waterParts: number;
  @YesNo() lifts: boolean;
  @YesNo() leaks: boolean;
  @OrNull() @Id() wagonId: string | null;
  @Text() consist: string;
  @OrNull() @Between(1, LONGEST_STRIP_MM) wagonMm: number | null;
  @OrNull() @Between(0.1, MOST_WAGON_G) wagonG: number | null;
  @Text() note: string;
}
