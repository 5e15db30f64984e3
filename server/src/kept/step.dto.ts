import { AIRFLOWS, type Airflow } from '@eveningtide/core/drying';
import type { Dilution } from '@eveningtide/core/mixing';
import { DIRECTIONS, PRIORITIES, type Direction, type Priority, type Step, type StepGroup } from '@eveningtide/core/subjects';
import { MOST_COATS, MOST_MEMBERS, MOST_MIN, MOST_ML, MOST_ZONES } from '@eveningtide/core/limits';
import type { ApiPropertyOptions } from '@nestjs/swagger';
import { Between, Colour, Id, Ids, LocalDateTime, Name, OneWord, OrNull, Shaped, Text, Whole, YesNo } from '../validation/rules.js';

const isAmount = (n: unknown): boolean => typeof n === 'number' && n >= 0 && n <= 1000;

/** A dilution is one of two shapes; class-validator has no union, so the shape is checked as a whole. */
function isDilution(value: unknown): boolean {
  if (typeof value !== 'object' || value === null) return false;
  const { thinner, parts, drops, inMl, ...rest } = value as Record<string, unknown>;
  if (typeof thinner !== 'string' || Object.keys(rest).length > 0) return false;
  if (parts !== undefined)
    return drops === undefined && inMl === undefined && Array.isArray(parts) && parts.length === 2 && parts.every(isAmount);
  return isAmount(drops) && isAmount(inMl);
}

const AMOUNT = { type: 'number', minimum: 0, maximum: 1000 } as const;
const DILUTION_SCHEMA: ApiPropertyOptions = {
  type: 'object',
  additionalProperties: false,
  properties: {
    thinner: { type: 'string' },
    parts: { type: 'array', items: AMOUNT, minItems: 2, maxItems: 2 },
    drops: AMOUNT,
    inMl: AMOUNT,
  },
  required: ['thinner'],
};

const IsDilution = () =>
  Shaped(
    'dilution',
    DILUTION_SCHEMA,
    isDilution,
    '{ thinner, parts: [paint, thinner] } or { thinner, drops, inMl } with amounts from 0 to 1000',
  );

export class StepDto implements Step {
  @Id() id: string;
  @Id() technique: string;
  @OrNull() @Id() material: string | null;
  @OrNull() @Id() bottleId: string | null;
  @OrNull() @Id() mixId: string | null;
  @Ids(MOST_ZONES + 1) zones: string[];
  @OrNull() @IsDilution() dilution: Dilution | null;
  @Whole(1, MOST_COATS) coats: number;
  @OrNull() @Between(0, 100) coverPct: number | null;
  @OrNull() @Between(0, 1) strength: number | null;
  @OrNull() @Name() tool: string | null;
  @OrNull() @Between(0.1, 5000) dryUm: number | null;
  @OrNull() @Between(0, 10) airPressureBar: number | null;
  @OrNull() @OneWord(DIRECTIONS) direction: Direction | null;
  @OrNull() @Name() source: string | null;
  @OrNull() @YesNo() intoWet: boolean | null;
  @OrNull() @Name() place: string | null;
  @OrNull() @Between(0, 10) allowance: number | null;
  @OrNull() @Between(0, MOST_ML) amountMl: number | null;
  @OrNull() @Colour() colour: string | null;
  @OneWord(AIRFLOWS) drying: Airflow;
  @OrNull() @Id() dryingPlace: string | null;
  @OrNull() @Between(0, 600) handsOnMin: number | null;
  @OrNull() @Between(0, MOST_MIN) waitMin: number | null;
  @OrNull() @LocalDateTime() pinnedAt: string | null;
  @OneWord(PRIORITIES) priority: Priority;
  @OrNull() @Id() groupId: string | null;
  @OrNull() @Ids(MOST_MEMBERS) members: string[] | null;
  @OrNull() @Name() gate: string | null;
  @YesNo() daylight: boolean;
  @OrNull() @Id() fromWish: string | null;
  @Text() note: string;
}

export class StepGroupDto implements StepGroup {
  @Id() id: string;
  @Name() name: string;
  @Whole(1, 3) rounds: number;
  @Text() gate: string;
}
