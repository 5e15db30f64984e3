import type { Mix, MixChange, MixComponent } from '@eveningtide/core/mixing';
import { Between, Colour, Day, Id, ListOf, Name, OneOf, OrNull, Text, Whole } from '../validation/rules.js';

export class MixComponentDto implements MixComponent {
  @Id() material: string;
  @OrNull() @Id() bottleId: string | null;
  @Between(0, 100_000) parts: number;
}

export class AddedDto {
  @Id() material: string;
  @OrNull() @Id() bottleId: string | null;
  @Between(0, 10_000) ml: number;
}

export class MixChangeDto implements MixChange {
  @Day() on: string;
  @Name() words: string;
  @ListOf(() => AddedDto, 5) added: AddedDto[];
}

export class MixDto implements Mix {
  @Id() id: string;
  @Whole(1, 100_000) number: number;
  @Name() name: string;
  @ListOf(() => MixComponentDto, 5) components: MixComponentDto[];
  @OrNull() @Between(0.01, 100_000) madeMl: number | null;
  @OrNull() @Day() madeOn: string | null;
  @OrNull() @Colour() colour: string | null;
  @ListOf(() => MixChangeDto, 200) changes: MixChangeDto[];
  @Text() note: string;
}

export class SaveMixDto {
  @Whole(0, Number.MAX_SAFE_INTEGER) version: number;
  @OneOf(() => MixDto) mix: MixDto;
}
