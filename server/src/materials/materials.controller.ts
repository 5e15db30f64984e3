import { Body, Controller, Delete, Get, HttpCode, Param, Put } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { SaveMaterialDto } from './material.dto.js';
import { MaterialsService } from './materials.service.js';
import type { StoredMaterial } from './materials.store.js';

@ApiTags('materials')
@Controller('api/materials')
export class MaterialsController {
  constructor(private readonly materials: MaterialsService) {}

  @Get()
  @ApiOperation({ summary: 'Materials of the painter’s own, on top of the catalogue' })
  all(): Promise<StoredMaterial[]> {
    return this.materials.all();
  }

  @Put(':id')
  @ApiOperation({ summary: 'Save a material: version 0 makes it; a stale version is refused with 409' })
  save(@Param('id') id: string, @Body() body: SaveMaterialDto): Promise<StoredMaterial> {
    return this.materials.save(id, body.version, body.material);
  }

  @Delete(':id')
  @HttpCode(204)
  @ApiOperation({ summary: 'Take a material away; refused with 409 while bottles or steps name it' })
  remove(@Param('id') id: string): Promise<void> {
    return this.materials.remove(id);
  }
}
