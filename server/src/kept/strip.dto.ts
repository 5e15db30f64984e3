import { LONGEST_STRIP_MM, MOST_COUNT, MOST_OFFCUTS, THICKEST_STRIP_MM } from '@eveningtide/core/limits';
import type { Strip } from '@eveningtide/core/cutting';
import { Between, Id, Name, Numbers, Whole } from '../validation/rules.js';

export class StripDto implements Strip {
  @Id() id: string;
  @Name() name: string;
  @Between(0.1, THICKEST_STRIP_MM) widthMm: number;
  @Between(0.1, THICKEST_STRIP_MM) heightMm: number;
  @Between(1, LONGEST_STRIP_MM) lengthMm: number;
  @Whole(0, MOST_COUNT) have: number;
  @Numbers(0.1, LONGEST_STRIP_MM, MOST_OFFCUTS) offcutsMm: number[];
}
