import { createWriteStream } from 'node:fs';
import { copyFile } from 'node:fs/promises';
import { join } from 'node:path';
import { pipeline } from 'node:stream/promises';
import { Controller, Get, HttpCode, Param, Post, Put, Req, Res } from '@nestjs/common';
import { ApiBody, ApiConsumes, ApiOperation, ApiTags } from '@nestjs/swagger';
import type { Request, Response } from 'express';
import { DataPlaces } from '../data/data-places.js';
import { limitedBody } from '../http/body.js';
import { inWorkFolder } from './archive.js';
import { BackupsService, type Backup } from './backups.service.js';

/** Thousands of photographs; a guard for the disk, no more. */
const MOST_BYTES = 4_000_000_000;

@ApiTags('backups')
@Controller('api/backups')
export class BackupsController {
  constructor(
    private readonly backups: BackupsService,
    private readonly places: DataPlaces,
  ) {}

  @Get()
  @ApiOperation({ summary: 'The backups that are kept, the newest first' })
  all(): Promise<Backup[]> {
    return this.backups.all();
  }

  @Post()
  @HttpCode(201)
  @ApiOperation({ summary: 'Make a backup now: database and pictures in one file' })
  make(): Promise<Backup> {
    return this.backups.make();
  }

  @Put()
  @HttpCode(204)
  @ApiConsumes('application/gzip')
  @ApiBody({ schema: { type: 'string', format: 'binary' } })
  @ApiOperation({ summary: 'Put everything back from a backup file that is sent; a broken one changes nothing' })
  restoreSent(@Req() request: Request): Promise<void> {
    return inWorkFolder(this.places, async (folder) => {
      const file = join(folder, 'sent.tar.gz');
      await pipeline(limitedBody(request, MOST_BYTES, 'The backup'), createWriteStream(file));
      await this.backups.restore(file);
    });
  }

  @Get(':name')
  @ApiOperation({ summary: 'A backup as a file' })
  read(@Param('name') name: string, @Res() response: Response): void {
    this.backups.pathOf(name);
    response.attachment(name);
    response.sendFile(name, { root: this.places.backups });
  }

  @Post(':name/restore')
  @HttpCode(204)
  @ApiOperation({ summary: 'Put everything back as a kept backup has it' })
  restoreKept(@Param('name') name: string): Promise<void> {
    return inWorkFolder(this.places, async (folder) => {
      const file = join(folder, 'kept.tar.gz');
      // what is there now is backed up first, and that may let an old backup go: this very one
      await copyFile(this.backups.pathOf(name), file);
      await this.backups.restore(file);
    });
  }
}
