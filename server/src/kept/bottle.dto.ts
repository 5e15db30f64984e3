import type { Bottle, WhiteSwatch } from '@eveningtide/core/materials';
import { MOST_ML, MOST_PRICE } from '@eveningtide/core/limits';
import { Between, Colour, Day, Id, Name, OneOf, OrNull, Shaped, Text } from '../validation/rules.js';

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
  @OrNull() @Between(0, MOST_ML) sizeMl: number | null;
  @OrNull() @Between(0, MOST_ML) leftMl: number | null;
  @OrNull() @Day() openedOn: string | null;
  @OrNull() @Day() triedOn: string | null;
  @Text() place: string;
  @Text() note: string;
  @OrNull() @Between(0, MOST_PRICE) price: number | null;
  @OrNull() @OneOf(() => WhiteSwatchDto) whiteSwatch: WhiteSwatchDto | null;
  @OrNull() @Between(5, 100) dropsPerMl: number | null;
}
