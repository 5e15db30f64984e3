import { LIST_KEYS, keptListOf } from '@eveningtide/core/kept';
import { PLAN_FORMAT, PLAN_VERSION } from '@eveningtide/core/plan-file';
import { servedOf } from '../kept/registry.js';
import { WorkshopDto } from '../kept/workshop.dto.js';
import { Day, ListOf, OneOf, OneWord, OrNull, Whole } from '../validation/rules.js';

/** The shape of a plan file; its lists are those of the register. */
export class PlanFileDto {
  @OneWord([PLAN_FORMAT]) format: typeof PLAN_FORMAT;
  @Whole(1, PLAN_VERSION) version: number;
  @OrNull() @Day() anchorDate: string | null;
  @OneOf(() => WorkshopDto) workshop: WorkshopDto;
}

for (const key of LIST_KEYS) ListOf(() => servedOf(key).dto, keptListOf(key).most)(PlanFileDto.prototype, key);
