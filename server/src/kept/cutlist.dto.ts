import { FACES, MEASURED_ON, type Bin, type CutLine, type CutList, type Face, type MeasuredOn } from '@eveningtide/core/cutting';
import {
  LEAST_RATIO,
  MOST_RATIO,
  LONGEST_STRIP_MM,
  MOST_BOARDS,
  MOST_COUNT,
  MOST_CUT_LINES,
  THICKEST_STRIP_MM,
} from '@eveningtide/core/limits';
import { Between, Day, Id, ListOf, Name, OneOf, OneWord, OrNull, SomeWords, Text, Whole } from '../validation/rules.js';

/** A full-size length is at most what fits on a strip at the smallest scale. */
const LONGEST_MM = LONGEST_STRIP_MM * 1000;

export class CutLineDto implements CutLine {
  @Id() id: string;
  @Name() name: string;
  @Id() stripId: string;
  @Between(0.01, LONGEST_MM) lengthMm: number;
  @OneWord(MEASURED_ON) of: MeasuredOn;
  @Whole(0, MOST_COUNT) count: number;
  @Whole(1, MOST_BOARDS) boardsWide: number;
  @Whole(1, MOST_BOARDS) boardsHigh: number;
  @SomeWords(FACES) seen: Face[];
  @Whole(0, MOST_BOARDS) bands: number;
}

export class BinDto implements Bin {
  @Between(0.1, LONGEST_STRIP_MM) widthMm: number;
  @Between(0.1, LONGEST_STRIP_MM) heightMm: number;
  @Between(0.1, LONGEST_STRIP_MM) depthMm: number;
}

export class CutlistDto implements CutList {
  @Id() id: string;
  @Name() name: string;
  @Between(LEAST_RATIO, MOST_RATIO) scaleRatio: number;
  @Between(0, THICKEST_STRIP_MM) kerfMm: number;
  @ListOf(() => CutLineDto, MOST_CUT_LINES) lines: CutLineDto[];
  @OrNull() @OneOf(() => BinDto) bin: BinDto | null;
  @Text() note: string;
  @OrNull() @Day() cutOn: string | null;
}
