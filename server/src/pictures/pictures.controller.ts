import { existsSync } from 'node:fs';
import { Controller, Get, HttpCode, Param, Post, Req, Res } from '@nestjs/common';
import { ApiBody, ApiConsumes, ApiOperation, ApiTags } from '@nestjs/swagger';
import type { Request, Response } from 'express';
import { bodyOf } from '../http/body.js';
import { screenIdOf } from '../http/screen-id.js';
import { notFound } from '../http/errors.js';
import { isFileName } from '../validation/rules.js';
import { PicturesService, type StoredPicture } from './pictures.service.js';

const MOST_BYTES = 25_000_000;
const YEAR_S = 365 * 24 * 60 * 60;

@ApiTags('pictures')
@Controller('api/pictures')
export class PicturesController {
  constructor(private readonly pictures: PicturesService) {}

  @Post()
  @HttpCode(201)
  @ApiConsumes('image/jpeg', 'image/png', 'image/webp')
  @ApiBody({ schema: { type: 'string', format: 'binary' } })
  @ApiOperation({ summary: 'Store a photograph; answers its name, size and the date the camera wrote' })
  async store(@Req() request: Request): Promise<StoredPicture> {
    return this.pictures.store(await bodyOf(request, MOST_BYTES, 'The picture'));
  }

  @Get(':fileName')
  @ApiOperation({ summary: 'A stored photograph' })
  read(@Param('fileName') fileName: string, @Res() response: Response): void {
    if (!isFileName(fileName) || !existsSync(this.pictures.pathOf(fileName))) throw notFound('picture', fileName);
    // its name is its content: it never changes; but nothing of the bench stays in a browser that may be sent away
    const isHere = screenIdOf(response) === null;
    response.setHeader('Cache-Control', isHere ? `private, max-age=${String(YEAR_S)}, immutable` : 'no-store');
    response.sendFile(fileName, { root: this.pictures.folder });
  }
}
