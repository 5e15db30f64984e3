import { applyDecorators } from '@nestjs/common';
import { ApiProperty, type ApiPropertyOptions } from '@nestjs/swagger';
import { FIRST_DAY, LAST_DAY, isClock, isWithinReach, isLocalDateTime, isMoment } from '@eveningtide/core/units';
import { FARTHEST_MM, LONGEST_NAME, LONGEST_TEXT, MOST_CORNERS, MOST_ITEMS } from '@eveningtide/core/limits';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsNumber,
  IsString,
  Matches,
  Max,
  MaxLength,
  Min,
  ValidateBy,
  ValidateIf,
} from 'class-validator';
import { holds, type Shape } from './nested.js';

/**
 * The few kinds of field that everything is made of. Each says in its message what is allowed; the value and the
 * field's name are added when the errors are told.
 */
const ID = /^[A-Za-z0-9_.-]{1,64}$/;
const HEX = /^#[0-9a-fA-F]{6}$/;

/** The same rule for the description of the interface and the JSON Schema of the plan file. */
const described = (options: ApiPropertyOptions, ...rules: PropertyDecorator[]) => applyDecorators(ApiProperty(options), ...rules);

const passes = (name: string, test: (value: unknown) => boolean, message: string) =>
  ValidateBy({ name, validator: { validate: test } }, { message });

/** Null, or what the other decorators say. */
export const OrNull = () =>
  described(
    { nullable: true },
    ValidateIf((_object, value) => value !== null),
  );

/** Missing, or what the other decorators say. */
export const Missing = () =>
  described(
    { required: false },
    ValidateIf((_object, value) => value !== undefined),
  );

export const Id = () =>
  described(
    { type: 'string', pattern: ID.source },
    passes('id', (v) => typeof v === 'string' && ID.test(v), 'an id of 1–64 letters, digits, - _ .'),
  );

/** The name of a stored picture: a plain file name, so that it can lead nowhere else. */
const FILE = /^[A-Za-z0-9_-]{1,80}\.(jpg|jpeg|png|webp)$/;

export const isFileName = (value: unknown): boolean => typeof value === 'string' && FILE.test(value);

export const FileName = () =>
  described(
    { type: 'string', pattern: FILE.source },
    passes('fileName', isFileName, 'the name of a picture: letters, digits, - and _, ending in .jpg, .png or .webp'),
  );

export const Ids = (most: number) =>
  described(
    { type: 'array', items: { type: 'string', pattern: ID.source }, minItems: 1, maxItems: most },
    IsArray({ message: 'a list of ids' }),
    ArrayMinSize(1, { message: 'at least one id' }),
    ArrayMaxSize(most, { message: `at most ${String(most)} ids` }),
    passes('ids', (v) => Array.isArray(v) && v.every((id) => typeof id === 'string' && ID.test(id)), 'ids of 1–64 letters, digits, - _ .'),
  );

export const Name = () =>
  described(
    { type: 'string', minLength: 1, maxLength: LONGEST_NAME },
    IsString({ message: 'text' }),
    Matches(/\S/, { message: 'at least one letter' }),
    MaxLength(LONGEST_NAME, { message: `at most ${String(LONGEST_NAME)} characters` }),
  );

export const Text = () =>
  described(
    { type: 'string', maxLength: LONGEST_TEXT },
    IsString({ message: 'text' }),
    MaxLength(LONGEST_TEXT, { message: `at most ${String(LONGEST_TEXT)} characters` }),
  );

const isNumber = (message: string) => IsNumber({ allowNaN: false, allowInfinity: false }, { message });
const range = (least: number, most: number) => [
  Min(least, { message: `${String(least)} or more` }),
  Max(most, { message: `${String(most)} or less` }),
];

export const Between = (least: number, most: number) =>
  described(
    { type: 'number', minimum: least, maximum: most },
    isNumber(`a number from ${String(least)} to ${String(most)}`),
    ...range(least, most),
  );

export const Whole = (least: number, most: number) =>
  described(
    { type: 'integer', minimum: least, maximum: most },
    IsInt({ message: `a whole number from ${String(least)} to ${String(most)}` }),
    ...range(least, most),
  );

export const YesNo = () => described({ type: 'boolean' }, IsBoolean({ message: 'true or false' }));

/** One of a few words. */
export const OneWord = (words: readonly string[]) =>
  described({ type: 'string', enum: [...words] }, IsIn(words, { message: `one of ${words.join(', ')}` }));

/** One of a few numbers. */
export const OneNumber = (numbers: readonly number[]) =>
  described({ type: 'integer', enum: [...numbers] }, IsIn(numbers, { message: `one of ${numbers.join(', ')}` }));

export const Colour = () =>
  described(
    { type: 'string', pattern: HEX.source },
    passes('colour', (v) => typeof v === 'string' && HEX.test(v), 'a colour as #rrggbb'),
  );

const text = (test: (value: string) => boolean) => (value: unknown) => typeof value === 'string' && test(value);

/** Days that a plan can reckon with; a slip of the finger must not send it to the end of time. */
const REACH = `from ${FIRST_DAY} to ${LAST_DAY}`;
const inReach = (test: (value: string) => boolean) => text((value) => test(value) && isWithinReach(value.slice(0, 10)));

export const Day = () => described({ type: 'string', format: 'date' }, passes('day', text(isWithinReach), `a day as YYYY-MM-DD, ${REACH}`));
export const Clock = () =>
  described({ type: 'string', pattern: '^([01]\\d|2[0-3]):[0-5]\\d$' }, passes('clock', text(isClock), 'a time as HH:mm'));
