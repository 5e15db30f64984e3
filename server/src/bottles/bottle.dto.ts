import type { Bottle } from '@eveningtide/core/materials';
import { Between, Colour, Day, Id, Name, OneOf, OrNull, Text, Whole } from '../validation/rules.js';

export class BottleDto implements Bottle {
  @Id() id: string;
  @Name() name: string;
  @Id() material: string;
  @Colour() colour: string;
  @OrNull() @Between(0, 100_000) sizeMl: number | null;
  @OrNull() @Between(0, 100_000) leftMl: number | null;
  @OrNull() @Day() openedOn: string | null;
  @OrNull() @Day() triedOn: string | null;
  @Text() place: string;
  @Text() note: string;
}

export class SaveBottleDto {
  @Whole(0, Number.MAX_SAFE_INTEGER) version: number;
  @OneOf(() => BottleDto) bottle: BottleDto;
}
