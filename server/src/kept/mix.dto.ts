import { MOST_COMPONENTS, type Mix, type MixChange, type MixComponent } from '@eveningtide/core/mixing';
import { MOST_CHANGES, MOST_COUNT, MOST_ML } from '@eveningtide/core/limits';
import { Between, Colour, Day, Id, ListOf, Name, OrNull, Text, Whole } from '../validation/rules.js';

export class MixComponentDto implements MixComponent {
  @Id() material: string;
  @OrNull() @Id() bottleId: string | null;
  @Between(0, MOST_ML) parts: number;
}

export class AddedDto {
  @Id() material: string;
  @OrNull() @Id() bottleId: string | null;
  @Between(0, 10_000) ml: number;
}

export class MixChangeDto implements MixChange {
  @Day() on: string;
  @Name() words: string;
  @ListOf(() => AddedDto, MOST_COMPONENTS) added: AddedDto[];
}

export class MixDto implements Mix {
  @Id() id: string;
  @Whole(1, MOST_COUNT) number: number;
  @Name() name: string;
  @ListOf(() => MixComponentDto, MOST_COMPONENTS) components: MixComponentDto[];
  @OrNull() @Between(0.01, MOST_ML) madeMl: number | null;
  @OrNull() @Day() madeOn: string | null;
  @OrNull() @Colour() colour: string | null;
  @ListOf(() => MixChangeDto, MOST_CHANGES) changes: MixChangeDto[];
  @Text() note: string;
}
