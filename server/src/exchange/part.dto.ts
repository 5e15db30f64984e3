import { MOST_AT_ONCE } from '@eveningtide/core/limits';
import { keptListOf } from '@eveningtide/core/kept';
import { CHOICES, PART_FORMAT, PART_KEYS, PLAN_VERSION, type Choice, type PartKey } from '@eveningtide/core/plan-file';
import { servedOf } from '../kept/registry.js';
import { Id, ListOf, OneOf, OneWord, Whole } from '../validation/rules.js';

/** The shape of a file with one thing to pass on. */
export class PartFileDto {
  @OneWord([PART_FORMAT]) format: typeof PART_FORMAT;
  @Whole(1, PLAN_VERSION) version: number;
}

for (const key of PART_KEYS) ListOf(() => servedOf(key).dto, keptListOf(key).most)(PartFileDto.prototype, key);

/** What is done with one thing of the file that is here already, and otherwise. */
class ChoiceDto {
  @OneWord(PART_KEYS) list: PartKey;
  @Id() id: string;
  @OneWord(CHOICES) choice: Choice;
}

/** A file to be added, and what was chosen. The file is brought up to this version before its shape is checked. */
export class ChoicesDto {
  @ListOf(() => ChoiceDto, MOST_AT_ONCE) choices: ChoiceDto[];
}

/** As it is described to who asks over the network. */
export class AddPartDto extends ChoicesDto {
  @OneOf(() => PartFileDto) part: PartFileDto;
}
