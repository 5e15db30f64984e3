import { Body, Controller, Get, Header, HttpCode, Post, Put, Query } from '@nestjs/common';
import { ApiBody, ApiOperation, ApiTags } from '@nestjs/swagger';
import { isWithinReach } from '@eveningtide/core/units';
import type { PlanFile } from '@eveningtide/core/plan-file';
import { FaultsException } from '../validation/faults.js';
import { shown } from '../validation/shown.js';
import { ExchangeService, type AddReport, type ImportReport } from './exchange.service.js';
import { AddPartDto } from './part.dto.js';
import { PlanFileDto } from '../plan-file/plan-file.dto.js';

@ApiTags('plan file')
@Controller('api/plan-file')
export class ExchangeController {
  constructor(private readonly exchange: ExchangeService) {}

  @Get()
  @Header('Content-Disposition', 'attachment; filename="workshop.eveningtide.json"')
  @ApiOperation({ summary: 'Everything that is kept, as an open plan file' })
  export(): Promise<PlanFile> {
    return this.exchange.export();
  }

  @Post('add')
  @HttpCode(200)
  @ApiOperation({ summary: 'Add one thing from a file of its own, with all that it points to; a file with a fault is refused whole' })
  @ApiBody({ type: AddPartDto })
  add(@Body() body: Record<string, unknown>): Promise<AddReport> {
    return this.exchange.add(body['part'], body['choices'] ?? []);
  }

  @Put()
  @HttpCode(200)
  @ApiOperation({ summary: 'Replace everything by a plan file; a file with a fault is refused whole, with the place named' })
  @ApiBody({ type: PlanFileDto })
  import(@Body() file: Record<string, unknown>, @Query('today') today: unknown): Promise<ImportReport> {
    if (typeof today !== 'string' || !isWithinReach(today))
      throw new FaultsException([{ path: 'today', value: shown(today), allowed: 'a day as YYYY-MM-DD, from 1950 to 2099' }]);
    return this.exchange.import(file, today);
  }
}
