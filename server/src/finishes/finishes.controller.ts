import { Body, Controller, Delete, Get, HttpCode, Param, Put } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { SaveFinishDto } from './finish.dto.js';
import { FinishesService } from './finishes.service.js';
import type { StoredFinish } from './finishes.store.js';

@ApiTags('finishes')
@Controller('api/finishes')
export class FinishesController {
  constructor(private readonly finishes: FinishesService) {}

  @Get()
  @ApiOperation({ summary: 'All saved finishes with all their versions' })
  all(): Promise<StoredFinish[]> {
    return this.finishes.all();
  }

  @Put(':id')
  @ApiOperation({ summary: 'Save a finish whole: version 0 makes it; a stale version is refused with 409' })
  save(@Param('id') id: string, @Body() body: SaveFinishDto): Promise<StoredFinish> {
    return this.finishes.save(id, body.version, body.finish);
  }

  @Delete(':id')
  @HttpCode(204)
  @ApiOperation({ summary: 'Take a finish away; pieces keep the steps they got from it' })
  remove(@Param('id') id: string): Promise<void> {
    return this.finishes.remove(id);
  }
}
