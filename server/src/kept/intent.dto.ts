import {
  DISTANCES,
  ERAS,
  PRIORITIES,
  REGIONS,
  UPKEEPS,
  type Distance,
  type Era,
  type Intent,
  type Priority,
  type Region,
  type Story,
  type Upkeep,
  type Wish,
} from '@eveningtide/core/subjects';
import { MOST_STEPS, MOST_WISHES, MOST_ZONES } from '@eveningtide/core/limits';
import { Between, Colour, Id, Ids, ListOf, OneOf, OneWord, OrNull, Whole, YesNo } from '../validation/rules.js';

export class StoryDto implements Story {
  @OneWord(REGIONS) region: Region;
  @OneWord(ERAS) era: Era;
  @Between(0, 200) ageYears: number;
  @OneWord(UPKEEPS) upkeep: Upkeep;
  @OneWord(DISTANCES) seenFrom: Distance;
  @YesNo() camera: boolean;
}

export class WishDto implements Wish {
  @Id() id: string;
  @Id() effect: string;
  @OrNull() @Id() way: string | null;
  @OrNull() @Ids(MOST_ZONES) zones: string[] | null;
  @OrNull() @Id() featureId: string | null;
  @Between(0, 1) intensity: number;
  @OneWord(PRIORITIES) priority: Priority;
  @OrNull() @Colour() colour: string | null;
}

export class IntentDto implements Intent {
  @OneOf(() => StoryDto) story: StoryDto;
  @ListOf(() => WishDto, MOST_WISHES) wishes: WishDto[];
  @Whole(0, MOST_STEPS) doneSteps: number;
  @YesNo() keepOrder: boolean;
  @OrNull() @Between(1, 10_000) timeBoxMin: number | null;
}
