import type { Bottle, WhiteSwatch } from '@eveningtide/core/materials';
import { SaveMaterialDto } from '../materials/material.dto.js';
import { Between, Colour, Day, Id, ListOf, Missing, Name, OneOf, OrNull, Shaped, Text, Whole } from '../validation/rules.js';

const PART = { type: 'number', minimum: 0.01, maximum: 1000 } as const;
const isPart = (part: unknown): boolean => typeof part === 'number' && part >= PART.minimum && part <= PART.maximum;

export class WhiteSwatchDto implements WhiteSwatch {
  @Shaped(
    'parts',
    { type: 'array', items: PART, minItems: 2, maxItems: 2 },
    (parts) => Array.isArray(parts) && parts.length === 2 && parts.every(isPart),
    'parts of paint and of white, two numbers of 0.01–1000',
  )
  parts: [number, number];
  @Colour() colour: string;
}

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
  @OrNull() @Between(0, 100_000) price: number | null;
  @OrNull() @OneOf(() => WhiteSwatchDto) whiteSwatch: WhiteSwatchDto | null;
  @OrNull() @Between(5, 100) dropsPerMl: number | null;
}

export class SaveBottleDto {
  @Whole(0, Number.MAX_SAFE_INTEGER) version: number;
  @OneOf(() => BottleDto) bottle: BottleDto;
}

/** As many as a shelf file may bring. */
const MOST_AT_ONCE = 5000;

/** Several bottles at once, with the materials of one's own that they are of: all are saved, or none. */
export class SaveBottlesDto {
  @ListOf(() => SaveBottleDto, MOST_AT_ONCE) bottles: SaveBottleDto[];
  @Missing() @ListOf(() => SaveMaterialDto, MOST_AT_ONCE) materials?: SaveMaterialDto[];
}
