import { Controller, Delete, Get, HttpCode, Param, Post } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { BinService, type Deleted } from './bin.service.js';

@ApiTags('recently deleted')
@Controller('api/deleted')
export class BinController {
  constructor(private readonly bin: BinService) {}

  @Get()
  @ApiOperation({ summary: 'What was deleted in the last thirty days, the newest first' })
  all(): Promise<Deleted[]> {
    return this.bin.all();
  }

  @Post(':kind/:id/restore')
  @HttpCode(204)
  @ApiOperation({ summary: 'Bring it back, to the steps that used it as well' })
  restore(@Param('kind') kind: string, @Param('id') id: string): Promise<void> {
    return this.bin.restore(kind, id);
  }

  @Delete(':kind/:id')
  @HttpCode(204)
  @ApiOperation({ summary: 'Let it go for good' })
  forget(@Param('kind') kind: string, @Param('id') id: string): Promise<void> {
    return this.bin.forget(kind, id);
  }
}
