import { Body, Controller, Delete, Get, Header, HttpCode, Param, Post, Put } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { SavePieceDto } from './piece.dto.js';
import { PiecesService } from './pieces.service.js';
import type { StoredPiece } from './pieces.store.js';

@ApiTags('pieces')
@Controller('api/pieces')
export class PiecesController {
  constructor(private readonly pieces: PiecesService) {}

  @Get()
  @ApiOperation({ summary: 'All pieces with their versions, in the order they were made' })
  @Header('Content-Type', 'application/json; charset=utf-8')
  all(): Promise<string> {
    return this.pieces.all();
  }

  @Get(':id')
  @ApiOperation({ summary: 'One piece' })
  one(@Param('id') id: string): Promise<StoredPiece> {
    return this.pieces.one(id);
  }

  @Put(':id')
  @ApiOperation({
    summary: 'Save a piece whole: version 0 makes it; a version that is not the stored one is refused with 409 and what is stored',
  })
  save(@Param('id') id: string, @Body() body: SavePieceDto): Promise<StoredPiece> {
    return this.pieces.save(id, body.version, body.piece);
  }

  @Delete(':id')
  @HttpCode(204)
  @ApiOperation({ summary: 'Put a piece aside' })
  remove(@Param('id') id: string): Promise<void> {
    return this.pieces.remove(id);
  }

  @Post(':id/restore')
  @HttpCode(200)
  @ApiOperation({ summary: 'Bring a piece back' })
  restore(@Param('id') id: string): Promise<StoredPiece> {
    return this.pieces.restore(id);
  }
}
