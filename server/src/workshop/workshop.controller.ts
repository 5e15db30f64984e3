import { Body, Controller, Get, Put } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { Writes } from '../database/writes.js';
import { workshopFaults } from '@eveningtide/core/plan-file';
import { StaleWriteException } from '../http/errors.js';
import { cameThrough } from '../http/repeat.js';
import { refuseFaults } from '../validation/faults.js';
import { SaveWorkshopDto } from './workshop.dto.js';
import { WorkshopStore, type StoredWorkshop } from './workshop.store.js';

@ApiTags('workshop')
@Controller('api/workshop')
export class WorkshopController {
  constructor(
    private readonly writes: Writes,
    private readonly store: WorkshopStore,
  ) {}

  @Get()
  @ApiOperation({ summary: 'Evenings, climate and habits of the bench' })
  read(): Promise<StoredWorkshop> {
    return this.store.read();
  }

  @Put()
  @ApiOperation({ summary: 'Save the workshop; a stale version is refused with 409 and what is stored' })
  save(@Body() body: SaveWorkshopDto): Promise<StoredWorkshop> {
    refuseFaults(workshopFaults('workshop', body.workshop));
    return this.writes.transaction(async (transaction) => {
      const stored = await this.store.read(transaction);
      if (cameThrough({ version: stored.version, thing: stored.workshop }, body.version, body.workshop)) return stored;
      if (stored.version !== body.version) throw new StaleWriteException('The workshop', body.version, stored);
      await this.store.write(body.workshop, body.version + 1, transaction);
      await this.store.forgetPlaces(body.workshop, transaction);
      return { version: body.version + 1, workshop: body.workshop };
    });
  }
}
