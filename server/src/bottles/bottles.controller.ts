import { Body, Controller, Delete, Get, HttpCode, Param, Put } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { SaveBottleDto, SaveBottlesDto } from './bottle.dto.js';
import { BottlesService } from './bottles.service.js';
import type { StoredBottle } from './bottles.store.js';

@ApiTags('bottles')
@Controller('api/bottles')
export class BottlesController {
  constructor(private readonly bottles: BottlesService) {}

  @Get()
  @ApiOperation({ summary: 'All bottles on the shelf' })
  all(): Promise<StoredBottle[]> {
    return this.bottles.all();
  }

  @Put()
  @ApiOperation({ summary: 'Save several bottles in one go, with the materials they are of: all of them, or none' })
  saveAll(@Body() { bottles, materials = [] }: SaveBottlesDto): Promise<StoredBottle[]> {
    return this.bottles.saveAll(bottles, materials);
  }

  @Put(':id')
  @ApiOperation({ summary: 'Save a bottle: version 0 makes it; a stale version is refused with 409' })
  save(@Param('id') id: string, @Body() body: SaveBottleDto): Promise<StoredBottle> {
    return this.bottles.save(id, body.version, body.bottle);
  }

  @Delete(':id')
  @HttpCode(204)
  @ApiOperation({ summary: 'Take a bottle off the shelf' })
  remove(@Param('id') id: string): Promise<void> {
    return this.bottles.remove(id);
  }
}
