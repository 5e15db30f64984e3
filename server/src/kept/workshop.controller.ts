import { Body, Controller, Get, Put } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { KEPT_ONES } from '@eveningtide/core/kept';
import { openRows } from '../database/rows.js';
import { Writes } from '../database/writes.js';
import { StaleWriteException } from '../http/errors.js';
import { cameThrough } from '../http/repeat.js';
import { refuseFaults } from '../validation/faults.js';
import { SaveWorkshopDto } from './workshop.dto.js';
import { forgetPlaces, readWorkshop, writeWorkshop, type StoredWorkshop } from './workshop.row.js';

@ApiTags('workshop')
@Controller('api/workshop')
export class WorkshopController {
  constructor(private readonly writes: Writes) {}

  @Get()
  @ApiOperation({ summary: 'Evenings, climate and habits of the bench' })
  read(): Promise<StoredWorkshop> {
    return readWorkshop(openRows());
  }

  @Put()
  @ApiOperation({ summary: 'Save the workshop; a stale version is refused with 409 and what is stored' })
  save(@Body() { version, workshop }: SaveWorkshopDto): Promise<StoredWorkshop> {
    refuseFaults(KEPT_ONES.workshop.faults('workshop', workshop));
    return this.writes.transaction(async (transaction) => {
      const stored = await readWorkshop(openRows(transaction));
      if (cameThrough({ version: stored.version, thing: stored.workshop }, version, workshop)) return stored;
      if (stored.version !== version) throw new StaleWriteException('The workshop', version, stored);
      await writeWorkshop(workshop, version + 1, transaction);
      await forgetPlaces(workshop, transaction);
      return { version: version + 1, workshop };
    });
  }
}
