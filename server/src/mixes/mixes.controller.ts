import { Body, Controller, Delete, Get, HttpCode, Param, Put } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { SaveMixDto } from './mix.dto.js';
import { MixesService } from './mixes.service.js';
import type { StoredMix } from './mixes.store.js';

@ApiTags('mixes')
@Controller('api/mixes')
export class MixesController {
  constructor(private readonly mixes: MixesService) {}

  @Get()
  @ApiOperation({ summary: 'All mixes: recipes, and cups that were made' })
  all(): Promise<StoredMix[]> {
    return this.mixes.all();
  }

  @Put(':id')
  @ApiOperation({ summary: 'Save a mix: version 0 makes it; a stale version is refused with 409' })
  save(@Param('id') id: string, @Body() body: SaveMixDto): Promise<StoredMix> {
    return this.mixes.save(id, body.version, body.mix);
  }

  @Delete(':id')
  @HttpCode(204)
  @ApiOperation({ summary: 'Take a mix away; steps keep what they got from it' })
  remove(@Param('id') id: string): Promise<void> {
    return this.mixes.remove(id);
  }
}
