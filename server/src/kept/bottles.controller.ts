import { Body, Controller, Put } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { MOST_AT_ONCE } from '@eveningtide/core/limits';
import type { Stored } from '@eveningtide/core/kept';
import { Writes } from '../database/writes.js';
import { ListOf, Missing } from '../validation/rules.js';
import { KeptService, type Answer } from './kept.service.js';
import { saveShape } from './save-shape.js';

/** Several bottles at once, with the materials of one's own that they are of: all are saved, or none. */
class SaveBottlesDto {
  @ListOf(() => saveShape('bottles'), MOST_AT_ONCE) bottles: Stored<'bottles'>[];
  @Missing() @ListOf(() => saveShape('materials'), MOST_AT_ONCE) materials?: Stored<'materials'>[];
}

/** What a shelf file brings. */
@ApiTags('bottles')
@Controller('api/bottles')
export class BottlesController {
  constructor(
    private readonly writes: Writes,
    private readonly kept: KeptService,
  ) {}

  @Put()
  @ApiOperation({ summary: 'Save several bottles in one go, with the materials they are of: all of them, or none' })
  saveAll(@Body() { bottles, materials = [] }: SaveBottlesDto): Promise<Answer[]> {
    return this.writes.transaction(async (transaction) => {
      const at = (list: string, i: number, one: string): string => `${list}[${String(i)}].${one}`;
      for (const [i, { version, material }] of materials.entries())
        await this.kept.saveIn(transaction, 'materials', [{ version, thing: material, path: at('materials', i, 'material') }]);
      const sent = bottles.map(({ version, bottle }, i) => ({ version, thing: bottle, path: at('bottles', i, 'bottle') }));
      return this.kept.saveIn(transaction, 'bottles', sent);
    });
  }
}
