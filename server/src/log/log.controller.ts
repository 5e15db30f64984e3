import { Body, Controller, Delete, Get, Header, HttpCode, Param, Put } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { SaveLogEntryDto } from './log-entry.dto.js';
import { LogService } from './log.service.js';
import type { StoredEntry } from './log.store.js';

@ApiTags('log')
@Controller('api/log')
export class LogController {
  constructor(private readonly log: LogService) {}

  @Get()
  @ApiOperation({ summary: 'What was done, oldest first' })
  @Header('Content-Type', 'application/json; charset=utf-8')
  all(): Promise<string> {
    return this.log.all();
  }

  @Put(':id')
  @ApiOperation({
    summary: 'Write an entry: version 0 makes it; the same again changes nothing; a sitting that is written already is refused with 409',
  })
  save(@Param('id') id: string, @Body() body: SaveLogEntryDto): Promise<StoredEntry> {
    return this.log.save(id, body.version, body.entry);
  }

  @Delete(':id')
  @HttpCode(204)
  @ApiOperation({ summary: 'Take an entry back' })
  remove(@Param('id') id: string): Promise<void> {
    return this.log.remove(id);
  }
}