export const LocalDateTime = () =>
  described(
    { type: 'string', pattern: '^\\d{4}-\\d{2}-\\d{2}T([01]\\d|2[0-3]):[0-5]\\d$' },
    passes('localDateTime', inReach(isLocalDateTime), `a time as YYYY-MM-DDTHH:mm, ${REACH}`),
  );

export const LocalMoment = () =>
  described(
    { type: 'string', pattern: '^\\d{4}-\\d{2}-\\d{2}T([01]\\d|2[0-3])(:[0-5]\\d){2}$' },
    passes('moment', inReach(isMoment), `a time as YYYY-MM-DDTHH:mm:ss, ${REACH}`),
  );

/** A step as it is done: its id, and the round behind it from the second on. */
const STEP = /^[A-Za-z0-9_.-]{1,64}(~\d{1,2})?$/;

export const StepName = () =>
  described(
    { type: 'string', pattern: STEP.source },
    passes(
      'stepName',
      text((v) => STEP.test(v)),
      'the id of a step, with ~ and its round',
    ),
  );

/** A list of objects of one class. */
export const ListOf = (type: () => Shape, most = MOST_ITEMS) =>
  described(
    { type: () => [type()], maxItems: most },
    IsArray({ message: 'a list' }),
    ArrayMaxSize(most, { message: `at most ${String(most)} entries` }),
    holds(type, true),
  );

/** One object of a class. */
export const OneOf = (type: () => Shape) =>
  described(
    // Swagger knows a lazy class by the function's name, which must be `type`
    { type: () => type() },
    passes('object', (v) => typeof v === 'object' && v !== null && !Array.isArray(v), 'an object'),
    holds(type, false),
  );

export const Words = (most = 50) =>
  described(
    { type: 'array', items: { type: 'string', maxLength: LONGEST_NAME }, maxItems: most },
    IsArray({ message: 'a list of texts' }),
    ArrayMaxSize(most, { message: `at most ${String(most)} entries` }),
    IsString({ each: true, message: 'texts' }),
    MaxLength(LONGEST_NAME, { each: true, message: `texts of at most ${String(LONGEST_NAME)} characters` }),
  );

const isNear = (mm: unknown): boolean => typeof mm === 'number' && Math.abs(mm) <= FARTHEST_MM;
const isPoint = (value: unknown): boolean =>
  typeof value === 'object' && value !== null && Object.keys(value).sort().join() === 'xMm,yMm' && Object.values(value).every(isNear);
const isRow = (value: unknown, least: number): boolean =>
  Array.isArray(value) && value.length >= least && value.length <= MOST_CORNERS && value.every(isPoint);

const mm = { type: 'number', minimum: -FARTHEST_MM, maximum: FARTHEST_MM };
const row = (least: number) => ({
  type: 'array' as const,
  minItems: least,
  maxItems: MOST_CORNERS,
  items: { type: 'object', properties: { xMm: mm, yMm: mm }, required: ['xMm', 'yMm'], additionalProperties: false },
});
const points = (least: number): string =>
  `${String(least)} to ${String(MOST_CORNERS)} points { xMm, yMm } from -${String(FARTHEST_MM)} to ${String(FARTHEST_MM)}`;

/** So few corners hold a surface; so few points make a line. */
const [LEAST_CORNERS, LEAST_OF_LINE] = [3, 2];

/** The corners of a surface that is drawn; they are looked at as a whole, as there may be thousands of them. */
export const Outline = () =>
  described(
    row(LEAST_CORNERS),
    passes('outline', (v) => isRow(v, LEAST_CORNERS), points(LEAST_CORNERS)),
  );

const rows = (least: number, most: number) =>
  described(
    { type: 'array', maxItems: most, items: row(least) },
    passes(
      'outlines',
      (v) => Array.isArray(v) && v.length <= most && v.every((one) => isRow(one, least)),
      `at most ${String(most)} lists of ${points(least)}`,
    ),
  );
export const Outlines = (most: number) => rows(LEAST_CORNERS, most);
export const Lines = (most: number) => rows(LEAST_OF_LINE, most);

/** Some of these numbers, each once, and one of them at least. */
export const SomeOf = (allowed: readonly number[]) =>
  described(
    { type: 'array', items: { type: 'number', enum: [...allowed] }, minItems: 1, uniqueItems: true },
    passes(
      'someOf',
      (v) => Array.isArray(v) && v.length > 0 && new Set(v).size === v.length && v.every((one) => allowed.includes(one as number)),
      `at least one of ${allowed.join(', ')}, each once`,
    ),
  );

/** Any of the words, each once; none of them, too. */
export const SomeWords = (allowed: readonly string[]) =>
  described(
    { type: 'array', items: { type: 'string', enum: [...allowed] }, uniqueItems: true },
    passes(
      'someWords',
      (v) => Array.isArray(v) && new Set(v).size === v.length && v.every((one) => allowed.includes(one as string)),
      `some of ${allowed.join(', ')}, each once`,
    ),
  );

/** So many numbers at most, each within bounds. */
export const Numbers = (least: number, most: number, mostItems: number) =>
  described(
    { type: 'array', items: { type: 'number', minimum: least, maximum: most }, maxItems: mostItems },
    passes(
      'numbers',
      (v) => Array.isArray(v) && v.length <= mostItems && v.every((one) => typeof one === 'number' && one >= least && one <= most),
      `at most ${String(mostItems)} numbers of ${String(least)}–${String(most)}`,
    ),
  );

export const Shaped = (name: string, schema: ApiPropertyOptions, test: (value: unknown) => boolean, message: string) =>
  described(schema, passes(name, test, message));
