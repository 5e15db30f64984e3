import { Controller, HttpCode, Param, Post } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { KeptService, type Answer } from '../kept/kept.service.js';
import { BinService } from './bin.service.js';

/** The short way back for a piece. */
@ApiTags('pieces')
@Controller('api/pieces')
export class PiecesRestoreController {
  constructor(
    private readonly bin: BinService,
    private readonly kept: KeptService,
  ) {}

  @Post(':id/restore')
  @HttpCode(200)
  @ApiOperation({ summary: 'Bring a piece back' })
  async restore(@Param('id') id: string): Promise<Answer> {
    await this.bin.restore('piece', id);
    return this.kept.one('pieces', id);
  }
}
